@php($spot = $chosen->spot)
@php($depth = $chosen->place->depthAt($chosen->day->riseFt()))
<section class="card spot-read" aria-label="{{ $spot->name }}">
    <h2>{{ $spot->name }}</h2>
    <p>{{ App\Show\Word::of(implode(', ', array_unique(array_filter([$spot->structure, ...$spot->cover, $spot->bottom])))) }}{{ $depth === null ? ''
        : ', '.$units->band(...$depth).($chosen->day->riseFt() == 0 ? '' : ' at today\'s level') }}{{ $spot->bank_faces_deg === null ? '' : ', the bank faces '.round($spot->bank_faces_deg).'°' }}</p>
    @if ($chosen->shade)
        <h3>Shade</h3>
        @php($x = App\Drawing\Scale::ofTheDay())
        <svg viewBox="0 0 560 74" class="shade-ribbon" role="img" aria-label="Width of the shade over the day">
            <rect x="10" width="540" y="26" height="15" class="shade-best"/><text x="14" y="37">{{ $units->band(...OldEddy\Where\Shade\ShadeDay::BEST_FT) }}</text>
            <polyline points="{{ implode(' ', array_map(fn ($m) => $x->at($m).','.round(56 - 3 * min(16, $chosen->shade->widthFt($m)), 1), range(300, 1320, 15))) }}" class="ribbon-sun"/>
            <line x1="10" x2="550" y1="56" y2="56" class="ribbon-line"/>
            @foreach (range(6, 21, 3) as $hour)<text x="{{ $x->at($hour * 60) }}" y="71" text-anchor="middle">{{ $hour }}</text>@endforeach
            <path d="M{{ $x->at($minute) }} 4 V56" class="ribbon-turn"/>
        </svg>
        <p>Now {{ $units->depth($chosen->shade->widthFt($minute)) }} wide. @forelse ($chosen->shade->windows() as [$from, $to]){{ $loop->first
            ? 'Best, '.$units->band(...OldEddy\Where\Shade\ShadeDay::BEST_FT).': '
            : ', ' }}{{ $clock($from) }}–{{ $clock($to) }}@empty Never {{ $units->band(...OldEddy\Where\Shade\ShadeDay::BEST_FT) }} today.@endforelse <a class="rule-tag"
            href="{{ App\Show\RuleLink::to($trip, 'S22') }}">because S22</a></p>
    @endif
    @if ($chosen->shadow)
        @php([$from, $to] = $chosen->shadow->spoiltDeg())
        <p>Your shadow falls toward {{ round($chosen->shadow->towardDeg) }}°: no cast between {{ round($from) }}° and {{ round($to) }}°.{{ $chosen->shadowSpoilsTheBank()
            ? ' A cast straight at this bank is one: come from the side.' : '' }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'W18') }}">because W18</a></p>
    @endif
    @include('where.cast')
    @include('where.drift')
    @if ($chosen->dock)
        @include('where.dock')
    @endif
    @if ($chosen->current)
        @include('where.current')
    @endif
    @if ($alike = $chosen->lookalikes())
        <h3>Its like</h3>
        <ul class="because">@foreach ($alike as $one)<li><a href="{{ route('where', ['trip' => $trip, 'minute' => $minute,
            'spot' => $spots[$one['place']->name]->id]) }}">{{ $one['place']->name }}</a> <span class="muted">{{ implode(', ', $one['shared']) }}</span></li>@endforeach</ul>
        <p class="muted">Ringed on the plan. Same depth, same angle, same cover. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S6') }}">because S6</a></p>
    @endif
    <form method="post" action="{{ route('where.pick', $trip) }}" class="beside" {{ App\Log\KeptForm::of($trip, json_encode(['kind' => 'pick', 'spot' => $spot->name])) }}>@csrf<input type="hidden" name="spot"
        value="{{ $spot->id }}"><input type="hidden" name="minute" value="{{ $minute }}"><button type="submit" class="act">Fish this one</button><span class="muted" role="status" x-text="kept"
        x-show="kept" x-cloak></span></form>
</section>
