@extends('layouts.page')
@section('title', 'Slow down')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Slow down</h1>
    <p>Too many tries in a short time. Wait a minute.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
