@extends('layouts.page')
@section('title', 'Logbook')
@section('content')
    @include('look-back.tabs')
    <h1>Logbook @if (isset($asked['by']))<small>days behind {{ App\Show\Word::of(str_replace(':', ' ', $asked['by'])) }}</small>@endif</h1>
    @include('partials.errors')
    <form method="get" action="{{ route('look-back') }}" class="finder">
        @isset($asked['by'])<input type="hidden" name="by" value="{{ $asked['by'] }}">@endisset
        <label><span class="field-label">year</span><select name="year"><option value="">all</option>@foreach ($book->season->years() as $one)<option @selected(($asked['year'] ?? '') == $one)>{{ $one }}</option>@endforeach</select></label>
        <label><span class="field-label">water</span><select name="lake"><option value="">all</option>@foreach ($book->season->lakes() as $id => $name)<option value="{{ $id }}"
            @selected(($asked['lake'] ?? '') == $id)>{{ $name }}</option>@endforeach</select></label>
        <label><span class="field-label">species</span><select name="species"><option value="">all</option>@foreach ($book->season->kinds() as $one)<option value="{{ $one }}"
            @selected(($asked['species'] ?? '') === $one)>{{ App\Show\Word::of($one) }}</option>@endforeach</select></label>
        <label><span class="field-label">stage</span><select name="stage"><option value="">all</option>@foreach ($stages as $one)<option value="{{ $one }}"
            @selected(($asked['stage'] ?? '') === $one)>{{ App\Show\Word::of($one) }}</option>@endforeach</select></label>
        <label><span class="field-label">lure</span><select name="lure"><option value="">all</option>@foreach ($book->lures() as $one)<option value="{{ $one }}"
            @selected(($asked['lure'] ?? '') === $one)>{{ App\Show\Word::of($one) }}</option>@endforeach</select></label>
        <label><span class="field-label">place</span><input name="place" value="{{ $asked['place'] ?? '' }}" maxlength="80"></label>
        <label><span class="field-label">a word in it</span><input name="words" value="{{ $asked['words'] ?? '' }}" maxlength="80"></label>
        <button type="submit">Find</button>
        @if ($asked)<a href="{{ route('look-back') }}">All days</a>@endif
    </form>
    <div class="book">
    @if ($calendar)@include('look-back.calendar')@endif
    <section aria-label="Days" id="found">
        <h2>{{ number_format($page->total()) }} {{ $page->total() === 1 ? 'day' : 'days' }}</h2>
        @forelse ($page->items() as $day)
            @include('look-back.row')
        @empty
            <p>{{ $asked ? 'No day is like that. Ask for less.' : 'No day is logged yet. ' }}@unless ($asked)<a href="{{ route('days') }}">Begin one</a>: it stands here from its first cast on.@endunless</p>
        @endforelse
        @include('partials.pages', ['pages' => $page, 'what' => 'days', 'at' => 'found'])
    </section>
    </div>
@endsection
