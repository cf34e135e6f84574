{{-- The day by the hour: which lure leads, how willing the fish are. Needs $hours, none without a date. --}}
@if ($hours)
    @php($draw = new App\Drawing\HoursDrawing($hours, $ribbon ?? null))
    <figure class="by-hour" tabindex="0" role="group" aria-label="The day by the hour, scrollable">
        <svg viewBox="0 0 {{ App\Drawing\HoursDrawing::WIDTH }} {{ App\Drawing\HoursDrawing::HEIGHT }}" role="img" aria-label="The day by the hour: {{ implode('; ',
            array_map(fn ($s) => App\Show\Clock::of($s['at']).' '.App\Show\Word::of($s['lure']), $draw->stretches())) }}">
            <line x1="10" x2="550" y1="{{ $draw->line() }}" y2="{{ $draw->line() }}" class="ribbon-line"/>
            <polyline points="{{ $draw->mood() }}" class="ribbon-sun"/>
            @foreach ($draw->stretches() as $stretch)
                <rect x="{{ $stretch['from'] }}" width="{{ $stretch['width'] }}" y="48" height="13" class="by-hour-lead"/>
                @if ($stretch['width'] > 60)<text x="{{ $stretch['from'] + 4 }}" y="58" class="by-hour-word">{{ App\Show\Word::of($stretch['lure']) }}</text>@endif
            @endforeach
            @foreach ($draw->written() as $hour => $at)<text x="{{ $at }}" y="72" text-anchor="middle" class="by-hour-word">{{ $hour }}</text>@endforeach
        </svg>
        <figcaption class="muted">Which lure leads by the hour, and above it how willing the fish are. Best about {{ App\Show\Clock::of($draw->best()->minute) }}: {{ lcfirst((string) $units->say($draw->best()->why)) }} <a
            class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'W16') }}">because W16</a></figcaption>
    </figure>
@endif
