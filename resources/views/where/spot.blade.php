@php($spot = $chosen['spot'])
<section class="card spot-read" aria-label="{{ $spot->name }}">
    <h2>{{ $spot->name }}</h2>
    <p>{{ App\Show\Word::of(implode(', ', array_filter([$spot->structure, ...$spot->cover, $spot->bottom]))) }}{{ $spot->shallow_ft === null ? '' : ', '.$units->band($spot->shallow_ft, $spot->deep_ft) }}{{ $spot->bank_faces_deg === null ? '' : ', the bank faces '.round($spot->bank_faces_deg).'°' }}</p>
    @if ($chosen['shade'])
        <h3>Shade</h3>
        <svg viewBox="0 0 560 70" class="shade-ribbon" role="img" aria-label="Shade width over the day">
            <rect x="10" width="540" y="{{ 56 - 30 }}" height="15" class="shade-best"/>
            <polyline points="{{ implode(' ', array_map(fn ($s) => round(10 + 540 * ($s[0] - 300) / 1020, 1).','.round(56 - 3 * min(16, $s[1]), 1), $chosen['shade'])) }}" class="ribbon-sun"/>
            <line x1="10" x2="550" y1="56" y2="56" class="ribbon-line"/>
            @foreach (range(6, 21, 3) as $hour)<text x="{{ round(10 + 540 * ($hour * 60 - 300) / 1020) }}" y="69" text-anchor="middle">{{ $hour }}</text>@endforeach
            <path d="M{{ round(10 + 540 * ($minute - 300) / 1020) }} 4 V56" class="ribbon-turn"/>
        </svg>
        <p>@forelse ($chosen['windows'] as [$from, $to]){{ $loop->first ? 'Best, 5-10 ft wide: ' : ', ' }}{{ $clock($from) }}–{{ $clock($to) }}@empty The shade is never 5-10 ft wide today.@endforelse <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S22') }}">because S22</a></p>
    @endif
    @if ($chosen['shadow'])<p>{{ $chosen['shadow'] }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'W18') }}">because W18</a></p>@endif
    @if ($chosen['dock'])
        @include('where.dock')
    @endif
    @if ($chosen['current'])
        @php($c = $chosen['current'])
        <h3>In the current</h3>
        <svg viewBox="-120 -90 240 180" class="current-plan" role="img" aria-label="{{ $c->text }}">
            @php($end = fn ($deg, $r) => round($r * sin(deg2rad($deg)), 1).' '.round(-$r * cos(deg2rad($deg)), 1))
            @foreach ([-50, 0, 50] as $off)<path d="M{{ round(-80 * sin(deg2rad($c->flowsToDeg)) + $off * cos(deg2rad($c->flowsToDeg)), 1) }} {{ round(80 * cos(deg2rad($c->flowsToDeg)) + $off * sin(deg2rad($c->flowsToDeg)), 1) }} l{{ $end($c->flowsToDeg, 40) }}" class="plan-arrow"/>@endforeach
            <rect x="-10" y="-10" width="20" height="20" class="current-block"/>
            <g transform="translate({{ $end($c->fishAtDeg, 34) }})"><circle r="9" class="plan-fish"/><text x="12" y="4">fish</text></g>
            <g transform="translate({{ $end($c->standAtDeg, 78) }})"><path d="M-7 7 L0 -9 L7 7 Z" class="current-block"/><text x="11" y="5">you</text></g>
        </svg>
        <p>{{ $c->text }} The current is taken to run along the bank. Stand to the {{ round($c->standAtDeg) }}°, cast toward {{ round($c->castTowardDeg) }}°, sweep toward {{ round($c->sweepTowardDeg) }}°, about {{ $units->weight($c->weightOz) }}. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S8') }}">because S8</a></p>
    @endif
    @if ($chosen['lookalikes'])
        <h3>Its like</h3>
        <ul class="because">@foreach ($chosen['lookalikes'] as $one)<li><a href="{{ route('where', ['trip' => $trip, 'minute' => $minute, 'spot' => $spots[$one['place']->name]->id]) }}">{{ $one['place']->name }}</a> <span class="muted">{{ implode(', ', $one['shared']) }}</span></li>@endforeach</ul>
        <p class="muted">Same depth, same angle, same cover. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S6') }}">because S6</a></p>
    @endif
</section>
