<!DOCTYPE html>
<html lang="en" data-scheme="{{ request()->cookie('scheme') === 'night' ? 'night' : 'day' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @auth<meta name="angler" content="{{ auth()->id() }}">@endauth
    <title>@yield('title') · Old Eddy</title>
    <meta name="theme-color" content="{{ request()->cookie('scheme') === 'night' ? '#12191c' : '#f5f0e4' }}">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <link rel="manifest" href="/manifest.webmanifest">
    @foreach (['serif', 'sans'] as $font)<link rel="preload" href="{{ Vite::asset("resources/fonts/{$font}.woff2") }}" as="font" type="font/woff2" crossorigin>@endforeach
    @stack('head')
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
    <a class="skip" href="#main">Skip to the page</a>
    <header class="masthead">
        <a class="mark" href="{{ auth()->check() ? route('days') : route('sign-in') }}">Old Eddy</a>
        @isset($trip)
            <span class="masthead-day">{{ $trip->name }}</span>
            <nav class="steps" aria-label="The order of the work">
                @foreach (App\Show\Steps::of($trip->user_id === auth()->id(), $trip->drill_seed !== null) as $route => $verb)
                    @unless ($loop->first)<span class="arrow" aria-hidden="true">→</span>@endunless
                    <a href="{{ route($route, $trip) }}" @if (request()->routeIs($route)) aria-current="page" @endif>{{ $verb }}</a>
                @endforeach
            </nav>
        @endisset
        <div class="masthead-tools">
            <button type="button" class="quiet" x-data="scheme" @click="flip" x-text="label" aria-label="Day or night colors">Night</button>
            @auth
                <a href="{{ route('days') }}">Days</a>
                @empty($trip)<a href="{{ route('look-back') }}">Logbook</a>@endempty
                <a href="{{ route('box') }}">Box</a>
                <a href="{{ route('lakes') }}">Lakes</a>
                <a href="{{ route('settings') }}">Settings</a>
                <form method="post" action="{{ route('sign-out') }}" data-leaves>@csrf<button type="submit" class="quiet">Sign out</button></form>
            @else
                <a href="{{ route('sign-in') }}#email">Sign in</a>
            @endauth
        </div>
    </header>
    <p class="signal" role="status" x-data="signal" x-show="gone" x-cloak>No signal: this page is as it was at <time data-drawn="{{ now()->toIso8601String() }}"
        x-text="drawn"></time>. What you log is kept on this device.</p>
    <main id="main" class="@yield('main-class', 'sheet')">
        @if (session('said') && ! App\Http\Behind::is(request()))
            <p class="said" role="status">{{ session('said') }}</p>
        @endif
        @yield('content')
    </main>
</body>
</html>
