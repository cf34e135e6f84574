@extends('layouts.page')
@section('title', 'Come aboard')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Come aboard</h1>
    @include('partials.errors')
    <form method="post" action="{{ route('join.try') }}" class="card">@csrf
        @if ($day)
            <p><b>{{ $day->name }}</b>, {{ $day->conditions['date'] ?? '' }}, with {{ $day->user->name }}. You log your own casts and fish on this phone, with or without signal.</p>
            <input type="hidden" name="code" value="{{ $code }}">
        @else
            <label for="code">The code on the owner’s screen</label>
            <input id="code" name="code" value="{{ old('code', $code) }}" required maxlength="20" autocomplete="off" autocapitalize="characters" @error('code') aria-invalid="true" @enderror>
        @endif
        <label for="name">What they call you aboard</label>
        <input id="name" name="name" value="{{ old('name', $angler?->name) }}" required maxlength="40" autocomplete="nickname" @error('name') aria-invalid="true" @enderror>
        <button type="submit" class="act">Come aboard</button>
        @guest<p class="muted">No account is needed; this phone stays aboard for the day. <a href="{{ route('sign-in') }}#email">I have one: sign in first</a></p>@endguest
    </form>
@endsection
