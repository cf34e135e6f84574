{{-- The spread from the side: lines as they hang, the band of the fish, the bottom; in a turn, where each lure goes. --}}
<svg viewBox="0 0 {{ $draw::WIDTH }} {{ $draw::SIDE_HEIGHT }}" role="img" aria-label="The lines from the side{{ $turn ? ' in a turn' : '' }}">
    @foreach ($layers as [$from, $to, $color])
        <rect width="{{ $draw::WIDTH }}" y="{{ $draw->y($from) }}" height="{{ round(($loop->last ? $draw::SIDE_HEIGHT : $draw->y($to)) - $draw->y($from) + 0.7, 1) }}" fill="{{ $color }}"/>
    @endforeach
    <rect class="tow-band" x="0" y="{{ $draw->y($stand->shallowFt) }}" width="{{ $draw::WIDTH }}" height="{{ round($draw->y($stand->deepFt) - $draw->y($stand->shallowFt), 1) }}"/>
    @if (($floor = $draw->bottom()) !== null)
        <polygon class="tow-ground" points="0,{{ $draw::SIDE_HEIGHT }} {{ $floor }} {{ $draw::WIDTH }},{{ $draw::SIDE_HEIGHT }}"/>
        <polyline class="tow-floor" points="{{ $floor }}"/>
    @endif
    @foreach ($draw->depths($draw->step()) as $at)
        <text x="4" y="{{ $draw->y($at) + 4 }}" class="tow-mark">{{ $units->depth($at) }}</text>
        <path class="tow-tick" d="M46 {{ $draw->y($at) }} h8"/>
    @endforeach
    <path class="tow-surface" d="M0 {{ $draw->y(0) }} H{{ $draw::WIDTH }}"/>
    <path class="tow-hull" d="M16 {{ $draw->y(0) - 10 }} h46 v14 h-34 z"/>
    @foreach ($spread->lines as $running)<polyline class="tow-halo" points="{{ $draw->run($running) }}"/><polyline class="tow-line" points="{{ $draw->run($running) }}"/>@endforeach
    @foreach ($spread->lines as $i => $running)
        @php([$x, $y] = $draw->hangs($running))
        @if (($to = $draw->turned($running)) !== null && abs($to - $y) > 3)
            <path class="tow-turned" d="M{{ $x }} {{ $y }} V{{ $to }} m-5 {{ $to < $y ? 6 : -6 }} l5 {{ $to < $y ? -6 : 6 }} l5 {{ $to < $y ? 6 : -6 }}"/>
        @endif
    @endforeach
    @foreach ($draw->together() as [$x, $y, $numbers, $minded])
        <g @class(['tow-lure', 'minded' => $minded]) transform="translate({{ $x }} {{ $y }})"><circle r="5" class="swatch-dot"/><text x="10" y="5" class="tow-depth">{{ $numbers }}</text></g>
    @endforeach
</svg>
<p class="muted">Depths drawn {{ $draw->steeper() }} times as large as lengths. The band is where the fish stand, {{ $units->band($stand->shallowFt, $stand->deepFt) }}; @if ($bottomSaid === null)the bottom is unknown here.@else
    the bottom {{ $bottomSaid }}, {{ $units->depth($ground->behind[0][1]) }} under the boat.@endif</p>
