@extends('layouts.page')
@section('title', 'Sections')
@section('content')
    <h1>Sections of the lake</h1>
    <p>One lake holds several seasons at once. Give each section its own water; what is left open is as the lake. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null,
        'W10') }}">because W10</a></p>
    @include('partials.errors')
    @if ($plans)
        <div class="wide" tabindex="0" role="region" aria-label="Sections side by side">
        <table class="log">
            <thead><tr><th scope="col">section</th>@foreach ($plans as $plan)<th scope="col">{{ $plan->name }}</th>@endforeach</tr></thead>
            <tbody>
                <tr><th scope="row">stage</th>@foreach ($plans as $plan)<td><b>{{ $plan->reading->stage->stage->words() }}</b><br><span
                    class="muted">{{ $units->say($plan->reading->stage->why) }}</span></td>@endforeach</tr>
                <tr><th scope="row">water</th>
                    @foreach ($plans as $plan)<td>{{ $units->temp($plan->reading->day->tempF) }}, {{ $plan->reading->day->clarity->value }}, {{ $plan->reading->day->clarityShift->words() }}</td>@endforeach</tr>
                <tr><th scope="row">mood</th>@foreach ($plans as $plan)<td>{{ $plan->reading->mood->word() }} {{ sprintf('%+.2f', $plan->reading->mood->value) }}</td>@endforeach</tr>
                <tr><th scope="row">fish</th>@foreach ($plans as $plan)<td>{{ $units->band($plan->reading->stand->shallowFt,
                    $plan->reading->stand->deepFt) }}, {{ $plan->reading->stand->column->words() }}</td>@endforeach</tr>
                <tr><th scope="row">look for</th>@foreach ($plans as $plan)<td>{{ implode(', ', array_map(fn ($s) => $s->words(), array_slice($plan->reading->stand->structures, 0,
                    3))) }}</td>@endforeach</tr>
                <tr><th scope="row">first lures</th>@foreach ($plans as $plan)<td>{{ implode(', ', array_map(fn ($l) => str_replace('_', ' ', $l), $plan->lures)) }}</td>@endforeach</tr>
            </tbody>
        </table>
        </div>
    @else
        <p>No section yet. Name two, such as the lower end and the upper arm, and measure each.</p>
    @endif
    <form method="post" action="{{ route('sections.keep', $trip) }}" class="card">
        @csrf
        @foreach (range(0, min(11, count($sections) + 1)) as $i)
            <div class="section-row">
                <div><label for="s-name-{{ $i }}">Section {{ $i + 1 }}</label><input id="s-name-{{ $i }}" name="sections[{{ $i }}][name]" maxlength="60" value="{{ old("sections.{$i}.name",
                    $sections[$i]['name'] ?? '') }}"></div>
                <div><label for="s-temp-{{ $i }}">Surface, {{ $units->word('temp') }}</label><input id="s-temp-{{ $i }}" name="sections[{{ $i }}][temp]" type="number" step="any" inputmode="decimal"
                    value="{{ old("sections.{$i}.temp", isset($sections[$i]['temp_f']) ? $units->show('temp', $sections[$i]['temp_f']) : '') }}"></div>
                <div><label for="s-vis-{{ $i }}">Visibility, {{ $units->word('depth') }}</label><input id="s-vis-{{ $i }}" name="sections[{{ $i }}][visibility]" type="number" step="any"
                    inputmode="decimal" value="{{ old("sections.{$i}.visibility", isset($sections[$i]['visibility_ft']) ? $units->show('depth', $sections[$i]['visibility_ft']) : '') }}"></div>
                <div><label for="s-stage-{{ $i }}">Stage, if you know better</label><select id="s-stage-{{ $i }}" name="sections[{{ $i }}][stage]"><option
                    value="">as its water says</option>@foreach (OldEddy\Day\Season\Stage::cases() as $stage)<option
                    value="{{ $stage->value }}" @selected(old("sections.{$i}.stage", $sections[$i]['stage'] ?? '') === $stage->value)>{{ $stage->words() }}</option>@endforeach</select></div>
            </div>
        @endforeach
        <button type="submit" class="act">Compare</button>
    </form>
    <p><a href="{{ route('read', $trip) }}">Back to the reading</a></p>
@endsection
