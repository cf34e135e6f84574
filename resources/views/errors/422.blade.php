@extends('layouts.page')
@section('title', 'Not understood')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Not understood</h1>
    @foreach ($wrong as $one)<p>{{ $one }}</p>@endforeach
    <p><a href="{{ url('/') }}">Back to the start</a></p>
@endsection
