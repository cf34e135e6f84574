<form method="post" action="{{ route($on ? 'rack.unrig' : 'rack.rig', ['trip' => $trip, 'lure' => $lure->key]) }}">
    @csrf
    @method($on ? 'DELETE' : 'PUT')
    <button type="submit" @class(['act' => ! $on]) aria-label="{{ ($on ? 'Off the rack: ' : 'Rig it: ').$lure->name() }}">{{ $on ? 'Off the rack' : 'Rig it' }}</button>
</form>
