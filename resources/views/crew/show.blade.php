@extends('layouts.page')
@section('title', 'Crew')
@section('content')
    <h1>The crew</h1>
    @include('partials.errors')
    <div class="two">
        <section>
            <h2>Aboard</h2>
            <ul class="crew">
                <li><b>{{ $trip->user->name }}</b> <span class="muted">whose day it is</span></li>
                @foreach ($trip->guests as $one)
                    <li><b>{{ $one->name }}</b> @unless ($guest)<form method="post" action="{{ route('crew.ashore', [$trip, $one->id]) }}">@csrf @method('DELETE')<button type="submit">Ashore</button></form>@endunless</li>
                @endforeach
            </ul>
            @if ($guest)
                <form method="post" action="{{ route('crew.leave', $trip) }}">@csrf @method('DELETE')<button type="submit">Go ashore</button></form>
                @unless ($guest->user->guest)<form method="post" action="{{ route('crew.keep', $trip) }}">@csrf<button type="submit">Keep a copy of what I logged</button></form>@endunless
                @if ($guest->user->guest)<p><a href="{{ route('account') }}">Make it an account</a>, and this day and those to come stay yours to look at.</p>@endif
            @elseif ($code)
                <div class="card" x-data="square" data-link="{{ route('join', $code) }}">
                    <h2>Come aboard</h2>
                    <p class="join-code" aria-label="The code">{{ substr($code, 0, 4) }} {{ substr($code, 4) }}</p>
                    <div class="square" x-ref="square" role="img" aria-label="The link as a square code"></div>
                    <p>Read it out, or let the other phone look at the square. <span class="muted">{{ route('join', $code) }}</span></p>
                    <form method="post" action="{{ route('crew.unask', $trip) }}">@csrf @method('DELETE')<button type="submit">Nobody else comes</button></form>
                </div>
            @elseif ($trip->isOpen() && $trip->drill_seed === null)
                <form method="post" action="{{ route('crew.ask', $trip) }}">@csrf<button type="submit" class="act">Ask somebody aboard</button></form>
                <p class="muted">They log on their own phones, with an account or without. They see this day’s deck, its spots and its log, and nothing else of yours.</p>
            @endif
        </section>
        <section>
            <h2>Who did what</h2>
            @if ($crew->members)
                @include('crew.compared')
            @else
                <p>Nothing to compare yet: it takes two who cast at the same place at the same time.</p>
            @endif
            <h2>Begin apart</h2>
            <p>One throws the {{ App\Show\Word::of($split[0]->lure->key) }}, another the {{ App\Show\Word::of($split[1]->lure->key) }}; what wins is thrown by all. <a class="rule-tag"
                href="{{ App\Show\RuleLink::to($trip, 'G1') }}">because G1</a></p>
            @if ($bag)
                <h2>The bag</h2>
                <ul class="because">@foreach ($bag as $line)<li>{{ $line }}</li>@endforeach</ul>
            @endif
            <p><a class="act" href="{{ route('fish', $trip) }}">To the deck</a></p>
        </section>
    </div>
@endsection
