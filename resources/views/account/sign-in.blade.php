@extends('layouts.page')
@section('title', 'Sign in')
@section('main-class', 'read')
@section('content')
    <div class="instrument first-look" x-data="firstLook" data-try="{{ route('first-look') }}" data-handles="{{ json_encode($handles) }}"
    data-tall="{{ json_encode($tallHandles) }}">
        @include('read.water', ['level' => false])
        <div class="read-tray">
            <div class="segments" role="radiogroup" aria-label="Sky">
                @foreach (['clear', 'overcast', 'rain'] as $sky)<label><input type="radio" name="weather.sky" value="{{ $sky }}" @checked($sky === 'clear')><span>{{ $sky }}</span></label>@endforeach
            </div>
            <div class="segments" role="group" aria-label="Cover">
                @foreach (['laydown', 'reeds', 'lily_pads', 'grass_submerged', 'rock', 'stumps'] as $cover)
                    <label><input type="checkbox" name="spot.cover" value="{{ $cover }}" @checked(in_array($cover, ['laydown', 'reeds'], true))><span>{{ App\Show\Word::of($cover) }}</span></label>
                @endforeach
            </div>
        </div>
        <section class="read-side" aria-label="What it is">
            <h1>Where they stand, and what to show them</h1>
            <p class="lede">Draw the water as it is: pull the white lure down to where you lose it, the bottom to its depth, the thermometer to your reading.</p>
            <div id="lures" aria-live="polite">@include('account.lures')</div>
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
                <a href="{{ route('register') }}">Register</a> <a href="{{ route('forgotten') }}">Forgotten?</a>
            </div>
            <p class="muted">Then it keeps the log of your casts, and says honestly whether you have a pattern.</p>
        </section>
    </div>
@endsection
