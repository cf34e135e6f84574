@extends('layouts.page')
@section('title', 'Out and in')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Out and in</h1>
    @include('partials.errors')
    <section class="card">
        <h2>Everything, in one archive</h2>
        <p>Days, rods, stints, contacts, turns, lakes with their depths and files, spots, routes, box and settings: JSON Lines with their schemas, and CSV, GPX and GeoJSON beside them. It can be read without us, and
            taken in again here or into another account.</p>
        <form method="post" action="{{ route('archive.make') }}">@csrf<button type="submit" class="act">Make it</button></form>
    </section>
    @if ($archives->isNotEmpty())
    <ul class="devices" x-data="archives" data-url="{{ route('archive.progress') }}" @if ($archives->contains('state', App\Models\Archive::WAITING)) data-waits="1" @endif aria-live="polite">
        @foreach ($archives as $one)
            <li data-archive="{{ $one->id }}">{{ $one->way === App\Models\Archive::OUT ? 'Made' : 'Brought' }} {{ $one->created_at->toDateTimeString() }}
                @if ($one->state === App\Models\Archive::WAITING)<span data-progress>{{ $one->total ? "{$one->done} of {$one->total} rows" : 'waits its turn' }}</span>
                @elseif ($one->state === App\Models\Archive::READY && $one->way === App\Models\Archive::OUT)<a class="act" href="{{ route('archive.give', $one->id) }}">Fetch it, {{ number_format($one->bytes / 1e6, 1) }} MB</a>
                @else <span>{{ $one->said }}</span>@endif</li>
        @endforeach
    </ul>
    <p class="muted">An archive is kept here for a day.</p>
    @endif
    <form method="post" action="{{ route('archive.take') }}" enctype="multipart/form-data" class="card">@csrf
        <h2>Take an archive in</h2>
        <p>What is here already stays as it is: taken in twice, it changes nothing.</p>
        <label for="archive">The zip file</label>
        <input id="archive" name="archive" type="file" accept=".zip,application/zip" required @error('archive') aria-invalid="true" @enderror>
        <button type="submit">Take it in</button>
    </form>
    <section class="card">
        <h2>The log alone, as a table</h2>
        <p><a class="act" href="{{ route('archive.csv') }}">Fetch it as CSV</a></p>
        <form method="post" action="{{ route('archive.log') }}" enctype="multipart/form-data">@csrf
            <label for="log">A log that was kept elsewhere: CSV, XLSX or ODS, its first line names the columns</label>
            <input id="log" name="log" type="file" accept=".csv,.txt,.xlsx,.ods,text/csv" required @error('log') aria-invalid="true" @enderror>
            <button type="submit">Look at it first</button>
        </form>
    </section>
    <p><a href="{{ route('account') }}">Your account</a></p>
@endsection
