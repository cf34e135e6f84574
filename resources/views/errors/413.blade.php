@extends('layouts.page')
@section('title', 'Too much at once')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Too much at once</h1>
    <p>{{ $exception->getMessage() ?: 'What was sent is larger than anything this application asks for. Nothing was changed.' }}</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
