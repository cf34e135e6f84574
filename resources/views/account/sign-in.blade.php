@extends('layouts.page')
@section('title', 'Sign in')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Where they stand, and what to show them</h1>
    <p class="lede">Say what the water is like. Old Eddy reads where the fish stand, chooses the lures with their reasons, keeps the log of your casts and tells you honestly whether you have a pattern.</p>
    @include('partials.errors')
    <form method="post" action="{{ route('sign-in.try') }}" class="card">
        @csrf
        <label for="email">Email</label>
        <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" required maxlength="190" @error('email') aria-invalid="true" @enderror>
        <label for="password">Password</label>
        <input id="password" name="password" type="password" autocomplete="current-password" required maxlength="200">
        <button type="submit" class="act">Sign in</button>
    </form>
    <div class="beside">
        <form method="post" action="{{ route('look-around') }}">@csrf<button type="submit">Look around with the demo</button></form>
        <a href="{{ route('register') }}">Register</a>
    </div>
@endsection
