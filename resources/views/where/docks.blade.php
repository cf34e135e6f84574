{{-- The docks of the lake by the depths of the day. --}}
@if ($docks)
    <section aria-label="Docks by depth"><details><summary>Docks by {{ $docks->paid ? 'the depths that paid today' : 'the depth where fish stand, '.$units->depth($docks->depthFt) }}</summary>
        <ol class="because">@foreach ($docks->ranked as $one)<li><a href="{{ route('where', ['trip' => $trip, 'minute' => $minute, 'spot' => $spots[$one['dock']->name]->id]) }}">{{ $one['dock']->name }}</a> <span
            class="muted">{{ $units->depth($one['dock']->insideFt) }} inside, {{ $units->depth($one['dock']->outsideFt) }} outside{{ $one['offFt'] < 0.05 ? '' : ', off by '.$units->depth($one['offFt']) }}</span></li>@endforeach</ol>
        <p class="muted"><a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S26') }}">because S26</a></p>
    </details></section>
@endif
