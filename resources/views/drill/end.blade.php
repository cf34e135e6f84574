@extends('layouts.page')
@section('title', 'The secret')
@section('content')
    <h1>The water hid: {{ $units->say($hidden->told()) }}</h1>
    @if ($advised === null)
        <p>Not a cast was made. <a href="{{ route('fish', $trip) }}">Fish it first.</a></p>
    @else
        <p class="lede">You: {{ $casts }} casts, contacts worth {{ round($weight,
            1) }}. The advice, with {{ $casts }} casts of time on the same water: {{ $advised->casts() }} made, contacts worth {{ round($advised->weight(), 1) }}.</p>
        <p class="muted">Both met the same luck cast by cast, and both paid for running and tying on. One day says little of either of you.</p>
        @include('drill.curves', ['mineWorth' => $weight, 'itsWorth' => $advised->weight(), 'unit' => 'casts'])
        <div class="two">
            <section>
                <h2>What you found</h2>
                <p>{{ ucfirst($units->say($day->pattern->text)) }}</p>
                <p>The places that held it: {{ implode(', ', array_map(fn ($p) => $p->name, $hidden->places(OldEddy\Drill\Compared::DAY_MIN))) }}.</p>
                @if ($costs = $mine->dearest(5))
                    <h3>What your choices cost</h3>
                    <ul>
                        @foreach ($costs as $cost)
                            <li>{{ $cost->casts }} casts: {{ $units->say($cost->chosen->presentation->words()) }} at {{ $cost->chosen->place->name }}.
                                {{ ucfirst($units->say($cost->best->presentation->words())) }} at {{ $cost->best->place->name }} would have brought about {{ round($cost->lost(),
                                1) }} more.</li>
                        @endforeach
                    </ul>
                @endif
                <p><a class="act" href="{{ route('confirm', $trip) }}">Your evidence</a> <a href="{{ route('fish', $trip) }}">Fish on</a></p>
            </section>
            <section>
                <h2>What the advice did</h2>
                <div class="wide" tabindex="0" role="region" aria-label="What the advice did">
                <table class="log"><thead><tr><th scope="col">spot</th><th scope="col">lure</th><th scope="col" class="num">casts</th><th scope="col">contacts</th></tr></thead><tbody>
                    @foreach ($advised->stints as $stint)
                        <tr><td>{{ $stint->levels['spot'] }}</td><td>{{ App\Show\Word::of($stint->levels['lure']) }}</td><td class="num">{{ $stint->casts }}</td><td>{{ implode(', ',
                            array_map(fn ($c) => $c->kind->words(), $stint->contacts)) }}</td></tr>
                    @endforeach
                </tbody></table>
                </div>
            </section>
        </div>
    @endif
@endsection
