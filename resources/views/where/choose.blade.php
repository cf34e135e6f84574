@extends('layouts.page')
@section('title', 'Where')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Which lake?</h1>
    @if ($lakes->isEmpty())
        <p>No water yet. Most waters have no chart: draw yours, or begin with a few spots alone. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S31') }}">because S31</a></p>
    @else
        <form method="post" action="{{ route('where.on', $trip) }}" class="card">
            @csrf
            <label for="lake">The lake of this day</label>
            <select id="lake" name="lake">@foreach ($lakes as $lake)<option value="{{ $lake->id }}">{{ $lake->name }}</option>@endforeach</select>
            <button type="submit" class="act">This one</button>
        </form>
    @endif
    @include('partials.errors')
    <form method="post" action="{{ route('where.begin', $trip) }}" class="card">
        @csrf
        <h2>Another water</h2>
        <label for="name">Its name</label>
        <input id="name" name="name" value="{{ old('name') }}" required maxlength="80">
        <div class="beside"><button type="submit" name="how" value="draw" class="act">Draw it</button><button type="submit" name="how" value="spots">Begin with spots alone</button></div>
        <p class="muted">Charts, soundings and marks as files: on the page of the water.</p>
    </form>
@endsection
