{{-- In fall: the pieces of cover from the main lake to the backs of its arms. --}}
@foreach ($walks as $section => $steps)
    <section aria-label="The walk to the backwater{{ $section === '' ? '' : ", {$section}" }}">
        <h2>To the back{{ $section === '' ? '' : " of {$section}" }}</h2>
        <ol class="because">@foreach ($steps as $step)<li><a href="{{ route('where', ['trip' => $trip, 'minute' => $minute, 'spot' => $spots[$step['place']->name]->id]) }}">{{ $step['place']->name }}</a> <span
            class="muted">{{ $step['pinch'] ? 'the line pinches here: first' : implode(', ', array_map(fn ($c) => $c->words(), $step['place']->covers)) }}</span></li>@endforeach</ol>
        <p class="muted">In this order, from the main lake in. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S27') }}">because S27</a></p>
    </section>
@endforeach
