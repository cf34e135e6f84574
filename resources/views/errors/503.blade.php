@extends('layouts.page')
@section('title', 'Back soon')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Back soon</h1>
    <p>The application is being updated.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
