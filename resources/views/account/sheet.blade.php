@extends('layouts.page')
@section('title', 'A log from elsewhere')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>A log from elsewhere</h1>
    <p x-data="archives" data-url="{{ route('archive.progress') }}" data-waits="1" aria-live="polite">The spreadsheet is being read. This page goes on by itself.</p>
    <p><a href="{{ route('archive') }}">Out and in</a></p>
@endsection
