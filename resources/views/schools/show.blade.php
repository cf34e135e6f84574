@extends('layouts.page')
@section('title', 'Schools')
@section('content')
    <h1>What each school would do on this water</h1>
    <p>Practitioners disagree in places. Here each school is given today's water; shown is where they part. Choose yours in the <a href="{{ route('settings') }}">settings</a>. <a class="rule-tag"
        href="{{ App\Show\RuleLink::to($trip ?? null, 'SCHOOLS') }}">because SCHOOLS</a></p>
    @foreach ($compared as $key => $views)
        <section>
            <h2>{{ $units->say(OldEddy\Day\Schools\Schools::about($key)) }}</h2>
            @if ($views[0]->differs === [])
                <p class="muted">All agree on this water: {{ implode(', ', array_map(fn ($v) => str_replace('_', ' ', $v->school), $views)) }}.</p>
            @else
                <div class="wide">
                <table class="log">
                    <thead><tr><th scope="col">on</th>@foreach ($views as $view)<th scope="col">{{ str_replace('_', ' ', $view->school) }}@if ($view->speaks) <span
                        class="muted">speaks today</span>@endif</th>@endforeach</tr></thead>
                    <tbody>
                        @foreach ($views[0]->differs as $subject)
                            <tr><th scope="row">{{ $subject }}</th>@foreach ($views as $view)<td>{{ $units->say($view->advice[$subject]) }}</td>@endforeach</tr>
                        @endforeach
                    </tbody>
                </table>
                </div>
            @endif
        </section>
    @endforeach
    <p><a href="{{ route('choose', $trip) }}">Back to the lineup</a></p>
@endsection
