@extends('layouts.page')
@section('title', 'Our fault')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Our fault</h1>
    <p>Something broke on our side. Nothing you logged is lost.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
