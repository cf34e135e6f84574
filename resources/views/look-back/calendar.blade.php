{{-- The year: a line a month, a stroke a day, as tall as its contacts; a ring for a day without. --}}
<figure class="calendar">
<svg viewBox="0 0 {{ $calendar::WIDTH }} {{ $calendar::height() }}" role="group" aria-label="{{ $calendar->year }}: {{ count($calendar->days) }} {{ count($calendar->days) === 1 ? 'day' : 'days' }}">
    @foreach ($calendar->months() as [$month, $y])
        <text x="6" y="{{ $y }}">{{ $month }}</text><line x1="44" x2="{{ $calendar::WIDTH - 8 }}" y1="{{ $y }}" y2="{{ $y }}" class="calendar-line"/>
    @endforeach
    @foreach ($calendar->written() as $day => $x)<text x="{{ $x }}" y="{{ $calendar::height() - 6 }}" text-anchor="middle">{{ $day }}</text>@endforeach
    @foreach ($calendar->strokes() as $one)
        <a href="{{ route('look-back.day', $one['id']) }}"><title>{{ $one['title'] }}</title><rect x="{{ $one['x'] - 8 }}" y="{{ $one['y'] - 24 }}" width="16" height="28" class="calendar-hit"/>@if ($one['tall'] > 0)<path
            d="M{{ $one['x'] }} {{ $one['y'] }} v-{{ $one['tall'] }}" class="calendar-stroke"/>@if ($one['caught'] > 0)<path d="M{{ $one['x'] }} {{ $one['y'] }} v-{{ $one['caught'] }}"
                class="calendar-caught"/>@endif @else<circle cx="{{ $one['x'] }}" cy="{{ $one['y'] }}" r="3.2" class="calendar-blank"/>@endif</a>
    @endforeach
</svg>
<figcaption>{{ $calendar->year }}: a stroke a day, as tall as its contacts, heavy as far as they were caught; a ring: a day without</figcaption>
</figure>
