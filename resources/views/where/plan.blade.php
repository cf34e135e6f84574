{{-- The water plan: a survey drawing. Depth lines are drawn by the script from the grid; all else stands for a number here. --}}
<figure class="plan" x-data="plan" @if ($plan->isCharted) data-cells="{{ route('lake.depths', [$lake, $lake->depthsKey()]) }}" @endif>
<div class="plan-sheet"><div class="plan-moved"><canvas aria-hidden="true"></canvas>
<svg viewBox="{{ $plan->box() }}" role="group" aria-label="{{ $title }}" tabindex="0" style="--point: {{ $plan->metresPerPoint() }}; --word: {{ $plan->wordM() }}px{{ isset($water) ? "; --water: {$water}; --tone: 0.17" : '' }}">
    @foreach ($lake->shoreline ?? [] as $ring)<polygon points="{{ $plan->ring($ring) }}" class="plan-shore"/>@endforeach
    @foreach ($lake->no_wake ?? [] as $ring)<polygon points="{{ $plan->ring($ring) }}" class="plan-no-wake"><title>no wake</title></polygon>@endforeach
    @foreach ($lake->sections ?? [] as $section)@isset($section['ring'])<polygon points="{{ $plan->ring($section['ring']) }}" class="plan-area"/>@endisset @endforeach
    @foreach ($shades ?? [] as $shade)<polygon points="{{ $shade }}" class="plan-shade"/>@endforeach
    @foreach ($lines ?? [] as $line)<path d="{{ $line['d'] }}" class="{{ $line['class'] }}"/>@endforeach
    @foreach ($lake->tracks ?? [] as $track)<polyline points="{{ $plan->line(array_map(array_reverse(...), $track)) }}" class="plan-track"/>@endforeach
    @foreach ($lake->sections ?? [] as $section)<text x="{{ $plan->x($section['lon']) }}" y="{{ $plan->y($section['lat']) }}"
        class="plan-section">{{ $section['name'] }}{{ isset($temps[$section['name']]) ? ', '.$temps[$section['name']] : '' }}</text>@endforeach
    @if ($lake->ramp_lat !== null)<g class="plan-spot" transform="translate({{ $plan->x($lake->ramp_lon) }} {{ $plan->y($lake->ramp_lat) }})"><circle r="9"/><text x="14" y="5"
        class="plan-name">ramp</text></g>@endif
    @if (! ($bare ?? false) && ($trip ?? null)?->route?->line)<polyline points="{{ $plan->way($trip->route->line) }}" class="plan-route"/>
        @foreach (App\Drawing\WhereDrawing::legs($plan, $trip->route, $spots ?? collect()) as $leg)
            <path d="{{ $leg['d'] }}" class="plan-leg"/><text x="{{ $leg['x'] }}" y="{{ $leg['y'] }}" text-anchor="middle" dominant-baseline="central" class="plan-leg-number">{{ $leg['number'] }}</text>
        @endforeach
    @endif
    @foreach ($marks as $mark)
        <g class="plan-spot {{ $mark['class'] }}" data-rank="{{ $mark['rank'] ?? $loop->index }}" data-place="{{ $mark['name'] }}" transform="translate({{ $plan->x($mark['lon']) }} {{ $plan->y($mark['lat']) }})">
            @if ($mark['href'] ?? null)<a href="{{ $mark['href'] }}">@endif
            <circle r="13"/><text y="5" text-anchor="middle">{{ $mark['sign'] }}</text><text x="18" y="5" class="plan-name">{{ $mark['name'] }}</text>
            @if ($mark['href'] ?? null)</a>@endif
        </g>
    @endforeach
    @foreach ($arrows ?? [] as $arrow)
        <path d="{{ $arrow['d'] }}" class="plan-arrow"/><text x="{{ $arrow['x'] }}" y="{{ $arrow['y'] }}" text-anchor="middle" class="plan-word">{{ $arrow['words'] }}</text>
    @endforeach
</svg></div></div>
<script type="application/json">{!! $plan->depths !!}</script>
@isset($caption)<figcaption><button type="button" @click="closer" aria-label="+ closer">+</button><button type="button" @click="farther"
    aria-label="− farther">−</button> <span>{{ $caption }}</span></figcaption>@endisset
</figure>
