@extends('layouts.page')
@section('title', 'Boat')
@section('content')
    <h1>What the boat says</h1>
    @include('partials.errors')
    <div class="two">
        <section>
            @if ($boat === null)
                <p>Nothing heard yet. A recording of the instruments can be read here; a running stream is read by the command below.</p>
            @else
                <p>Heard {{ $boat['heard'] }} sentences, the last at {{ substr((string) $boat['until'], 11,
                    8) ?: 'no known time' }}. {{ $fixes }} positions kept.@if ($boat['undated']) {{ $boat['undated'] }} came before the clock was known and were left out.@endif</p>
                @if ($boat['broken'])<p class="trouble">Broken lines left out: {{ collect($boat['broken'])->map(fn ($n, $why) => "{$n} ".App\Show\Word::of($why))->join(', ') }}.</p>@endif
                @foreach ($boat['unbelieved'] ?? [] as $one)<p class="trouble">{{ ucfirst(App\Show\Measured::of($one['path'], $one['value'],
                    $units)) }} was measured and is not believed: it is left out of the day.</p>@endforeach
                <table class="parts">
                    <thead><tr><th scope="col">value</th><th scope="col" class="num">said</th><th scope="col" class="num">at</th></tr></thead>
                    @foreach ($boat['values'] as $key => $one)
                        <tr><td>{{ App\Show\Word::of(preg_replace('/_(ft|f|mph|deg|hpa)$/', '', $key)) }}</td><td class="num">{{ App\Show\Measured::words($key, $one['value'], $units) }}</td><td
                            class="num">{{ substr($one['at'], 11, 8) }}@if ($one['stale']) <b>stale</b>@endif</td></tr>
                    @endforeach
                </table>
                <p class="muted">Fresh values fill what nobody typed on Read; what was typed by hand stays.</p>
            @endif
        </section>
        <section>
            <form method="post" action="{{ route('boat.take', $trip) }}" enctype="multipart/form-data" class="card">
                @csrf
                <h2>Read a recording</h2>
                <label for="recording">NMEA 0183 sentences, one a line</label>
                <input id="recording" name="recording" type="file" required>
                <button type="submit" class="act">Read it</button>
            </form>
            <h2>A running stream</h2>
            <p>On the boat's computer: <code>php artisan eddy:listen {{ $trip->id }} --tcp=HOST:PORT</code>. Without a boat: <code>php artisan eddy:boat</code> plays one.</p>
        </section>
    </div>
@endsection
