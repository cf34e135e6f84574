@extends('layouts.page')
@section('title', 'Read')
@section('main-class', 'read')
@section('content')
    <div class="read-side" id="reading" aria-live="polite">@include('read.reading')</div>
    <form class="read-form" x-data="conditions" data-url="{{ route('conditions.change', $trip) }}" data-log="{{ route('log', $trip) }}"
        data-trip="{{ $trip->id }}" data-angler="{{ $trip->user_id }}" data-zone="{{ $trip->conditions['timezone'] ?? '' }}" data-units="{{ $units->metric ? 'metric' : 'us' }}" autocomplete="off">
        <h1>Read the water</h1>
        <div class="asked" x-ref="asks" data-asks="{{ route('asks', $trip) }}" aria-live="polite"></div>
        <p class="notice" role="status" x-show="notice" x-text="notice"></p>
        @foreach ($groups as $heading => $fields)
            <fieldset class="group">
                <legend>{{ $heading }}</legend>
                @foreach ($fields as $field)
                    @include('read.field', ['field' => $field, 'value' => $values[$field->path], 'assumption' => $assumed[$field->path] ?? null, 'note' => $notes[$field->path] ?? null])
                @endforeach
            </fieldset>
        @endforeach
    </form>
@endsection
