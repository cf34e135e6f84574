@extends('layouts.page')
@section('title', $lake->name)
@section('main-class', 'where')
@section('content')
    <div class="rack-head"><h1>{{ $lake->name }}</h1><a href="{{ route('sketch', $lake) }}">Draw on it</a></div>
    @include('partials.errors')
    <div class="where-two">
        <div>
        @if ($plan)
            @php($marks = App\Drawing\PlanDrawing::marks($spots->items(), $features))
            @include('where.plan', ['title' => "Water plan of {$lake->name} with its spots and what was read out of its shape.", 'marks' => $marks,
                'caption' => "× your spots, letters: read out of the shape; depth lines at {$units->depth(2)}, {$units->depth(5)}, {$units->depth(10)} …; drag, pinch or arrow keys, + and −, 0 for all"])
        @else
            <p class="lede">Nothing is known of its shape yet. <a href="{{ route('sketch', $lake) }}">Draw it with a finger or the mouse</a>, take in a file, or mark spots alone: they are ranked without a chart as well.</p>
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
                            @foreach (['name' => $one['name'], 'lat' => round($feature->lat, 6), 'lon' => round($feature->lon, 6), 'structure' => $feature->kind->value,
                                'shallow_ft' => $sheet->shown('shallow_ft', $feature->shallowFt), 'deep_ft' => $sheet->shown('deep_ft', $feature->deepFt), 'origin' => 'found'] as $key => $value)<input
                                type="hidden" name="{{ $key }}" value="{{ $value }}">@endforeach
                            <span><b>{{ $one['sign'] }}</b> {{ $units->band($feature->shallowFt, $feature->deepFt) }}</span> <button type="submit"
                                aria-label="Keep {{ $one['name'] }}">Keep</button></form><form method="post" action="{{ route('feature.drop', $lake) }}">@csrf<input type="hidden" name="feature"
                                value="{{ $feature->key() }}"><button type="submit" class="quiet" aria-label="Drop {{ $one['name'] }}">Drop</button></form></li>
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
                    <label for="file">GPX, KML, GeoJSON, zipped shapefile, GeoPackage, GeoTIFF, ASCII grid, netCDF, CSV soundings, or a recording of instruments</label><input id="file" type="file" name="file" required>
                    <label for="cell">Side of a grid cell, metres</label><input id="cell" name="cell" inputmode="decimal" value="{{ old('cell', round($lake->cell_m, 2)) }}">
                    <p class="muted">By page up to {{ intdiv(App\Http\Controllers\LayersController::MOST_KB,
                        1024) }} MB, {{ number_format(App\Waters\Layers::MOST_SPOTS) }} spots and {{ number_format(App\Waters\Layers::MOST_POINTS) }} points of shoreline and tracks a file;
                        cells grow by themselves beyond {{ number_format(OldEddy\Where\Lake\Soundings::MOST_CELLS) }} of them. Larger files: php artisan eddy:import.</p>
                    <button type="submit" class="act">Take it in</button></form>
                @if ($layers->isNotEmpty())
                    <ul class="layers" x-data="layers" data-url="{{ route('layers.progress', $lake) }}" data-waits="{{ $layers->where('state', 'waiting')->isNotEmpty() ? '1' : '' }}">
                    @foreach ($layers as $layer)
                        @include('lakes.layer-row')
                    @endforeach
                    </ul>
                @endif
                <p>Give out: <a href="{{ route('lake.give', [$lake, 'geojson']) }}">all of it, as GeoJSON</a> · <a href="{{ route('lake.give', [$lake, 'gpx']) }}">GPX marks and tracks</a> · <a
                    href="{{ route('lake.give', [$lake, 'csv']) }}">CSV depths</a></p>
            </section>
            <section aria-label="Spots" id="spots">
                <h2>Spots <small class="muted">{{ $spots->total() }}</small></h2>
                @if ($spots->total() > $spots->perPage() || $asked !== '')
                    <form method="get" action="{{ route('lake', $lake) }}#spots" class="beside"><label class="grow"><span class="field-label">Names with</span><input name="q" value="{{ $asked }}"
                        maxlength="80"></label><button type="submit">Find</button></form>
                @endif
                @if ($spots->isNotEmpty())
                <form method="post" action="{{ route('spots.many', $lake) }}">@csrf
                    <ul class="spot-list">
                    @foreach ($spots as $spot)
                        <li><label class="tick"><input type="checkbox" name="spots[]" value="{{ $spot->id }}" aria-label="Mark {{ $spot->name }}"></label><a href="{{ route('lake', [$lake,
                            'spot' => $spot->id, ...request()->only('q', 'page')]) }}#spot" @if ($chosen?->id === $spot->id) aria-current="true" @endif>{{ $spot->name }}</a> <span
                            class="muted">{{ App\Show\Word::of($spot->structure ?? '') }}</span></li>
                    @endforeach
                    </ul>
                    @include('partials.pages', ['pages' => $spots, 'what' => 'spots', 'at' => 'spots'])
                    <details><summary>With those that are marked</summary><div class="beside">
                        <label><span class="field-label">they are</span><select name="structure"><option value="">not said</option>@foreach ($options['structure'] as $key)<option
                            value="{{ $key }}">{{ App\Show\Word::of($key) }}</option>@endforeach</select></label>
                        <button type="submit" name="do" value="structure">Say so</button>
                        <button type="submit" name="do" value="drop" class="quiet">Drop them</button>
                    </div></details>
                </form>
                @endif
                @if ($chosen)
                    <div class="card" id="spot"><h3>{{ $chosen->name }}</h3>@include('lakes.spot', ['spot' => $chosen])
                        <form method="post" action="{{ route('spot.drop', [$lake, $chosen->id]) }}" class="beside">@csrf @method('delete')<button type="submit"
                            class="quiet">Drop it</button></form></div>
                @endif
                <details class="entry" @if ($errors->any() && old('name') !== null && ! old('id')) open @endif><summary>Mark another</summary>@include('lakes.spot', ['spot' => null])</details>
            </section>
        </div>
    </div>
@endsection
