@extends('layouts.page')
@section('title', 'The day on one page')
@section('content')
    @php($clock = fn (int $m) => sprintf('%02d:%02d', intdiv($m, 60), $m % 60))
    <h1>{{ $trip->name }}, {{ $trip->conditions['date'] ?? '' }}</h1>
    @include('partials.ribbon', ['key' => 'sheet'])
    <div class="two">
        <section>
            <h2>The route</h2>
            @if ($route)
                <table class="log"><thead><tr><th scope="col">from</th><th scope="col">to</th><th scope="col">spot</th><th scope="col">what</th><th scope="col" class="num">run</th></tr></thead>
                    @foreach ($route['stops'] as $stop)<tr><td>{{ $clock($stop['at']) }}</td><td>{{ $clock($stop['to']) }}</td><td>{{ $stop['name'] }}</td><td>{{ App\Show\Word::of($spots[$stop['spot']]->structure ?? '') }}{{ isset($spots[$stop['spot']]) && $spots[$stop['spot']]->shallow_ft !== null ? ', '.$units->band($spots[$stop['spot']]->shallow_ft, $spots[$stop['spot']]->deep_ft) : '' }}</td><td class="num">{{ $stop['run_min'] }} min</td></tr>@endforeach
                </table>
                <p>Back by {{ $clock($route['end']) }}.</p>
            @else
                <p>No route is planned. <a href="{{ route('where', $trip) }}">Plan it.</a></p>
            @endif
        </section>
        <section>
            <h2>The rack</h2>
            <table class="log"><thead><tr><th scope="col">lure</th><th scope="col">color</th><th scope="col">depth</th><th scope="col">retrieve</th></tr></thead>
                @forelse ($rack as $rod)<tr><td>{{ App\Show\Word::of($rod->lure) }}</td><td>{{ App\Show\Word::of($rod->color) }}</td><td>{{ $units->depth($rod->depth_ft) }}</td><td>{{ App\Show\Word::of($rod->retrieve) }}</td></tr>@empty<tr><td colspan="4">Nothing is rigged yet.</td></tr>@endforelse
            </table>
        </section>
    </div>
@endsection
