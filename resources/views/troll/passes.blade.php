{{-- Passes over the lake along the depth that the spread needs; drawn on the plan. --}}
<section aria-label="Passes">
    <h2>Passes over {{ $lake->name }}</h2>
    @if ($passes === [])
        <p>No pass of {{ $units->depth(OldEddy\Troll\PassFinder::SHORTEST_FT) }} or more: the water is too shallow for these lures, or bends more tightly than {{ $units->depth($turnFt) }}. Shorter let-outs run shallower.</p>
    @else
        <p>Along the depth that these lines need, so far off it that no lure comes nearer to the bottom than {{ $units->depth(OldEddy\Troll\PassFinder::CLEAR_FT) }}, in bends of {{ $units->depth($turnFt) }} or
            wider. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'T8') }}">because T8</a></p>
        @include('where.plan', ['title' => "Passes over {$lake->name}, from above.", 'marks' => $numbers, 'bare' => true, 'shades' => [], 'arrows' => [], 'caption' => 'The bold lines are passes.', 'lines' => $ways])
        <ol class="because">@foreach ($passes as $pass)<li>{{ $units->way($pass->feet() / 5280) }}, {{ round($pass->minutes($spread->speedMph)) }} min at {{ $units->boat($spread->speedMph) }}; at least
            {{ $units->depth($pass->leastUnderFt) }} under each lure</li>@endforeach</ol>
    @endif
</section>
