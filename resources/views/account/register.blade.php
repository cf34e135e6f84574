@extends('layouts.page')
@section('title', 'Register')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Register</h1>
    @include('partials.errors')
    <form method="post" action="{{ route('register.try') }}" class="card">
        @csrf
        <label for="name">Name in the log</label>
        <input id="name" name="name" value="{{ old('name') }}" autocomplete="nickname" required maxlength="60" @error('name') aria-invalid="true" @enderror>
        <label for="email">Email</label>
        <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required maxlength="190" @error('email') aria-invalid="true" @enderror>
        <label for="password">Password, 8 characters or more, 72 bytes at most</label>
        <input id="password" name="password" type="password" autocomplete="new-password" required minlength="8" maxlength="200" @error('password') aria-invalid="true" @enderror>
        <button type="submit" class="act">Register</button>
    </form>
    <p><a href="{{ route('sign-in') }}">I have an account</a></p>
@endsection
