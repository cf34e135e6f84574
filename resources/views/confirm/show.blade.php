@extends('layouts.page')
@section('title', 'Confirm')
@section('content')
    @php($evidence = $day->evidence)
    <div class="two">
        <section>
            @if ($tow->fired()->runs)@include('troll.fired')@endif
            @if ($evidence->stints || ! $tow->fired()->runs)
            <h1>{{ ucfirst($day->pattern->verdict->words()) }}</h1>
            @if ($shared)
                <p><b>What every contact shared and no long blank had:</b> {{ implode(' · ', array_map(fn ($l) => App\Show\Word::of($l->factor).' '.$units->level($l->name), $shared)) }}. <a
                    class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'M22') }}">why</a></p>
            @endif
            <p class="lede">{{ ucfirst($units->say($day->pattern->text)) }}</p>
            @if ($day->pattern->limits)<p class="muted">Its limits: {{ implode('; ', array_map($units->say(...), $day->pattern->limits)) }}.</p>@endif
            @endif
            @if ($bites)
                @include('partials.slice', ['key' => 'bites'])
                <p class="muted">Where and when the bites came: a full ring is the reach of a fish that took. How far out is not logged; they stand over the depth that was.</p>
            @endif
            @include('partials.ribbon', ['key' => 'confirm'])
        </section>
        <section>
            @if ($evidence->stints || ! $tow->fired()->runs)
            <h2>Next</h2>
            <ol class="moves">
                @foreach ($next as $move)
                    <li><b>{{ ucfirst($move->action->words()) }}.</b> {{ $units->say($move->text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null,
                        $move->ruleId) }}">because {{ $move->ruleId }}</a> <span class="muted">{{ $move->sure() }}@if ($move->unless) Changed by: {{ $move->unless }}.@endif</span></li>
                @endforeach
            </ol>
            @endif
            @if ($evidence->stints)
            <h2>{{ $trip->isOpen() ? 'So far' : 'What the day leaves' }}</h2>
            <dl class="figures">
                <div><dt>held</dt><dd>@forelse ($summary->held as $one){{ $loop->first ? '' : '; ' }}{{ App\Show\Word::of($one->level->factor) }} {{ $units->level($one->level->level) }} <span
                    class="muted">since {{ substr($one->since, 11, 5) }}</span>@empty nothing @endforelse</dd></div>
                <div><dt>faded</dt><dd>@forelse ($summary->faded as $one){{ $loop->first ? '' : '; ' }}{{ App\Show\Word::of($one->level->factor) }} {{ $units->level($one->level->level) }} <span
                    class="muted">stood at {{ substr($one->since, 11, 5) }}, gone by {{ substr((string) $one->until, 11, 5) }}</span>@empty nothing @endforelse</dd></div>
                <div><dt>rejected</dt><dd>{{ implode('; ', array_map(fn ($l) => App\Show\Word::of($l->factor).' '.$units->level($l->level), $summary->rejected)) ?: 'nothing' }}</dd></div>
                <div><dt>hardly tried</dt><dd>@forelse (array_slice($neverTried, 0, 6) as $one){{ $loop->first ? '' : '; ' }}{{ $one->factor }} {{ $units->level($one->level) }} <span
                    class="muted">best with {{ round(100 * $one->chance) }} %</span>@empty nothing the plan named @endforelse</dd></div>
                @if ($day->past->days)<div><dt>your past</dt><dd>{{ $day->past->days }} {{ $day->past->days === 1 ? 'day'
                    : 'days' }} in {{ $day->reading->stage->stage->words() }} with like clarity: {{ number_format($day->past->casts) }} casts; {{ round(100 * $day->past->prior()->perCast,
                    1) }} in 100 believed before the first cast, worth {{ round($day->past->prior()->casts) }} casts</dd></div>@endif
            </dl>
            @endif
            @if ($tournament)
                <h2>For the tournament</h2>
                @include('partials.errors')
                <form method="get" action="{{ route('confirm', $trip) }}" class="beside">
                    <label><span class="field-label">day</span> <input type="date" name="for" value="{{ $tournament->date }}" required></label>
                    <label><span class="field-label">from hour</span> <input type="number" name="from" min="0" max="23" value="{{ $tournament->from }}" required></label>
                    <label><span class="field-label">to hour</span> <input type="number" name="to" min="0" max="23" value="{{ $tournament->to }}" required></label>
                    <button type="submit">Rank the spots</button>
                </form>
                <ol class="because">@foreach ($tournament->spots as $one)<li><a href="{{ route('where', ['trip' => $trip, 'spot' => $one['id']]) }}">{{ $one['name'] }}</a> <span
                    class="muted">fit {{ number_format($one['fit'], 2) }}{{ $one['best'] === null ? '' : ", best {$one['best'][0]}–{$one['best'][1]}" }}{{ $one['today'] === null ? '; not fished today'
                    : sprintf('; today contacts worth %.1f in %d casts', $one['today']->contacts, $one['today']->casts) }}</span></li>@endforeach</ol>
                <p class="muted">Water and weather as today, sun and hours of that day, what today gave counted in. <a class="rule-tag"
                    href="{{ App\Show\RuleLink::to($trip, 'M18') }}">because M18</a></p>
            @endif
            @if ($alike?->spots)
                <h2>Its like on the plan</h2>
                <ul class="because">@foreach ($alike->spots as $one)<li><a
                    href="{{ route('where', ['trip' => $trip, 'spot' => $one['id']]) }}">{{ $one['name'] }}</a> <span class="muted">{{ implode(', ', $one['shared']) }}</span></li>@endforeach</ul>
                <p><a href="{{ route('where', ['trip' => $trip, 'spot' => $alike->id]) }}">Show them on the water plan</a></p>
            @endif
        </section>
    </div>
    <div class="two">
        <section aria-label="The evidence">
            <h2>The evidence</h2>
            @include('confirm.plot')
        </section>
        <section>
            @if ($crew->members)
                <h2>The boat</h2>
                @include('crew.compared')
            @endif
            @if ($evidence->together->groups())
                <h2>Not to be told apart</h2>
                <ul>
                    @foreach (['always' => $evidence->together->always, 'nearly always' => $evidence->together->nearly] as $often => $groups) @foreach ($groups as $group)
                        <li>{{ implode(' · ', array_map(fn ($l) => App\Show\Word::of($l->factor).' '.$units->level($l->name), $group)) }} <span class="muted">{{ $often }} came together</span></li>
                    @endforeach @endforeach
                </ul>
            @endif
            @if ($losses)
                <h2>Struck and landed</h2>
                <table class="parts"><thead><tr><th scope="col">lure</th><th scope="col" class="num">struck</th><th scope="col" class="num">landed</th><th scope="col">lost</th></tr></thead>
                    @foreach ($losses as $one)
                        <tr><td>{{ App\Show\Word::of($one->lure) }}</td><td class="num">{{ $one->struck }}</td><td class="num">{{ $one->landed }}</td><td>{{ implode(', ', array_map(fn ($by,
                            $n) => "{$n} {$by}", array_keys($one->by), $one->by)) ?: 'none' }}</td></tr>
                    @endforeach
                </table>
                <p class="muted">How they were lost speaks of hook, drag, rod and the moment of the strike. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'M20') }}">why</a></p>
            @endif
            @if ($targets->share(0) !== null)
                <h2>Your bites by cast</h2>
                <dl class="figures">
                    @foreach (['the first five casts', 'casts six to ten', 'eleven to twenty', 'later'] as $span => $words)
                        <div><dt>{{ $words }}</dt><dd>{{ $targets->bites[$span] }} {{ $targets->bites[$span] === 1 ? 'bite'
                            : 'bites' }}, {{ round(100 * $targets->share($span)) }} %</dd></div>
                    @endforeach
                </dl>
                <p class="muted">Over all your days. For you a place is best left after {{ $targets->leaveAfter() }} blank casts. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null,
                    'M14') }}">why</a></p>
            @endif
            <h2>The log</h2>
            <table class="log">
                <thead><tr><th scope="col">from</th><th scope="col">spot</th><th scope="col">lure</th><th scope="col" class="num">casts</th><th scope="col">contacts</th></tr></thead>
                <tbody>
                    @forelse ($stints as $stint)
                        <tr><td>{{ $stint->started_at->format('H:i') }}</td><td>{{ $stint->spot }}</td><td>{{ str_replace('_', ' ', $stint->lure) }}</td><td
                            class="num">{{ $stint->line === null ? $stint->cast_count : 'towed' }}</td><td>{{ $stint->contacts->groupBy('kind')->map(fn ($c,
                            $k) => $c->count().' '.$k)->join(', ') }}@foreach ($stint->contacts->whereNotNull('length_in') as $fish)<br><span
                            class="muted">{{ $units->size($fish->length_in) }}@if ($weighed = $fish->weighed($trip->conditions['species'])), {{ $units->fish($weighed->mass) }} {{ $weighed->by->says() }}@endif</span>@endforeach</td></tr>
                    @empty
                        <tr><td colspan="5">Nothing logged. Start on <a href="{{ route('fish', $trip) }}">Fish</a>.</td></tr>
                    @endforelse
                </tbody>
            </table>
            <p class="muted">A weight by length is that of a fish in standard shape. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'D10') }}">because D10</a></p>
            <p><a href="{{ route('entries', $trip) }}">Put the log right</a></p>
            <form method="post" action="{{ route('close', $trip) }}">@csrf<button type="submit">{{ $trip->isOpen() ? 'Close the day' : 'Open the day again' }}</button></form>
        </section>
    </div>
@endsection
