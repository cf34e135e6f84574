{{-- Passes over the lake along the depth that the spread needs; drawn on the plan. --}}
<section aria-label="Passes">
    <h2>Passes over {{ $lake->name }}</h2>
    @if ($bottoms = $found->bottoms())
        <form method="get" action="{{ route('troll', $trip) }}" class="beside">
            <label>over <select name="bottom" onchange="this.form.submit()"><option value="">any bottom</option>
                @foreach ($bottoms as $bottom)<option value="{{ $bottom->value }}" @selected($over === $bottom)>{{ $bottom->words() }}</option>@endforeach
            </select></label>
            <noscript><button type="submit">Show</button></noscript>
        </form>
    @endif
    @if ($found->passes === [])
        <p>No pass{{ $over ? " by the places marked as {$over->words()}" : ' of '.$units->depth(OldEddy\Troll\PassFinder::SHORTEST_FT).' or more' }}: the water is too shallow for these lures, or bends more tightly than {{
            $units->depth($found->turnFt) }}. Shorter let-outs run shallower and turn more tightly.</p>
    @else
        <p>Along the depth that these lines need, so far off it that no lure comes nearer to the bottom than {{ $units->depth(OldEddy\Troll\PassFinder::CLEAR_FT) }}, in bends of {{ $units->depth($found->turnFt) }} or
            wider, the tightest in which no line of this spread stops or meets another. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'T8') }}">because T8</a></p>
        @include('where.plan', ['title' => "Passes over {$lake->name}, from above.", 'marks' => $numbers, 'bare' => true, 'shades' => [], 'arrows' => [],
            'caption' => 'Bold: passes; thin: turns at their ends that have room'.(count($found->track) > 1 ? '; dotted: where the boat was' : '').'.', 'lines' => $ways])
        <ol class="because">@foreach ($found->passes as $pass)<li>{{ $units->way($pass->feet() / 5280) }}, {{ round($pass->minutes($spread->speedMph)) }} min at {{ $units->boat($spread->speedMph) }}; at least
            {{ $units->depth($pass->leastUnderFt) }} under each lure; {{ App\Drawing\WhereDrawing::turnsSaid($pass) }}@foreach ($found->past($pass) as [$spot, $feet]){{ $loop->first ? '; past ' : ', ' }}{{ $spot->name }} ({{
            App\Show\Word::of($spot->bottom) }}) after {{ $units->way($feet / 5280) }}@endforeach</li>@endforeach</ol>
    @endif
</section>
