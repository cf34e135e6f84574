@extends('layouts.page')
@section('title', 'Read')
@section('main-class', 'read')
@section('content')
<div class="instrument" x-data="conditions" data-url="{{ route('conditions.change', $trip) }}" data-try="{{ route('try', $trip) }}" data-log="{{ route('log', $trip) }}" data-trip="{{ $trip->id }}"
    data-angler="{{ $trip->user_id }}" data-zone="{{ $trip->conditions['timezone'] ?? '' }}" data-units="{{ $units->metric ? 'metric' : 'us' }}" data-handles="{{ json_encode($handles) }}"
    data-tall="{{ json_encode($tallHandles) }}">
    @include('read.water', ['level' => true])
    <aside class="read-side" aria-label="The reading">
        <h1>Read the water</h1>
        <div class="asked" x-ref="asks" data-asks="{{ route('asks', $trip) }}" aria-live="polite"></div>
        <p class="notice" role="status" x-show="notice" x-text="notice"></p>
        <div id="reading">@include('read.reading')</div>
        <p class="sr" role="status" x-text="told"></p>
        <p><a class="act" href="{{ route('choose', $trip) }}">Choose the lures</a></p>
    </aside>
    <div class="read-chips" id="chips">@include('read.chips')</div>
    <div class="read-sky" role="group" aria-label="Over the water">
        @include('read.fields', ['fields' => [$byPath['weather.sky']]])
        <label class="knob">hour <output data-knob-said="time">{{ App\Show\Clock::of($reading->day->minuteOfDay) }}</output><input type="range" data-knob="time" min="240" max="1320" step="10"
            value="{{ $reading->day->minuteOfDay }}" aria-valuetext="{{ App\Show\Clock::of($reading->day->minuteOfDay) }}"></label>
        <label class="knob">wind <output data-knob-said="weather.wind_mph">{{ $units->show('speed', $reading->day->windMph) }} {{ $units->word('speed') }}</output><input type="range" data-knob="weather.wind_mph"
            min="0" max="{{ $units->show('speed', 30.0) }}" step="1" value="{{ $units->show('speed', $reading->day->windMph) }}" data-unit="{{ $units->word('speed') }}"></label>
    </div>
    <div class="read-tray" role="group" aria-label="Cover: set it into the water">
        @include('read.fields', ['fields' => [$byPath['spot.cover']]])
    </div>
    <div class="read-forecast" data-forecast="{{ route('forecast', $trip) }}">
        <label for="forecast">A forecast file, chosen or dropped on the page (CSV or JSON; <a href="/forecast-example.csv" download>an example</a>)</label>
        <input id="forecast" type="file" accept=".csv,.json,text/csv,application/json" data-forecast-file>
        <span class="muted" data-forecast-said>{{ ($n = count($trip->conditions['forecast'] ?? [])) ? "{$n} hours are forecast" : 'none yet' }}</span>
        <button type="button" class="quiet" data-forecast-away @if (! $n) hidden @endif>Take it away</button>
    </div>
    <form class="read-form" autocomplete="off">
        @foreach ($groups as $heading => $fields)
            <details class="group">
                <summary>{{ $heading }}</summary>
                <div class="group-fields">
                @include('read.fields', ['fields' => array_filter($fields, fn ($f) => ! in_array($f->path, App\Day\FieldSheet::AT_THE_PICTURE, true))])
                @if ($heading === 'The place')<p><button type="button" data-here>Where this device is</button></p>@endif
                </div>
            </details>
        @endforeach
    </form>
    <div class="read-before"><p class="muted">{{ $trip->user->box === null ? 'Your box is empty, so every lure counts as yours.' : count($trip->user->box).' different lures in your box.' }} <a href="{{ route('box') }}">The box</a></p>
    @include('partials.before')</div>
    <div class="read-because" id="because">@include('read.because')</div>
</div>
@endsection
