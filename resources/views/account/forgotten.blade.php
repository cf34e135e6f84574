@extends('layouts.page')
@section('title', 'Forgotten')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>A new password</h1>
    @include('partials.errors')
    <p>Ask whoever runs this program for a one-time code: it is good for {{ $minutes }} minutes.</p>
    <form method="post" action="{{ route('forgotten.try') }}" class="card">@csrf
        <label for="email">Email</label>
        <input id="email" name="email" type="email" value="{{ old('email') }}" required maxlength="190" autocomplete="username" @error('email') aria-invalid="true" @enderror>
        <label for="code">The code</label>
        <input id="code" name="code" required maxlength="40" autocomplete="one-time-code" autocapitalize="characters" @error('code') aria-invalid="true" @enderror>
        <label for="password">The new password, 8 characters or more, 72 bytes at most</label>
        <input id="password" name="password" type="password" required minlength="8" maxlength="200" autocomplete="new-password" @error('password') aria-invalid="true" @enderror>
        <button type="submit" class="act">Set it</button>
    </form>
    <p><a href="{{ route('sign-in') }}#email">I remember it</a></p>
@endsection
