{{-- The cadence strip: the lure's depth over seconds. It can be played: the dot moves, beats are told and counted. --}}
@php($w = 560)
@php($x = App\Drawing\Scale::ofSeconds($strip->seconds, $w))
@php($y = App\Drawing\Scale::ofStripDepth($strip->topFt, $strip->deepFt))
<div class="strip" x-data="strip" data-seconds="{{ $strip->seconds }}" data-beats="{{ json_encode($strip->beats) }}" data-points="{{ json_encode(array_map(fn ($p) => [$p[0], $x->at($p[0]),
    $y->at($p[1])], $strip->points)) }}">
    <svg viewBox="0 0 {{ $w }} 92" role="img" aria-label="The retrieve over {{ round($strip->seconds) }} seconds">
        @foreach ($strip->beats as $beat)
            <line x1="{{ $x->at($beat['from']) }}" x2="{{ $x->at($beat['from']) }}" y1="8" y2="72" class="strip-beat"/>
            @for ($n = 0; $n < ($beat['count'] ?? 0); $n++)
                <line x1="{{ $x->at($beat['from'] + ($n + 0.5) * ($beat['to'] - $beat['from']) / $beat['count']) }}"
                    x2="{{ $x->at($beat['from'] + ($n + 0.5) * ($beat['to'] - $beat['from']) / $beat['count']) }}" y1="60" y2="72" class="strip-stroke"/>
            @endfor
            @if ($x->at($beat['to']) - $x->at($beat['from']) > 34)
                <text x="{{ $x->at($beat['from']) + 3 }}" y="86" class="strip-word">{{ str_replace('_', ' ', $beat['do']) }}@if ($beat['count']) ×{{ $beat['count'] }}@endif</text>
            @endif
        @endforeach
        <polyline points="{{ implode(' ', array_map(fn ($p) => $x->at($p[0]).','.$y->at($p[1]), $strip->points)) }}" class="strip-line"/>
        <line x1="8" x2="{{ $w - 8 }}" y1="72" y2="72" class="strip-base"/>
        @for ($s = 0; $s <= $strip->seconds; $s++)<line x1="{{ $x->at($s) }}" x2="{{ $x->at($s) }}" y1="69" y2="75" class="strip-base"/>@endfor
        <circle r="6" cx="{{ $x->at(0) }}" cy="{{ $y->at($strip->points[0][1]) }}" class="strip-dot" x-ref="dot"/>
    </svg>
    <p class="strip-tools">
        <button type="button" @click="toggle" x-text="label">Play</button>
        <label class="strip-click"><input type="checkbox" x-ref="click"> click</label>
        <output aria-live="off" x-text="told">a tick a second; {{ $units->depth($strip->topFt) }} to {{ $units->depth($strip->deepFt) }} deep</output>
    </p>
</div>
