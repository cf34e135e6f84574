@extends('layouts.page')
@section('title', 'Not here')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Not here</h1>
    <p>There is nothing at this address, or it is not yours.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
