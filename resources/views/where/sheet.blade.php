@extends('layouts.page')
@section('title', 'The day on one page')
@section('main-class', 'sheet one-page')
@section('content')
    @php($clock = App\Show\Clock::of(...))
    @php($stops = $route->stops ?? [])
    <h1>{{ $trip->name }}, {{ $trip->conditions['date'] ?? '' }}</h1>
    <div class="two">
        <section>
            <h2>The route</h2>
            @if ($stops)
                <table class="log"><thead><tr><th scope="col">from</th><th scope="col">to</th><th scope="col">spot</th><th scope="col">what</th><th scope="col" class="num">run</th></tr></thead>
                    @foreach ($stops as $stop)
                        @php($spot = $spots[$stop->spot] ?? null)
                        @php($depth = $spot?->place()->depthAt($rise))
                        <tr><td>{{ $clock($stop->at) }}</td><td>{{ $clock($stop->to) }}</td><td>{{ $loop->iteration }} {{ $stop->name }}</td><td>{{ App\Show\Word::of($spot?->structure ?? '') }}{{ $depth === null
                            ? '' : ', '.$units->band(...$depth) }}</td><td class="num">{{ $stop->runMin }} min</td></tr>
                    @endforeach
                </table>
                <p>Back by {{ $clock($route->backAt) }}.@if ($route->asked->fuelPerHour) Fuel {{ $route->fuel }}.@endif</p>
            @else
                <p>No route is planned. <a href="{{ route('where', $trip) }}">Plan it.</a></p>
            @endif
        </section>
        <section>
            @include('partials.hours')
            @include('partials.ribbon', ['key' => 'sheet'])
        @if ($plan && $stops)
            @include('where.plan', ['title' => 'The route on the water', 'marks' => array_values(array_filter(array_map(fn ($stop, $i) => isset($spots[$stop->spot])
                ? ['name' => $stop->name, 'lat' => $spots[$stop->spot]->lat, 'lon' => $spots[$stop->spot]->lon, 'sign' => $i + 1, 'class' => 'best'] : null, $stops, array_keys($stops))))])
        @endif
            <h2>The rack</h2>
            <table class="log"><thead><tr><th scope="col">lure</th><th scope="col">color</th><th scope="col">depth</th><th scope="col">retrieve</th></tr></thead>
                @forelse ($rack as $rod)
                    <tr><td>{{ App\Show\Word::of($rod->lure) }}</td><td>{{ App\Show\Word::of($rod->color) }}</td><td>{{ $units->depth($rod->depth_ft) }}</td><td>{{ App\Show\Word::of($rod->retrieve) }}</td></tr>
                @empty
                    <tr><td
                    colspan="4">Nothing is rigged yet.</td></tr>@endforelse
            </table>
        </section>
    </div>
@endsection
