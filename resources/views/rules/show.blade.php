@extends('layouts.page')
@section('title', 'Rule '.$rule->id)
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Rule {{ $rule->id }}</h1>
    <p class="rule-text">{{ $units->say($rule->text) }}</p>
    <dl class="figures">
        <div><dt>basis</dt><dd>{{ $rule->basis->words() }}</dd></div>
        @if ($rule->source)<div><dt>source</dt><dd>{{ $rule->source }}</dd></div>@endif
        <div><dt>chapter</dt><dd><a href="{{ route('rules') }}#{{ $rule->id }}">{{ OldEddy\Rules\Chapter::from($rule->chapter)->words() }}</a></dd></div>
    </dl>
    @isset($firing)
        <h2>Today</h2>
        @if ($firing->sayings)
            <ul class="because">@foreach (array_slice($firing->sayings, 0, 12) as $saying)<li>{{ $units->say($saying) }}</li>@endforeach</ul>
            @if (count($firing->sayings) > 12)<p class="muted">and {{ count($firing->sayings) - 12 }} more like these.</p>@endif
            <p><b>Because you said</b> {{ $firing->inputs === [] ? 'nothing of it: it rests on what was assumed.' : implode(', ',
                array_map(fn ($path) => lcfirst(App\Day\FieldSheet::field($path)->label ?? str_replace(['.', '_'], ' ', $path)), $firing->inputs)).'.' }} <span
                class="muted">Found by taking each input away in turn.</span></p>
        @else
            <p>It has nothing to say on this water.</p>
        @endif
    @endisset
    <p><a href="{{ url()->previous(route('days')) }}">Back</a></p>
@endsection
