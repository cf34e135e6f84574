@extends('layouts.page')
@section('title', 'Settings')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Settings</h1>
    <p><a href="{{ route('account') }}">Your account</a>: name, address, password, devices.</p>
    @include('partials.errors')
    <form method="post" action="{{ route('settings.save') }}" class="card">
        @csrf
        <input type="hidden" name="back" value="settings">
        <fieldset class="group">
            <legend>Units</legend>
            <div class="segments">
                @foreach (['us' => 'feet, °F, ounces', 'metric' => 'metres, °C, grams'] as $key => $label)
                    <label><input type="radio" name="units" value="{{ $key }}" @checked(old('units', $user->units) === $key)><span>{{ $label }}</span></label>
                @endforeach
            </div>
        </fieldset>
        <fieldset class="group">
            <legend>Your own days</legend>
            <label class="check"><input type="checkbox" name="own_success" value="1" @checked(old('own_success',
                $user->own_success))> what they gave on a lure in water like today's moves the lineup <a class="rule-tag" href="{{ route('rule', 'M24') }}">because M24</a></label>
        </fieldset>
        <fieldset class="group">
            <legend>Your bag</legend>
            <p>Your own limits, for the running weight on the deck. They are not the law: local rules decide. <a class="rule-tag" href="{{ route('rule', 'Y7') }}">because Y7</a></p>
            <label for="bag">Number of fish that make a bag</label>
            <input id="bag" name="bag" type="number" min="1" max="{{ OldEddy\Log\Fish\BagLimits::MOST }}" value="{{ old('bag', $limits->number) }}">
            <details @if ($limits->leastIn || old('least')) open @endif><summary>Shortest that you count, by species, {{ $units->sizeWord() }}</summary>
                @foreach ($species as $one)
                    <label for="least-{{ $one }}">{{ App\Show\Word::of($one) }}</label>
                    <input id="least-{{ $one }}" name="least[{{ $one }}]" type="number" step="0.25" min="0" inputmode="decimal" value="{{ old("least.{$one}", isset($limits->leastIn[$one])
                        ? $units->showSize($limits->leastIn[$one]) : '') }}">
                @endforeach
            </details>
        </fieldset>
        <fieldset class="group">
            <legend>Schools</legend>
            <p>Practitioners disagree in places. Left open, the default of the trade holds.</p>
            @foreach ($choices as $key => $schools)
                <label for="school-{{ $key }}">{{ $units->say(OldEddy\Day\Schools\Schools::about($key)) }}</label>
                <select id="school-{{ $key }}" name="schools[{{ $key }}]">
                    <option value="">default</option>
                    @foreach ($schools as $school)
                        <option value="{{ $school }}" @selected(old("schools.{$key}", $user->schools[$key] ?? '') === $school)>{{ str_replace('_', ' ', $school) }}</option>
                    @endforeach
                </select>
            @endforeach
        </fieldset>
        <button type="submit" class="act">Keep</button>
    </form>
@endsection
