@extends('layouts.page')
@section('title', 'The spread')
@section('main-class', 'sheet')
@section('content')
    <h1>The spread <small>{{ count($spread->lines) }} lines{{ $spread->lines ? ' at one speed' : '' }}</small></h1>
    @include('partials.errors')
    @if (App\Drill\TowDrill::is($trip))<p><a href="{{ route('drill.tow', $trip) }}">Back to the drill</a></p>@endif
    @if (($trip->conditions['mode'] ?? 'cast') !== 'troll')
        <p class="muted">The day is said to be cast. <a href="{{ route('read', $trip) }}">Say on Read that it is trolled</a>, and the lineup is that of towed lures too.</p>
    @endif
    @if ($spread->lines === [])
        <p>Nothing in the box can be towed: a diving plug or a trolling spoon is needed. <a href="{{ route('box') }}">The box</a></p>
    @else
        <form method="post" action="{{ route('troll.keep', $trip) }}" class="tow" x-data="troll" data-url="{{ route('troll.try', $trip) }}">
            @csrf @method('put')
            <input type="hidden" name="boat" value="{{ $spread->boat->value }}">
            <div class="tow-pictures">
                <figure><figcaption>From above</figcaption><div data-part="above">@include('troll.above')</div></figure>
                <figure><figcaption>From the side</figcaption><div data-part="side">@include('troll.side')</div></figure>
            </div>
            <div class="tow-sets">
                <label>speed <output data-said="speed">{{ $units->boat($spread->speedMph) }}</output><input type="range" name="speed" min="{{ $units->show('speed', 0.5) }}" max="{{ $units->show('speed', 4) }}"
                    step="{{ $units->metric ? 0.1 : 0.05 }}" value="{{ old('speed', $units->show('speed', $spread->speedMph)) }}"></label>
                <div class="segments" role="radiogroup" aria-label="Which way the boat goes">
                    @foreach (['straight' => 'straight on', 'port' => 'to port', 'starboard' => 'to starboard'] as $way => $words)
                        <label><input type="radio" name="way" value="{{ $way }}" @checked($way === 'straight')><span>{{ $words }}</span></label>
                    @endforeach
                </div>
                <label>radius of the turn <output data-said="radius">{{ $units->depth($usualTurnFt) }}</output><input type="range" name="radius" min="{{ $units->show('depth', $turnsFt[0]) }}" max="{{ $units->show('depth', $turnsFt[1]) }}"
                    step="{{ $units->metric ? 2 : 10 }}" value="{{ $units->show('depth', $usualTurnFt) }}"></label>
                @if ($found && $where !== null)
                    @if ($over)<input type="hidden" name="bottom" value="{{ $over->value }}">@endif
                    <label>the bottom <select name="where">
                        @if (count($found->track) > 1)<option value="boat" @selected($where === 'boat')>where the boat is</option>@endif
                        @foreach ($found->passes as $i => $pass)<option value="{{ $i }}" @selected($where === (string) $i)>on pass {{ $i + 1 }}</option>@endforeach
                        <option value="day">as sounded or said</option>
                    </select></label>
                    <label>how far along the pass<input type="range" name="share" min="0" max="100" step="2" value="{{ 100 * $share }}"></label>
                @endif
            </div>
            <div data-part="minded" role="status">@include('troll.minded')</div>
            <p class="trouble" role="alert" x-ref="trouble" hidden></p>
            <ol class="tow-lines">
                @foreach ($spread->lines as $i => $running)@include('troll.line', ['line' => $running->line])@endforeach
            </ol>
            <p class="beside"><button type="submit" class="act">Keep this spread</button></p>
        </form>
    @endif
    @if ($found)@include('troll.passes')@endif
    <form method="post" action="{{ route('troll.plan', $trip) }}" class="beside">
        @csrf
        <label>from a <select name="boat">@foreach (OldEddy\Troll\BoatKind::cases() as $boat)<option value="{{ $boat->value }}" @selected($spread->boat === $boat)>{{ $boat->words() }}</option>@endforeach</select></label>
        <label>lines of a boat <select name="count">@foreach (range(2, $most) as $count)<option @selected($count === max(2, count($spread->lines)))>{{ $count }}</option>@endforeach</select></label>
        <button type="submit">Lay it out anew</button>
        <span class="muted">From clarity, quarry and what is in the box; a kayak tows two, one lure in two colors at two depths. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'T1') }}">because T1</a></span>
    </form>
@endsection
