{{-- The cadence strip: the lure's depth over seconds. It can be played: the dot moves, beats are told and counted. --}}
@php($w = 560)
@php($x = fn ($t) => round(8 + ($w - 16) * $t / $strip->seconds, 1))
@php($span = max(0.6, $strip->deepFt - $strip->topFt))
@php($y = fn ($d) => round(14 + 46 * ($d - $strip->topFt) / $span, 1))
<div class="strip" x-data="strip" data-seconds="{{ $strip->seconds }}" data-beats="{{ json_encode($strip->beats) }}" data-points="{{ json_encode(array_map(fn ($p) => [$p[0], $x($p[0]), $y($p[1])], $strip->points)) }}">
    <svg viewBox="0 0 {{ $w }} 92" role="img" aria-label="The retrieve over {{ round($strip->seconds) }} seconds">
        @foreach ($strip->beats as $beat)
            <line x1="{{ $x($beat['from']) }}" x2="{{ $x($beat['from']) }}" y1="8" y2="72" class="strip-beat"/>
            @for ($n = 0; $n < ($beat['count'] ?? 0); $n++)
                <line x1="{{ $x($beat['from'] + ($n + 0.5) * ($beat['to'] - $beat['from']) / $beat['count']) }}" x2="{{ $x($beat['from'] + ($n + 0.5) * ($beat['to'] - $beat['from']) / $beat['count']) }}" y1="60" y2="72" class="strip-stroke"/>
            @endfor
            @if ($x($beat['to']) - $x($beat['from']) > 34)
                <text x="{{ $x($beat['from']) + 3 }}" y="86" class="strip-word">{{ str_replace('_', ' ', $beat['do']) }}@if ($beat['count']) ×{{ $beat['count'] }}@endif</text>
            @endif
        @endforeach
        <polyline points="{{ implode(' ', array_map(fn ($p) => $x($p[0]).','.$y($p[1]), $strip->points)) }}" class="strip-line"/>
        <line x1="8" x2="{{ $w - 8 }}" y1="72" y2="72" class="strip-base"/>
        @for ($s = 0; $s <= $strip->seconds; $s++)<line x1="{{ $x($s) }}" x2="{{ $x($s) }}" y1="69" y2="75" class="strip-base"/>@endfor
        <circle r="6" cx="{{ $x(0) }}" cy="{{ $y($strip->points[0][1]) }}" class="strip-dot" x-ref="dot"/>
    </svg>
    <p class="strip-tools">
        <button type="button" @click="toggle" x-text="label">Play</button>
        <label class="strip-click"><input type="checkbox" x-ref="click"> click</label>
        <output aria-live="off" x-text="told">a tick a second; {{ $units->depth($strip->topFt) }} to {{ $units->depth($strip->deepFt) }} deep</output>
    </p>
</div>
