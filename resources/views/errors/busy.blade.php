@extends('errors.plain')
@section('title', 'In a moment')
@section('content')
    <h1>In a moment</h1>
    <p>{{ $says }}</p>
@endsection
