@extends('layouts.page')
@section('title', $report->title())
@section('main-class', 'sheet one-page')
@section('content')
    @push('head')<meta name="robots" content="noindex, nofollow"><meta name="referrer" content="no-referrer">@endpush
    @include('look-back.report')
    <p class="beside muted"><a href="{{ route('shared.picture', $token) }}">As a picture</a> <a href="{{ route('shared.text', $token) }}">As plain text</a> What one angler chose to show of a day.</p>
@endsection
