@extends('layouts.page')
@section('title', 'The rules')
@section('main-class', 'sheet')
@section('content')
    <h1>The rules</h1>
    <p>What the program goes by, rule by rule. Common practice is what practitioners agree on and nobody printed; a published rule names its source; an own choice is ours.</p>
    <nav aria-label="Chapters"><p>@foreach ($chapters as $chapter)<a href="#chapter-{{ $chapter->value }}">{{ $chapter->words() }}</a>@unless ($loop->last) · @endunless @endforeach</p></nav>
    @foreach ($chapters as $chapter)
        <section aria-labelledby="chapter-{{ $chapter->value }}">
            <h2 id="chapter-{{ $chapter->value }}">{{ $chapter->words() }}</h2>
            <dl class="rule-list">
                @foreach ($chapter->rules() as $rule)
                    <div id="{{ $rule->id }}">
                        <dt><a href="{{ route('rule', $rule->id) }}">{{ $rule->id }}</a></dt>
                        <dd>{{ $units->say($rule->text) }} <span class="muted">{{ $rule->basis->words() }}@if ($rule->source): {{ $rule->source }}@endif</span></dd>
                    </div>
                @endforeach
            </dl>
        </section>
    @endforeach
@endsection
