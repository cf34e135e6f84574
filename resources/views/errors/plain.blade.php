{{-- A page that needs no database: neither who looks nor what is theirs is asked. --}}
<!DOCTYPE html>
<html lang="en" data-scheme="{{ request()->cookie('scheme') === 'night' ? 'night' : 'day' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>@yield('title') · Old Eddy</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css'])
</head>
<body>
    <main id="main" class="sheet narrow">
        @yield('content')
        <p><a href="{{ request()->isMethod('GET') ? request()->fullUrl() : url('/') }}">Try again</a></p>
    </main>
</body>
</html>
