@extends('layouts.page')
@section('title', 'The secret')
@section('content')
    <h1>The water hid: {{ $units->say($hidden->told()) }}</h1>
    @if ($advised === null)
        <p>Not a minute was towed. <a href="{{ route('drill.tow', $trip) }}">Fish it first.</a></p>
    @else
        <p class="lede">You: {{ $drill->gone }} minutes, contacts worth {{ round($mine->worth(), 1) }}. The advice, in the same minutes on the same water: contacts worth {{ round($advised->worth(), 1) }}.</p>
        <p class="muted">Both met the same luck line by line and minute by minute, and both paid two minutes for each line they changed. One day says little of either of you.</p>
        @include('drill.curves', ['mineWorth' => $mine->worth(), 'itsWorth' => $advised->worth(), 'unit' => 'minutes'])
        <div class="two">
            <section>
                <h2>What your lines cost</h2>
                @if ($costs = $mine->dearest(6))
                    <ul>
                        @foreach ($costs as $cost)
                            <li>{{ ucfirst(App\Show\Word::of($cost->run->key)) }}, {{ round($cost->run->minutes) }} min, {{ App\Show\Word::of($cost->run->lure) }},
                                {{ App\Show\Word::of($cost->run->color) }}, {{ $units->depth($cost->run->depthFt) }}: {{
                                implode(', ', $cost->missed) }}. It cost about {{ round($cost->lost, 1) }} contacts.</li>
                        @endforeach
                    </ul>
                @else
                    <p>Nothing: they met all of it.</p>
                @endif
                <p><a class="act" href="{{ route('confirm', $trip) }}">Your evidence</a> <a href="{{ route('drill.tow', $trip) }}">Fish on</a></p>
            </section>
            <section>
                <h2>What the advice did</h2>
                <div class="wide" tabindex="0" role="region" aria-label="What the advice did">
                <table class="log"><thead><tr><th scope="col">line</th><th scope="col">lure</th><th scope="col" class="num">depth</th><th scope="col" class="num">min</th><th scope="col">contacts</th></tr></thead><tbody>
                    @foreach ($advised->runs as $run)
                        <tr><td>{{ App\Show\Word::of($run->key) }}</td><td>{{ App\Show\Word::of($run->lure) }}, {{ App\Show\Word::of($run->color) }}</td><td class="num">{{
                            $units->depth($run->depthFt) }}</td><td class="num">{{ round($run->minutes) }}</td><td>{{ implode(', ', array_map(fn ($s) => $s->contact->kind->words(), $run->strikes)) }}</td></tr>
                    @endforeach
                </tbody></table>
                </div>
            </section>
        </div>
    @endif
@endsection
