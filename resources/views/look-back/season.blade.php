@extends('layouts.page')
@section('title', 'The season')
@section('content')
    @php($draw = new App\Drawing\RatesDrawing($review->top(), $units))
    @php($asked = $season->asked())
    @include('look-back.tabs')
    <h1>What the season says</h1>
    @include('partials.errors')
    <form method="get" action="{{ route('look-back.season') }}" class="finder">
        <label><span class="field-label">year</span><select name="year"><option value="">all</option>@foreach ($season->years() as $one)<option @selected($season->year === $one)>{{ $one }}</option>@endforeach</select></label>
        <label><span class="field-label">species</span><select name="species"><option value="">all</option>@foreach ($season->kinds() as $one)<option value="{{ $one }}"
            @selected($season->species === $one)>{{ App\Show\Word::of($one) }}</option>@endforeach</select></label>
        <label><span class="field-label">water</span><select name="lake"><option value="">all</option>@foreach ($lakes as $id => $name)<option value="{{ $id }}"
            @selected($season->lake === $id)>{{ $name }}</option>@endforeach</select></label>
        <button type="submit">Show</button>
    </form>
    @if ($review->towed['days'] > 0)
        <p><b>{{ $review->towed['days'] }}</b> {{ $review->towed['days'] === 1 ? 'day' : 'days' }} with towed lines: <b>{{ $review->towed['contacts'] }}</b> contacts in <b>{{ number_format($review->towed['minutes'] / 60,
            1) }}</b> line-hours{{ App\Log\TowedLines::rate(', %.1f in a line-hour', $review->towed['minutes'], $review->towed['contacts']) }}. <a class="rule-tag"
            href="{{ route('rule', 'T10') }}">because T10</a></p>
    @endif
    @if ($review->casts === 0)
        <p>No cast is logged{{ $asked ? ' in what you asked for' : ' yet' }}. With the first days this page begins to speak.</p>
    @else
    <p class="lede"><b data-sum="days">{{ number_format($review->days) }}</b> {{ $review->days === 1 ? 'day' : 'days' }}, <b data-sum="casts">{{ number_format($review->casts) }}</b> casts, <b
        data-sum="contacts">{{ number_format($review->contacts) }}</b> contacts: <b data-sum="rate">{{ number_format($review->perHundred(), 1) }}</b> in 100 casts, each counted by what the fish did. <a class="rule-tag"
        href="{{ route('rule', 'Y3') }}">because Y3</a></p>
    @if ($review->lessons)
        <section aria-label="What might be done differently">
            <h2>What you might do differently</h2>
            <ol class="lessons">
                @foreach ($review->lessons as $lesson)
                    <li>{{ $units->say($lesson->text) }} <span class="muted">{{ number_format(100 * min(0.999, $lesson->sure), 1) }} % sure.</span>@if ($lesson->level !== null) <a href="{{ route('look-back',
                        $asked + ['by' => (['landed' => 'lure', 'stay' => 'structure'][$lesson->factor] ?? $lesson->factor).':'.$lesson->level]) }}">the days</a>@endif <a class="rule-tag"
                            href="{{ route('rule', 'Y4') }}">because Y4</a></li>
                @endforeach
            </ol>
        </section>
    @endif
    <p class="muted">Dots: contacts per 100 casts, drawn to the season's own where casts are few. Bars: the span that holds the true rate on those days four times in five; other days may be others. Under 60 casts nothing is claimed:
        those stand in grey
        without a dot. Each level opens to its days.</p>
    <div class="season-columns">
        @foreach (['temperature' => 'Temperature', 'hour' => 'Hour of the stint', 'wind' => 'Wind', 'depth' => 'Depth of the lure', 'water_depth' => 'Depth of the water'] as $factor => $title)
            @if (count($review->rates[$factor] ?? []) > 1)@include('look-back.columns', ['rates' => $review->rates[$factor]])@endif
        @endforeach
        @if ($review->castNumbers)@include('look-back.columns', ['rates' => $review->castNumbers, 'factor' => 'cast_no', 'title' => 'Bites by cast number on a target'])@endif
    </div>
    <div class="season-rows">
        @foreach (['stage' => 'Stage', 'clarity' => 'Clarity', 'shift' => 'Against its usual clarity', 'front' => 'Front', 'sky' => 'Sky', 'light' => 'Light', 'structure' => 'Structure', 'cover'
            => 'Cover', 'lure' => 'Lure',
            'color' => 'Color', 'advice' => 'What was offered'] as $factor => $title)
            @if ($review->rates[$factor] ?? [])@include('look-back.rows', ['rates' => $review->rates[$factor]])@endif
        @endforeach
        @include('look-back.landed')
        @include('look-back.stops')
        @include('look-back.fish')
    </div>
    @endif
@endsection
