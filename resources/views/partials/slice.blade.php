{{-- The slice: a section of the water. Every shape stands for a computed number. --}}
@php($draw = new App\Drawing\SliceDrawing($scene))
<figure class="slice">
<svg viewBox="0 0 {{ App\Drawing\SliceDrawing::WIDTH }} {{ App\Drawing\SliceDrawing::HEIGHT }}" role="img" aria-labelledby="{{ $key }}-title">
    <title id="{{ $key }}-title">{{ $title }}</title>
    <defs>
        <pattern id="{{ $key }}-stems" width="7" height="12" patternUnits="userSpaceOnUse"><path d="M2 12 L3 0 M5.5 12 L5 2" class="hatch"/></pattern>
        <pattern id="{{ $key }}-wood" width="12" height="10" patternUnits="userSpaceOnUse"><path d="M0 10 L10 0 M4 10 L4 5 M12 6 L7 3" class="hatch"/></pattern>
        <pattern id="{{ $key }}-mat" width="8" height="5" patternUnits="userSpaceOnUse"><path d="M0 1 H8 M1 4 H6" class="hatch heavy"/></pattern>
        <pattern id="{{ $key }}-pads" width="20" height="8" patternUnits="userSpaceOnUse"><path d="M1 3 H14 M8 3 V8" class="hatch heavy"/></pattern>
        <pattern id="{{ $key }}-rock" width="16" height="10" patternUnits="userSpaceOnUse"><path d="M0 9 L4 2 L9 1 L12 8 Z" class="hatch"/></pattern>
        <pattern id="{{ $key }}-dock" width="6" height="6" patternUnits="userSpaceOnUse"><path d="M0 0 V6 M3 0 V6" class="hatch heavy"/></pattern>
        <pattern id="{{ $key }}-ground" width="9" height="9" patternUnits="userSpaceOnUse"><path d="M0 9 L9 0" class="hatch faint"/></pattern>
        <pattern id="{{ $key }}-fish" width="9" height="9" patternUnits="userSpaceOnUse"><path d="M0 0 L9 9" class="hatch band"/></pattern>
        <clipPath id="{{ $key }}-water"><polygon points="{{ $draw->water() }}"/></clipPath>
    </defs>
    <g clip-path="url(#{{ $key }}-water)">
        @foreach ($scene->layers as [$from, $to, $color])
            <rect x="0" width="{{ App\Drawing\SliceDrawing::WIDTH }}" y="{{ $draw->y($from) }}" height="{{ round($draw->y($to) - $draw->y($from) + 0.7, 1) }}" fill="{{ $color }}"/>
        @endforeach
    </g>
    <polygon points="{{ $draw->ground() }}" fill="url(#{{ $key }}-ground)"/>
    <polyline points="{{ $draw->bottom() }}" class="ground"/>
    @unless ($scene->fishStandDeeper())
    <polygon points="{{ $draw->band($scene->reachFt) }}" class="reach"/>
    <polygon points="{{ $draw->band() }}" class="band-fill" fill="url(#{{ $key }}-fish)"/>
    @endunless
    @foreach ($draw->covers() as $cover)
        <polygon points="{{ $cover['points'] }}" fill="url(#{{ $key }}-{{ $cover['hatch'] }})" class="cover"><title>{{ $cover['name'] }}</title></polygon>
    @endforeach
    <line x1="{{ $draw->x(0) }}" x2="{{ $draw->x($scene->lengthFt) }}" y1="{{ $draw->y(0) }}" y2="{{ $draw->y(0) }}" class="surface"/>
    @foreach ($draw->depthMarks() as $mark)
        <line x1="{{ $draw->x(0) - 5 }}" x2="{{ $draw->x(0) }}" y1="{{ $draw->y($mark) }}" y2="{{ $draw->y($mark) }}" class="scale"/>
        <text x="{{ $draw->x(0) - 8 }}" y="{{ $draw->y($mark) + 4 }}" text-anchor="end" class="scale-text">{{ $units->show('depth', $mark) == (int) $units->show('depth', $mark)
            ? (int) $units->show('depth', $mark) : number_format($units->show('depth', $mark), 1) }}</text>
    @endforeach
    @if ($scene->path)
        <polyline points="{{ $draw->path() }}" class="path-halo"/>
        <polyline points="{{ $draw->path() }}" class="path"/>
        @foreach ($draw->ticks() as [$x, $y])
            <line x1="{{ $x }}" x2="{{ $x }}" y1="{{ $y - 4 }}" y2="{{ $y + 4 }}" class="tick"/>
        @endforeach
    @endif
    <text x="{{ $draw->x(0) }}" y="18" class="word">you</text>
    <text x="{{ $draw->x($scene->lengthFt) }}" y="18" text-anchor="end" class="word">{{ $scene->parallel ? 'along the edge, ' : ($scene->path ? ''
        : 'bank, ') }}{{ $units->depth($scene->lengthFt) }} out</text>
    <text x="{{ $draw->x(0) }}" y="{{ App\Drawing\SliceDrawing::HEIGHT - 22 }}" class="word">{{ $scene->fishStandDeeper() ? 'fish deeper, from '.$units->depth($scene->bandTopFt)
        : 'fish at '.$units->band($scene->bandTopFt, $scene->bandFloorFt).', move '.$units->depth($scene->reachFt) }}</text>
    @if ($scene->secondsInZone !== null)
        <text x="{{ App\Drawing\SliceDrawing::WIDTH - 12 }}" y="{{ App\Drawing\SliceDrawing::HEIGHT - 22 }}" text-anchor="end"
            class="word strong">{{ App\Show\Units::seconds($scene->secondsInZone) }} in reach</text>
    @elseif ($scene->silhouetteBelowFt < $scene->depthFt)
        <text x="{{ App\Drawing\SliceDrawing::WIDTH - 12 }}" y="{{ App\Drawing\SliceDrawing::HEIGHT - 22 }}" text-anchor="end"
            class="word">no color below {{ $units->depth($scene->silhouetteBelowFt) }}</text>
    @endif
    <text x="4" y="{{ App\Drawing\SliceDrawing::HEIGHT - 22 }}" class="scale-text">{{ $units->word('depth') }}</text>
    @if ($scene->covers && $draw->covers())
        <text x="{{ App\Drawing\SliceDrawing::WIDTH - 12 }}" y="{{ App\Drawing\SliceDrawing::HEIGHT - 5 }}" text-anchor="end" class="word">{{ implode(', ', array_column($draw->covers(),
            'name')) }}</text>
    @endif
    @if ($scene->path)
        <text x="{{ $draw->x(0) }}" y="{{ App\Drawing\SliceDrawing::HEIGHT - 5 }}" class="word">a tick every {{ max(1, (int) ceil($scene->path->seconds() / 60)) }} s</text>
    @endif
</svg>
</figure>
