@extends('layouts.page')
@section('title', 'Fish')
@section('main-class', 'fish')
@section('content')
    <div x-data="deck" data-url="{{ route('log', $trip) }}" data-trip="{{ $trip->id }}">
        <p class="notice" role="status" aria-live="polite" x-show="notice" x-text="notice"></p>
        <div id="deck">@include('fish.deck')</div>
    </div>
@endsection
