{{-- The day ribbon: dawn to dusk, the sun's height, low light, what was fished below the line. Every shape stands for a number. --}}
@php($draw = new App\Drawing\RibbonDrawing($ribbon))
<figure class="ribbon" data-from="{{ $ribbon->from }}" data-to="{{ $ribbon->to }}">
<svg viewBox="0 0 {{ App\Drawing\RibbonDrawing::WIDTH }} {{ App\Drawing\RibbonDrawing::HEIGHT }}" role="img" aria-labelledby="{{ $key }}-ribbon-title">
    <title id="{{ $key }}-ribbon-title">The day: sun {{ $ribbon->sunrise === null ? 'not reckoned' : 'up '.App\Show\Clock::of($ribbon->sunrise).($ribbon->sunset === null ? ''
        : ', down '.App\Show\Clock::of($ribbon->sunset)) }}; {{ count($ribbon->fished) }} {{ count($ribbon->fished) === 1 ? 'stint' : 'stints' }} fished.</title>
    <defs><pattern id="{{ $key }}-low" width="5" height="5" patternUnits="userSpaceOnUse"><path d="M0 5 L5 0" class="ribbon-hatch"/></pattern></defs>
    @foreach ($ribbon->low as [$from, $to])
        <rect x="{{ $draw->x($from) }}" width="{{ round($draw->x($to) - $draw->x($from), 1) }}" y="4" height="{{ App\Drawing\RibbonDrawing::LINE - 4 }}"
            fill="url(#{{ $key }}-low)"><title>low light</title></rect>
    @endforeach
    @if ($ribbon->sun)<polyline points="{{ $draw->sun() }}" class="ribbon-sun"/>@endif
    @foreach ($draw->hours() as $hour)
        <line x1="{{ $draw->x($hour) }}" x2="{{ $draw->x($hour) }}" y1="{{ App\Drawing\RibbonDrawing::LINE - 4 }}" y2="{{ App\Drawing\RibbonDrawing::LINE + 4 }}" class="ribbon-tick"/>
        @if ($hour % 180 === 0)<text x="{{ $draw->x($hour) }}" y="{{ App\Drawing\RibbonDrawing::HEIGHT - 4 }}" text-anchor="middle">{{ intdiv($hour, 60) }}</text>@endif
    @endforeach
    <line x1="{{ $draw->x($ribbon->from) }}" x2="{{ $draw->x($ribbon->to) }}" y1="{{ App\Drawing\RibbonDrawing::LINE }}" y2="{{ App\Drawing\RibbonDrawing::LINE }}" class="ribbon-line"/>
    @foreach ($ribbon->planned as $stint)
        <rect x="{{ $draw->x($stint->from) }}" width="{{ max(2, round($draw->x($stint->to) - $draw->x($stint->from), 1)) }}" y="{{ App\Drawing\RibbonDrawing::LINE - 12 }}" height="9"
            class="ribbon-planned"><title>{{ App\Show\Clock::of($stint->from) }} {{ $stint->label }}</title></rect>
    @endforeach
    @foreach ($ribbon->fished as $i => $stint)
        <rect x="{{ $draw->x($stint->from) }}" width="{{ max(2, round($draw->x($stint->to) - $draw->x($stint->from), 1)) }}" y="{{ App\Drawing\RibbonDrawing::LINE + 6 + 9 * ($i % 2) }}" height="7"
            class="ribbon-stint"><title>{{ App\Show\Clock::of($stint->from) }} {{ $stint->label }}</title></rect>
        @foreach ($stint->contacts as $minute)
            <path d="M{{ $draw->x($minute) }} {{ App\Drawing\RibbonDrawing::LINE + 4 + 9 * ($i % 2) }} v11" class="ribbon-contact"/>
        @endforeach
    @endforeach
    @php($rows = $draw->shadeRows())
    @foreach ($ribbon->shades as $shade)
        <rect x="{{ $draw->x($shade->from) }}" width="{{ max(2, round($draw->x($shade->to) - $draw->x($shade->from), 1)) }}" y="{{ $rows[$shade->label] }}" height="3.5"
            class="ribbon-shade"><title>{{ App\Show\Clock::of($shade->from) }} to {{ App\Show\Clock::of($shade->to) }} shade at {{ $shade->label }}</title></rect>
    @endforeach
    @foreach ($ribbon->turns as [$minute, $what])
        <path d="M{{ $draw->x($minute) }} 6 V{{ App\Drawing\RibbonDrawing::LINE + 24 }}" class="ribbon-turn"/><text x="{{ $draw->x($minute) + 3 }}" y="14">{{ $what }}</text>
    @endforeach
    <path d="M0 0 V{{ App\Drawing\RibbonDrawing::LINE + 26 }}" class="ribbon-now" data-now/>
</svg>
<figcaption>sun{{ $ribbon->low ? ', hatched where low' : '' }}; {{ $ribbon->planned ? 'above the line what is planned, ' : '' }}below the line what was fished, a stroke a contact{{ $rows
    ? '; bars: shade '.$units->band(5, 10).' wide at '.implode(', ', array_keys($rows)) : '' }}; wind {{ $units->show('speed', $ribbon->windMph ?? 0) }} {{ $units->word('speed') }}</figcaption>
</figure>
