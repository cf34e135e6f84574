@extends('layouts.page')
@section('title', 'Drill')
@section('content')
    <h1>Drill</h1>
    <p class="lede">A hidden day: the water wants a cover, a depth, a pace, a color and a weight, and another light once the sun is up; it tells you only by its fish. 
        Fish it on the real deck; each tap on the cast key is one cast, and the water answers. Then see how the advice did in the same time.</p>
    <div class="two">
        <form method="post" action="{{ route('drill.begin') }}" class="card">
            @csrf
            @include('partials.errors')
            <input type="hidden" name="ask" value="{{ $ask }}">
            <label for="seed">Number of the day, for fishing the same one again</label>
            <input id="seed" name="seed" type="number" min="1" max="999999" value="{{ old('seed') }}" placeholder="any">
            <p class="beside"><button class="act" type="submit">Begin a day of casts</button> <button type="submit" name="mode" value="troll">Begin a day of trolling</button></p>
            <p class="muted">A trolling day hides a depth, a lure, a color, a speed, and whether far off the boat or near. You tow on for some minutes, see what struck, move a line, tow on.</p>
        </form>
        <section>
            <h2>Drills so far</h2>
            @forelse ($drills as $drill)
                <article class="day-row"><a href="{{ route('fish',
                    $drill) }}">{{ $drill->name }}</a><span>{{ (int) $drill->casts_made }} casts, {{ $drill->contacts_count }} {{ $drill->contacts_count === 1 ? 'contact' : 'contacts' }}</span><a
                    href="{{ route('drill.end', $drill) }}">the secret</a></article>
            @empty
                <p>None yet.</p>
            @endforelse
        </section>
    </div>
@endsection
