{{-- Rates of levels that have an order, as columns: a dot with its span over each; the figure opens to its days. --}}
<figure class="rates-columns" data-factor="{{ $factor }}">
<figcaption>{{ $title }}</figcaption>
<svg viewBox="0 0 {{ 34 + $draw::COLUMN * count($rates) }} {{ $draw::HEIGHT }}" style="max-width: {{ 34 + $draw::COLUMN * count($rates) }}px" role="group" aria-label="{{ $title }}: contacts per 100 casts">
    @foreach ([0, $draw->top / 2, $draw->top] as $tick)<line x1="28" x2="{{ 34 + $draw::COLUMN * count($rates) }}" y1="{{ $draw->y($tick) }}" y2="{{ $draw->y($tick) }}" class="plot-base"/><text x="24"
        y="{{ $draw->y($tick) + 4 }}" text-anchor="end">{{ round($tick) }}</text>@endforeach
    @foreach ($rates as $i => $rate)
        @php($x = 34 + $draw::COLUMN * $i + 20)
        @php([$low, $high] = $rate->span())
        <a href="{{ route('look-back', $asked + ['by' => "{$factor}:{$rate->level}"]) }}"><g @class(['few' => ! $rate->isClaimed()])><title>{{
            $draw->said($factor, $rate->level) }}: {{ $draw->rate($rate) }};
            {{ number_format($rate->casts) }} casts, {{ $rate->contacts }} contacts</title><rect x="{{ $x - 20 }}" y="4" width="40" height="{{ $draw::HEIGHT - 6 }}" class="calendar-hit"/>
        <line x1="{{ $x }}" x2="{{ $x }}" y1="{{ $draw->y($low) }}" y2="{{ $draw->y($high) }}" class="plot-span"/>@if ($rate->isClaimed())<circle cx="{{ $x }}" cy="{{
            $draw->y($rate->perHundred()) }}" r="4.5"
            class="plot-dot"/>@endif<text x="{{ $x }}" y="{{ $draw->foot() + 15 }}" text-anchor="middle">{{ $draw->short($factor, $rate->level) }}</text><text x="{{ $x }}" y="{{ $draw->foot() +
                28 }}" text-anchor="middle"
            class="of">{{ $rate->contacts }}</text></g></a>
    @endforeach
</svg>
<p class="muted">{{ $factor === 'cast_no' ? 'Which cast of a target' : $draw->said($factor, $rates[0]->level).' and on' }}; the number under it: contacts</p>
</figure>
