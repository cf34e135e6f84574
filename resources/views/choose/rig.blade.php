<form method="post" action="{{ App\Show\Way::to($on ? 'rack.unrig' : 'rack.rig', $trip, $lure->key) }}" {{ App\Log\KeptForm::of($trip, App\Show\RigEntry::of($lure, $color, $on ? null : $setup)) }}>
    @csrf
    @method($on ? 'DELETE' : 'PUT')
    <input type="hidden" name="color" value="{{ $color }}">
    <button type="submit" @class(['act' => ! $on]) aria-label="{{ ($on ? 'Off the rack: ' : 'Rig it: ').$lure->name() }} in {{ App\Show\Word::of($color) }}">{{ $on ? 'Off the rack'
        : 'Rig it' }}</button>
    <p class="muted" role="status" x-text="kept" x-show="kept" x-cloak></p>
</form>
