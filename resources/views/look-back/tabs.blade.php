{{-- From one way of looking back to another. --}}
<nav class="tabs" aria-label="Looking back">
    @isset($trip)<a href="{{ route('look-back.day', $trip) }}" @if (request()->routeIs('look-back.day')) aria-current="page" @endif>This day</a>@endisset
    <a href="{{ route('look-back') }}" @if (request()->routeIs('look-back')) aria-current="page" @endif>Logbook</a>
    <a href="{{ route('look-back.season') }}" @if (request()->routeIs('look-back.season')) aria-current="page" @endif>The season</a>
    @isset($trip)<a href="{{ route('before', $trip) }}" @if (request()->routeIs('before')) aria-current="page" @endif>Days like it</a>@endisset
</nav>
