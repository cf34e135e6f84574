@extends('layouts.page')
@section('title', 'Rule '.$rule->id)
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Rule {{ $rule->id }}</h1>
    <p class="rule-text">{{ $rule->text }}</p>
    <dl class="figures">
        <div><dt>basis</dt><dd>{{ $rule->basis->words() }}</dd></div>
        @if ($rule->source)<div><dt>source</dt><dd>{{ $rule->source }}</dd></div>@endif
        <div><dt>chapter</dt><dd>{{ $rule->chapter }}</dd></div>
    </dl>
    <p><a href="{{ url()->previous(route('days')) }}">Back</a></p>
@endsection
