@extends('layouts.page')
@section('title', 'Adding up')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Adding up your days</h1>
    <p>Your log is being added up once, so that it can be looked back on. This page goes on by itself.</p>
    <p x-data="summing" data-url="{{ route('look-back.summing') }}" data-waits="1" data-enough="{{ $enough }}" aria-live="polite">
        <progress max="{{ $left }}" value="0" aria-label="Days added up"></progress> <span data-left>{{ $left }} days to go.</span></p>
@endsection
