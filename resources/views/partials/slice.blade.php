{{-- The slice: a drawn section of the water. Every shape stands for a computed number; see OldEddy\Pictures\Slice\Scene. --}}
@php($draw = new App\Drawing\SliceDrawing($scene, $small ?? false, $tall ?? false))
@php($above = $scene->above)
@php([$radiusX, $radiusY] = $draw->circle($scene->reachFt))
@php($radiusUp = $draw->circle($scene->reachFt + $scene->callsFt)[1])
<figure @class(['slice', 'small' => $draw->small, 'tall' => $draw->tall])>
<svg viewBox="0 0 {{ $draw->width }} {{ $draw->height }}" role="img" aria-labelledby="{{ $key }}-title">
    <title id="{{ $key }}-title">{{ $units->say($scene->words()) }}</title>
    <defs>
        <clipPath id="{{ $key }}-water"><polygon points="{{ $draw->water() }}"/></clipPath>
        <path id="{{ $key }}-fish" @if ($draw->tall) transform="scale(1.7)" @endif d="M-7 0q8-5.5 15 0q-7 5.5-15 0zl-5-3.6v7.2z"/>
        @include('partials.ground', ['bottom' => $scene->reading->day->spot->bottom?->value ?? 'unknown'])
    </defs>
    <path d="{{ $draw->clouds() }}" class="sky"/>
    @if ($sun = $draw->sun())
        <circle cx="{{ $sun[0] }}" cy="{{ $sun[1] }}" r="{{ $draw->small ? 5 : 9 }}" class="sun"/>
        @unless ($draw->small)<text x="{{ $sun[0] + 14 }}" y="{{ $sun[1] + 5 }}" class="scale-text">{{ round($above->sunDeg) }}°</text>@endunless
    @endif
    <g clip-path="url(#{{ $key }}-water)">
        @foreach ($scene->layers as [$from, $to, $color])
            <rect width="{{ $draw->width }}" y="{{ $draw->y($from) }}" height="{{ round($draw->y($to) - $draw->y($from) + 0.7, 1) }}" fill="{{ $color }}"/>
        @endforeach
        @if ($shade = $draw->shade())<polygon points="{{ $shade }}" class="wedge"/>@endif
    </g>
    <polygon points="{{ $draw->ground() }}" fill="url(#{{ $key }}-ground)"/>
    <polyline points="{{ $draw->bottom() }}" class="ground"/>
    @foreach ($draw->forms() as $kind => $d)
        <path d="{{ $d }}" class="form {{ $kind }}" @if ($kind === 'trunk')id="{{ $key }}-trunk"@endif/>
        @if ($kind === 'trunk')<use href="#{{ $key }}-trunk" class="form bark"/>@endif
    @endforeach
    <path d="{{ $draw->surface() }}" class="surface"/>
    @if ($level = $scene->reading->day->levelFt)
        <line x1="{{ $draw->x(0) }}" x2="{{ $draw->x($scene->lengthFt) }}" y1="{{ $draw->y($level) }}" y2="{{ $draw->y($level) }}" class="map-level"><title>the map's level</title></line>
    @endif
    <g clip-path="url(#{{ $key }}-water)">
        @foreach ($draw->fish() as [$x, $y])
            <ellipse cx="{{ $x }}" cy="{{ $y }}" rx="{{ $radiusX }}" ry="{{ $radiusY }}" class="strike"/>
            @if ($scene->callsUp())
                <path d="M{{ $x - $radiusX }} {{ $y }}A{{ $radiusX }} {{ $radiusUp }} 0 0 1 {{ $x + $radiusX }} {{ $y }}" class="called"/>
            @endif
        @endforeach
        @if ($scene->lureAt && ! $draw->small)
            @php([$seenX, $seenY] = $draw->circle($scene->sightFt()))
            <ellipse cx="{{ $draw->x($scene->lureAt->distanceFt) }}" cy="{{ $draw->y($scene->lureAt->depthFt) }}" rx="{{ $seenX }}" ry="{{ $seenY }}" class="seen"/>
        @endif
    </g>
    @foreach ($draw->fish() as [$x, $y])
        <use href="#{{ $key }}-fish" x="{{ $x }}" y="{{ $y }}" class="fish-mark"/>
    @endforeach
    @include('partials.angler')
    @if ($scene->path)
        <path d="{{ $draw->lineOut() }}" class="line-out"/>
        @isset($beside)<path d="{{ $draw->beside($beside->setup()->path()) }}" class="path-beside" clip-path="url(#{{ $key }}-water)"/>@endisset
        @php($way = $draw->path())
        <path d="{{ $way }}" class="path-halo"/>
        <path d="{{ $way }}" class="path"/>
        <path d="{{ $draw->inReach() }}" class="in-reach"/>
        <path d="{{ $draw->ticks() }}" class="tick"/>
        @php([$lureX, $lureY, $lureWide, $lureHigh] = $draw->lure())
        <use href="/lures.svg#{{ $scene->lure }}" x="{{ $lureX }}" y="{{ $lureY }}" width="{{ $lureWide }}" height="{{ $lureHigh }}" class="lure"/>
    @endif
    @foreach ($bites ?? [] as $bite)
        <ellipse cx="{{ $draw->x($bite->distanceFt) }}" cy="{{ $draw->y($bite->depthFt) }}" rx="{{ $radiusX }}" ry="{{ $radiusY }}" class="paid"/>
        <circle cx="{{ $draw->x($bite->distanceFt) }}" cy="{{ $draw->y($bite->depthFt) }}" r="4" class="bite"/>
        <text x="{{ $draw->x($bite->distanceFt) }}" y="{{ $draw->line - 8 - 17 * ($loop->index % 4) }}" text-anchor="middle" class="word halo">{{ implode(', ', array_slice($bite->at, 0,
            3)) }}{{ count($bite->at) > 3 ? ' …' : '' }}</text>
    @endforeach
    @if ($draw->small)
        <text x="{{ $draw->width - 3 }}" y="146" text-anchor="end" class="word strong">@if ($scene->secondsInReach !== null){{ App\Show\Units::seconds($scene->secondsInReach) }} in reach @endif</text>
        <text x="3" y="146" class="word">{{ $units->band($scene->bandTopFt, $scene->bandFloorFt) }}</text>
    @else
        @foreach ($draw->depthMarks() as $mark)
            <line x1="{{ $draw->x(0) - 5 }}" x2="{{ $draw->x(0) }}" y1="{{ $draw->y($mark) }}" y2="{{ $draw->y($mark) }}" class="scale"/>
            <text x="{{ $draw->x(0) - 8 }}" y="{{ $draw->y($mark) + 4 }}" text-anchor="end" class="scale-text">{{ $units->mark($mark) }}</text>
        @endforeach
        <text x="4" y="{{ $draw->floor + 4 }}" class="scale-text">{{ $units->word('depth') }}</text>
        @foreach ($draw->lengthMarks() as $mark)
            <line x1="{{ $draw->x($mark) }}" x2="{{ $draw->x($mark) }}" y1="{{ $draw->floor }}" y2="{{ $draw->floor + 5 }}" class="scale"/>
            <text x="{{ $draw->x($mark) - 3 }}" y="{{ $draw->floor + 15 }}" text-anchor="end" class="scale-text">{{ $units->mark($mark) }}</text>
        @endforeach
        @if ($scene->secondsInReach !== null)
            <text x="{{ $draw->saidAt() }}" y="{{ max($draw->line + 14, $lureY - 8) }}" text-anchor="middle" class="word strong halo">{{ App\Show\Units::seconds($scene->secondsInReach) }} in reach</text>
        @endif
    @endif
</svg>
@unless ($draw->small)
<figcaption><span>fish at {{ $units->band($scene->bandTopFt, $scene->bandFloorFt) }}, circles: each moves {{ $units->depth($scene->reachFt) }}{{
    ! $scene->callsUp() ? '' : ', and comes up '.$units->depth($scene->callsFt).' more for this lure' }}</span>
    @if ($scene->silhouetteBelowFt < $scene->depthFt)<span>no color below {{ $units->depth($scene->silhouetteBelowFt) }}</span>@endif
    <span>{{ implode(', ', array_filter([...array_map(fn ($c) => $c->value === 'none' ? '' : $c->words(), $scene->reading->covers),
        ($material = $scene->reading->day->spot->bottom?->words()) ? "{$material} bottom" : null])) }}</span>
    <span>height ×{{ number_format($draw->stretch(), 1) }}{{ $scene->path ? ', a tick every '.max(1, (int) ceil($scene->path->seconds() / 60)).' s' : '' }}{{ $scene->parallel
        ? ', along the edge' : '' }}</span>
    @isset($beside)<span>broken line: {{ $beside->lure->name() }}, {{ App\Show\Units::seconds($beside->setup()->secondsInReach()) }} in reach</span>@endisset</figcaption>
@endunless
</figure>
