<form method="post" action="{{ route($on ? 'rack.unrig' : 'rack.rig', ['trip' => $trip, 'lure' => $lure->key]) }}">
    @csrf
    @method($on ? 'DELETE' : 'PUT')
    @isset($color)<input type="hidden" name="color" value="{{ $color }}">@endisset
    <button type="submit" @class(['act' => ! $on]) aria-label="{{ ($on ? 'Off the rack: ' : 'Rig it: ').$lure->name() }}@isset($color) in {{ App\Show\Word::of($color) }}@endisset">{{ $on ? 'Off the rack' : 'Rig it' }}</button>
</form>
