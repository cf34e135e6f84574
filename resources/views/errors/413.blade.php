@extends('layouts.page')
@section('title', 'Too much at once')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Too much at once</h1>
    <p>What was sent is larger than anything this application asks for.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
