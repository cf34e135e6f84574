@extends('layouts.page')
@section('title', 'Not allowed')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Not allowed</h1>
    <p>This page is not for you.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
