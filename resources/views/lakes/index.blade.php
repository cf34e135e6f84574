@extends('layouts.page')
@section('title', 'Lakes')
@section('content')
    <h1>Lakes</h1>
    @include('partials.errors')
    <div class="two">
        <section>
            @forelse ($lakes as $lake)
                <article class="day-row"><a href="{{ route('lake', $lake->id) }}"><strong>{{ $lake->name }}</strong></a><span>{{ $lake->spots_count }} spots</span></article>
            @empty
                <p>No lake yet. Name one, then take in soundings, a shoreline or your marks.</p>
            @endforelse
        </section>
        <form method="post" action="{{ route('lakes.open') }}" class="card">@csrf<h2>Another lake</h2><label for="name">Name</label><input id="name" name="name" value="{{ old('name') }}" required
            maxlength="80"><button type="submit" class="act">Draw it</button></form>
    </div>
@endsection
