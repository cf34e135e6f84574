@extends('layouts.page')
@section('title', 'Trolling drill')
@section('main-class', 'sheet')
@section('content')
    <h1>Hidden trolling day {{ $trip->drill_seed }} <small>{{ $drill->clock($drill->gone) }}, {{ $drill->left() }} of {{ $whole }} minutes left</small></h1>
    @include('partials.errors')
    <div class="tow-drill">
        <figure class="tow-drilled"><figcaption>The lines, {{ $units->boat($spread->speedMph) }}{{ $lately ? '; filled: struck lately' : '' }}</figcaption>@include('troll.above')</figure>
        <section aria-label="Tow on">
            @if ($drill->left() > 0)
                <form method="post" action="{{ route('drill.tow.on', $trip) }}" class="beside">
                    @csrf
                    <input type="hidden" name="gone" value="{{ $drill->gone }}">
                    @foreach ($offered as $minutes)<button type="submit" name="minutes" value="{{ $minutes }}" @class(['act' => $loop->index === 1])>Tow on {{ $minutes }} minutes</button> @endforeach
                </form>
            @else
                <p class="lede">The day is over. <a class="act" href="{{ route('drill.end', $trip) }}">The secret</a></p>
            @endif
            @if ($drill->gone > 0)
                <h2>What struck lately</h2>
                @if ($lately === [])<p>Nothing.</p>@else
                    <ul>@foreach ($lately as $contact)@php($stint = $stints[$contact->stint_id])
                        <li>{{ $contact->at->format('H:i') }} {{ App\Show\Word::of($stint->line) }}: {{ App\Show\Word::of($contact->kind) }} at
                            {{ $units->depth($stint->depth_ft) }}{{ $contact->in_turn ? ', in a turn' : '' }}</li>@endforeach</ul>
                @endif
                <p>{{ ucfirst($tow::words($tow->fired())) }}.</p>
                @foreach ($tow->says() as $said)<p>{{ $said }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'T10') }}">because T10</a></p>@endforeach
                @if ($tow->shift() && $drill->left() > 0)
                    <form method="post" action="{{ route('drill.tow.shift', $trip) }}">@csrf <button type="submit">Do that</button></form>
                @endif
            @else
                <p>The day begins before the sun. Tow on, and see which line is struck.</p>
            @endif
            <p class="beside"><a href="{{ route('troll', $trip) }}">Change lines or speed</a> <a href="{{ route('confirm', $trip) }}">What fired</a> <a href="{{ route('drill.end', $trip) }}">The secret</a></p>
            <table class="parts">
                <tr><th>line</th><th>lure</th><th class="num">out</th><th class="num">runs</th></tr>
                @foreach ($spread->lines as $i => $running)
                    <tr><td>{{ $i + 1 }} {{ $running->line->words() }}</td><td>{{ $running->line->lure->name() }}, {{ $running->line->color->words() }}</td><td class="num">{{ $units->depth($running->line->letOutFt) }}</td><td class="num">{{
                        $units->depth($running->depthFt) }}</td></tr>
                @endforeach
            </table>
        </section>
    </div>
@endsection
