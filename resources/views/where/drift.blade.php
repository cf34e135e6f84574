{{-- The lanes of a drift over a flat; drawn on the plan. --}}
@php($drift = $chosen->drift())
@if ($drift)
    <h3>Drift it</h3>
    <p>With the wind toward {{ round($drift->headingDeg) }}°, about {{ round($units->show('speed', $drift->speed->mph()), 1).' '.$units->word('speed') }},
        from the deep edge in: {{ count($drift->lanes) }} lanes, {{ round($drift->minutes()) }} min without the runs back. Long
        casts downwind. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S28') }}">because S28</a></p>
    @php($near = App\Drawing\PlanDrawing::near($lake, $day->riseFt(), $spot->position(), App\Waters\SpotToday::DRIFTED_M))
    @if ($near)
        @include('where.near', ['title' => "The lanes over {$spot->name}, from above.", 'lines' => App\Drawing\WhereDrawing::lanes($near, $drift)])
    @endif
    <details><summary>Lane by lane</summary>
    <ol class="because">@foreach ($drift->lanes as $lane)<li>{{ $units->depth($lane->depthFt) }} deep, {{ $units->depth($lane->from->feetTo($lane->to)) }} long: {{ $lane->minutes }} min, {{ $lane->casts }} casts</li>@endforeach</ol>
    </details>
@endif
