@extends('layouts.page')
@section('title', 'Account')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Your account</h1>
    @include('partials.errors')
    @if ($user->guest)
    <p>You came aboard for a day, without an account. What you logged stays with that day; you yourself are forgotten on {{ $user->ends_at?->toDateString() }}.</p>
    <form method="post" action="{{ route('account.become') }}" class="card">@csrf @method('PUT')
        <h2>Make it an account</h2>
        <label for="name">Name in the log</label>
        <input id="name" name="name" value="{{ old('name', $user->name) }}" required maxlength="60" autocomplete="nickname" @error('name') aria-invalid="true" @enderror>
        <label for="email">Email</label>
        <input id="email" name="email" type="email" value="{{ old('email') }}" required maxlength="190" autocomplete="username" @error('email') aria-invalid="true" @enderror>
        <label for="password">Password, 8 characters or more, 72 bytes at most</label>
        <input id="password" name="password" type="password" required minlength="8" maxlength="200" autocomplete="new-password" @error('password') aria-invalid="true" @enderror>
        <button type="submit" class="act">Make it mine</button>
    </form>
    @elseif ($isDemo)
        <p>You look around with a copy of the demo that is yours alone until tomorrow; then it is thrown away. <a href="{{ route('settings') }}">Settings</a></p>
    @else
    <form method="post" action="{{ route('account.change') }}" class="card">@csrf @method('PATCH')
        <h2>Name and address</h2>
        <label for="name">Name in the log</label>
        <input id="name" name="name" value="{{ old('name', $user->name) }}" required maxlength="60" autocomplete="nickname" @error('name') aria-invalid="true" @enderror>
        <label for="email">Email</label>
        <input id="email" name="email" type="email" value="{{ old('email', $user->email) }}" required maxlength="190" autocomplete="username" @error('email') aria-invalid="true" @enderror>
        <label for="password">Your password, so that it is you</label>
        <input id="password" name="password" type="password" required maxlength="200" autocomplete="current-password" @error('password') aria-invalid="true" @enderror>
        <button type="submit" class="act">Keep</button>
    </form>
    <form method="post" action="{{ route('account.password') }}" class="card">@csrf @method('PUT')
        <h2>Password</h2>
        <label for="current">The one you have</label>
        <input id="current" name="current_password" type="password" required maxlength="200" autocomplete="current-password" @error('current_password') aria-invalid="true" @enderror>
        <label for="new">The new one, 8 characters or more, 72 bytes at most</label>
        <input id="new" name="new_password" type="password" required minlength="8" maxlength="200" autocomplete="new-password" @error('new_password') aria-invalid="true" @enderror>
        <button type="submit">Change it, and sign out everywhere else</button>
    </form>
    <section class="card">
        <h2>Signed in</h2>
        <ul class="devices">
            @foreach ($devices as $device)
                <li>{{ $device->name }}, since {{ $device->created_at?->toDateString() }}, seen {{ $device->seen_on->toDateString() }}
                    @if ($device->isThis($token))<b>this one</b>@else<form method="post" action="{{ route('account.device', $device) }}">@csrf @method('DELETE')<button type="submit">Sign out there</button></form>@endif</li>
            @endforeach
        </ul>
    </section>
    <p class="card"><a href="{{ route('archive') }}">Out and in: everything in one archive, the log as a table</a></p>
    <form method="post" action="{{ route('account.end') }}" class="card">@csrf @method('DELETE')
        <h2>The end</h2>
        <p>Your days, lakes, spots, box and settings are deleted, at once and for good. <a href="{{ route('archive') }}">Fetch all of it first</a></p>
        <label for="end">Your password</label>
        <input id="end" name="end_password" type="password" required maxlength="200" autocomplete="current-password" @error('end_password') aria-invalid="true" @enderror>
        <button type="submit">Delete my account</button>
    </form>
    @endif
@endsection
