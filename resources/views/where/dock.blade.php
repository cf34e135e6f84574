{{-- The dock in plan: the bank at the left, the open water at the right; every cast numbered in its order. --}}
@php($dock = $chosen['dock'])
@php($long = 60 + min(150, 3 * $dock->walkwayFt))
@php($places = ['walkway' => [40 + $long / 2, 74], 'inside corner' => [42 + $long, 62], 'inside end' => [52 + $long, 100], 'slip' => [120 + $long, 82], 'floats' => [150 + $long, 44], 'outside posts' => [196 + $long, 82], 'ladder' => [196 + $long, 50], 'watercraft lift' => [120 + $long, 118], 'planted brush outside' => [230 + $long, 118], 'brush' => [230 + $long, 50], 'the tangle' => [60 + $long, 42], 'cable' => [230 + $long, 82], 'water around it' => [250 + $long, 24]])
<h3>The dock</h3>
<svg viewBox="0 0 560 160" class="dock-plan" role="img" aria-label="Casts at the dock in their order">
    <path d="M0 10 H34 V150 H0" class="dock-bank"/>
    <rect x="34" y="68" width="{{ $long }}" height="12" class="dock-deck"/>
    <path d="M{{ 34 + $long }} 40 h170 v12 h-150 v46 h150 v12 h-170 Z" class="dock-deck"/>
    <text x="{{ 40 + $long }}" y="146">{{ $units->depth($dock->insideFt) }} in</text><text x="{{ 160 + $long }}" y="146">{{ $units->depth($dock->outsideFt) }} out</text>
    @foreach ($chosen['marks'] as $i => $mark)
        @php([$x, $y] = $places[$mark->part] ?? [52 + $long, 24])
        <g transform="translate({{ $x }} {{ $y }})" class="dock-mark {{ $mark->suspended ? 'suspended' : '' }}"><circle r="11"/><text y="5" text-anchor="middle">{{ $i + 1 }}</text></g>
    @endforeach
</svg>
<ol class="moves">
    @foreach ($chosen['marks'] as $mark)
        <li><b>{{ ucfirst($mark->part) }}.</b> {{ $mark->text }} <span class="muted">{{ implode(', ', array_map(App\Show\Word::of(...), array_slice($mark->lures, 0, 3))) }}</span> @foreach (array_unique($mark->ruleIds) as $id)<a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, $id) }}">because {{ $id }}</a> @endforeach</li>
    @endforeach
</ol>
<p>{{ $chosen['boat'] }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S18') }}">because S18</a></p>
@if (count($chosen['row']) > 1)
    <p><b>Best of the row:</b> {{ $chosen['row'][0]['dock']->name }}; {{ rtrim($chosen['row'][0]['why'], '.') }}.@if ($chosen['like']) Same depth inside and outside: {{ implode(', ', array_map(fn ($d) => $d->name, $chosen['like'])) }}.@else No other dock here has the same depth inside and outside.@endif <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S17') }}">because S17</a></p>
@endif
