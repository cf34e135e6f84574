@extends('layouts.page')
@section('title', 'The page had gone stale')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>The page had gone stale</h1>
    <p>You were signed out or the page stood open too long. Go back, reload, and send again.</p>
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
