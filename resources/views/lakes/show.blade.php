@extends('layouts.page')
@section('title', $lake->name)
@section('main-class', 'where')
@section('content')
    <h1>{{ $lake->name }}</h1>
    @include('partials.errors')
    <div class="where-two">
        <div>
        @if ($plan)
            @php($marks = [...$spots->map(fn ($s) => ['name' => $s->name, 'lat' => $s->lat, 'lon' => $s->lon, 'sign' => '×', 'class' => 'best'])->all(), ...array_map(fn ($f) => ['name' => $f['name'], 'lat' => $f['feature']->lat, 'lon' => $f['feature']->lon, 'sign' => $f['sign'], 'class' => 'found'], array_merge(...array_values($features)))])
            @include('where.plan', ['title' => "Water plan of {$lake->name} with its spots and what was read out of its shape.", 'depths' => $plan->depths(0), 'marks' => $marks, 'caption' => "× your spots, letters: read out of the shape; depth lines at {$units->depth(2)}, {$units->depth(5)}, {$units->depth(10)} …; drag, pinch or arrow keys, + and −, 0 for all"])
        @else
            <p class="lede">Nothing is known of its depths yet. Take in a file below: soundings (lon, lat, depth), a recording of your instruments, a shoreline, or marks.</p>
        @endif
        </div>
        <div>
            <section aria-label="Read out of the shape">
                <h2>Read out of the shape</h2>
                @forelse ($features as $kind => $found)
                    <h3>{{ ucfirst($kind) }}</h3>
                    <ul class="features">
                    @foreach ($found as $one)
                        @php($feature = $one['feature'])
                        <li><form method="post" action="{{ route('spot.keep', $lake) }}" class="beside">@csrf
                            @foreach (['name' => $one['name'], 'lat' => round($feature->lat, 6), 'lon' => round($feature->lon, 6), 'structure' => $feature->kind->value, 'shallow_ft' => $sheet->shown('shallow_ft', $feature->shallowFt), 'deep_ft' => $sheet->shown('deep_ft', $feature->deepFt), 'origin' => 'found'] as $key => $value)<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endforeach
                            <span><b>{{ $one['sign'] }}</b> {{ $units->band($feature->shallowFt, $feature->deepFt) }}</span> <button type="submit" aria-label="Keep {{ $one['name'] }}">Keep</button></form><form method="post" action="{{ route('feature.drop', $lake) }}">@csrf<input type="hidden" name="feature" value="{{ $feature->key() }}"><button type="submit" class="quiet" aria-label="Drop {{ $one['name'] }}">Drop</button></form></li>
                    @endforeach
                    </ul>
                @empty
                    <p>{{ $plan ? 'Nothing more than your spots.' : 'Needs depths.' }}</p>
                @endforelse
                <p class="muted">By curvature and position of the bottom. <a class="rule-tag" href="{{ route('rule', 'S23') }}">because S23</a></p>
            </section>
            <section aria-label="Files">
                <h2>Files</h2>
                <form method="post" action="{{ route('lake.take', $lake) }}" enctype="multipart/form-data" class="card">@csrf
                    <label for="file">GPX marks, GeoJSON, CSV soundings, or a recording of instruments</label><input id="file" type="file" name="file" required>
                    <label for="cell">Side of a grid cell, metres</label><input id="cell" name="cell" inputmode="decimal" value="{{ old('cell', 10) }}">
                    <button type="submit" class="act">Take it in</button></form>
                <p>Give out: <a href="{{ route('lake.give', [$lake, 'gpx']) }}">GPX</a> · <a href="{{ route('lake.give', [$lake, 'geojson']) }}">GeoJSON</a> · <a href="{{ route('lake.give', [$lake, 'csv']) }}">CSV depths</a></p>
            </section>
            <section aria-label="Spots">
                <h2>Spots</h2>
                @foreach ($spots as $spot)
                    <details class="entry" @if (old('id') === (string) $spot->id) open @endif><summary>{{ $spot->name }} <span class="muted">{{ App\Show\Word::of($spot->structure ?? '') }}</span></summary>
                        @include('lakes.spot', ['spot' => $spot])
                        <form method="post" action="{{ route('spot.drop', [$lake, $spot->id]) }}" class="beside">@csrf @method('delete')<button type="submit" class="quiet">Drop it</button></form>
                    </details>
                @endforeach
                <details class="entry" @if ($errors->any() && old('name') !== null && old('id') === null) open @endif><summary>Mark another</summary>@include('lakes.spot', ['spot' => null])</details>
            </section>
        </div>
    </div>
@endsection
