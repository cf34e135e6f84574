@extends('layouts.page')
@section('title', 'Where')
@section('main-class', 'sheet narrow')
@section('content')
    <h1>Which lake?</h1>
    @if ($lakes->isEmpty())
        <p>No lake is drawn yet. <a href="{{ route('lakes') }}">Draw one from soundings, a shoreline or marks.</a></p>
    @else
        <form method="post" action="{{ route('where.on', $trip) }}" class="card">
            @csrf
            <label for="lake">The lake of this day</label>
            <select id="lake" name="lake">@foreach ($lakes as $lake)<option value="{{ $lake->id }}">{{ $lake->name }}</option>@endforeach</select>
            <button type="submit" class="act">This one</button>
        </form>
    @endif
@endsection
