@extends('layouts.page')
@section('title', 'The bag')
@section('content')
    @php($draw = new App\Drawing\BagDrawing($ahead, $trip->beat_lb, $units))
    <h1>The bag</h1>
    @include('partials.errors')
    <ul class="because">@forelse ($ahead->bag->lines() as $line)<li>{{ $line }}</li>@empty<li>No fish yet today.</li>@endforelse</ul>
    <form method="get" action="{{ route('bag', $trip) }}" class="beside">
        <label><span class="field-label">hours left</span><input type="number" name="hours" min="0.25" max="16" step="0.25" value="{{ $ahead->hours() }}"></label><button type="submit">Reckon</button>
    </form>
    <h2>Stay, or change for size?</h2>
    @if ($ahead->outlooks)
        <table class="plot bag-table" tabindex="0">
            <thead><tr><th scope="col">with the rest of the day on</th><th scope="col" class="plot-scale"><span>0</span><span>{{ $draw->end() }}</span></th><th scope="col"
                class="num">the bag then</th><th scope="col" class="num">keepers an hour</th><th scope="col" class="num">each about</th>
                @if ($trip->beat_lb)<th scope="col" class="num">beats {{ $draw->pounds($trip->beat_lb) }}</th>@endif</tr></thead>
            <tbody>
            @foreach ($ahead->outlooks as $one)
                @php([$low, $high] = $one->span())
                <tr><td>{{ App\Show\Word::of($one->way->lure) }}{{ $one->way->spot === null ? '' : " at {$one->way->spot}" }}@if ($one->way->lure === $ahead->inHand) <b>in hand</b>@endif</td>
                    <td>@include('partials.span', ['says' => $draw->says($one), 'from' => $draw->x($low), 'to' => $draw->x($high), 'at' => $draw->x($one->mean()), 'mark' => $draw->beat()])</td>
                    <td class="num">{{ $draw->says($one) }}</td><td class="num">{{ number_format($one->way->keepers->mean() * OldEddy\Log\Next\TimeLeft::castsIn(60), 1) }}</td>
                    <td class="num">{{ $draw->pounds($one->way->meanPounds()) }}</td>@if ($trip->beat_lb)<td class="num">{{ round(100 * $one->beats($trip->beat_lb)) }} %</td>@endif</tr>
            @endforeach
            </tbody>
        </table>
        <p class="muted">Simulated from your own keepers: how often a lure brought one, and what they weighed. {{ number_format($ahead->casts) }} casts left at {{
            OldEddy\Log\Evidence\Limits::CAST_S }} s each. Bars: four times in five. <a
            class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'Y7') }}">because Y7</a></p>
    @else
        <p>Your own fish do not say yet: a lure needs {{ OldEddy\Log\Fish\BagWay::KEEPERS }} keepers that were measured or weighed.</p>
    @endif
    <p class="muted">The number of the bag and the shortest lengths are your own, in <a href="{{ route('settings') }}">Settings</a>. Local rules decide. Fish are let go unless kept knowingly.</p>
@endsection
