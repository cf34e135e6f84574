{{-- The spread from above, to one scale; the boat goes up the page. --}}
@php([$sternX, $sternY] = $draw->stern())
<svg viewBox="0 0 {{ $draw::WIDTH }} {{ $draw->height }}" role="img" aria-label="The lines from above{{ $turn ? ' in a turn' : '' }}" data-feet="{{ round(1 / $draw->foot, 4) }}">
    <path class="tow-hull" d="M{{ $sternX - 8 }} {{ $sternY }} v-20 q8 -22 16 0 v20 z"/>
    @foreach ($spread->lines as $i => $running)
        @php([$tipX, $tipY] = $draw->tip($running))
        @php([$x, $y] = $draw->lure($running))
        @if ($circle = $draw->circle($running))<path class="tow-circle" d="{{ $circle }}"/>@endif
        @if ($running->line->carrier->value === 'board')
            <path class="tow-cord" d="M{{ $sternX }} {{ $sternY - 4 }} L{{ $tipX }} {{ $tipY }}"/>
            <path class="tow-board" d="M{{ $tipX - 4 }} {{ $tipY - 7 }} h8 v14 h-8 z"/>
        @endif
        <path class="tow-line" d="M{{ $tipX }} {{ $tipY }} L{{ $x }} {{ $y }}"/>
        <g @class(['tow-lure', 'minded' => $draw->isMinded($running), 'struck' => in_array($running->line->key, $struck ?? [], true)]) data-line="{{ $running->line->key }}" transform="translate({{ $x }} {{ $y }})">
            <circle r="24" class="tow-hit"/>
            <circle r="11" class="swatch-dot"/>
            <text text-anchor="middle" y="5">{{ $i + 1 }}</text>
            <text text-anchor="middle" y="27" class="tow-depth">{{ $units->depth($draw->runsFt($running)) }}</text>
        </g>
    @endforeach
</svg>
