@extends('layouts.page')
@section('title', 'Confirm')
@section('content')
    @php($evidence = $day->evidence)
    <div class="two">
        <section>
            <h1>{{ ucfirst($day->pattern->verdict->words()) }}</h1>
            <p class="lede">{{ ucfirst($day->pattern->text) }}</p>
            <h2>Next</h2>
            <ol class="moves">
                @foreach ($day->next as $move)
                    <li><b>{{ ucfirst($move->action->words()) }}.</b> {{ $move->text }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, $move->ruleId) }}">because {{ $move->ruleId }}</a></li>
                @endforeach
            </ol>
            @if ($evidence->confounded)
                <h2>Not to be told apart</h2>
                <ul>
                    @foreach ($evidence->confounded as $group)
                        <li>{{ implode(' · ', array_map(fn ($n) => str_replace(['_', ':'], [' ', ' '], $n), $group)) }} <span class="muted">always came together</span></li>
                    @endforeach
                </ul>
            @endif
            <h2>The log</h2>
            <table class="log">
                <thead><tr><th scope="col">from</th><th scope="col">spot</th><th scope="col">lure</th><th scope="col" class="num">casts</th><th scope="col">contacts</th></tr></thead>
                <tbody>
                    @forelse ($stints as $stint)
                        <tr><td>{{ $stint->started_at->format('H:i') }}</td><td>{{ $stint->spot }}</td><td>{{ str_replace('_', ' ', $stint->lure) }}</td><td class="num">{{ $stint->cast_count }}</td><td>{{ $stint->contacts->groupBy('kind')->map(fn ($c, $k) => $c->count().' '.$k)->join(', ') }}@foreach ($stint->contacts->whereNotNull('length_in') as $fish)<br><span class="muted">{{ $units->size($fish->length_in) }}@if ($weight = $fish->weight($trip->conditions['species'])), about {{ $units->fish($weight) }}@endif</span>@endforeach</td></tr>
                    @empty
                        <tr><td colspan="5">Nothing logged. Start on <a href="{{ route('fish', $trip) }}">Fish</a>.</td></tr>
                    @endforelse
                </tbody>
            </table>
            <p class="muted">Weights are those of a fish in standard shape. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'D10') }}">because D10</a></p>
            <form method="post" action="{{ route('close', $trip) }}">@csrf<button type="submit">{{ $trip->isOpen() ? 'Close the day' : 'Open the day again' }}</button></form>
        </section>
        <section aria-label="The evidence">
            <h2>The evidence</h2>
            @include('confirm.plot')
        </section>
    </div>
@endsection
