@extends('layouts.page')
@section('title', 'Where')
@section('main-class', 'where')
@section('content')
    @php($clock = App\Show\Clock::of(...))
    @php($at = route('where', ['trip' => $trip, 'spot' => $chosen?->spot->id, 'minute' => '']))
    <div class="rack-head"><h1>Where, at {{ $clock($minute) }}</h1>
        <nav class="hours" aria-label="Hour of the day">
            @foreach (range(6, 20, 2) as $hour)<a href="{{ $at }}{{ $hour * 60 }}" @if (intdiv($minute, 60) === $hour) aria-current="true" @endif>{{ $hour }}</a>@endforeach
        </nav>
        <a href="{{ route('lake', $lake) }}">{{ $lake->name }}</a>
    </div>
    @include('partials.errors')
    @if ($dry)<p class="notice">Dry at today's level: {{ implode(', ', array_map(fn ($s) => $s->name, array_slice($dry, 0, 12))) }}{{ count($dry) > 12 ? ' and '.(count($dry) - 12).' more' : '' }}. <a
        class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'W12') }}">because W12</a></p>@endif
    @if ($ranked === [] && ! $dry)
        <p>No spot is marked on this lake. <a href="{{ route('lake', $lake) }}">Mark five to ten of them</a> from the plan and from memory. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip,
            'S1') }}">because S1</a></p>
    @endif
    <div class="where-two">
        <div>
        @if ($plan)
            @php($drawing = new App\Drawing\WhereDrawing($plan, $day, $sun, $units))
            @php($marks = App\Drawing\WhereDrawing::marks($drawn, $ranked, $chosen, $trip, $minute))
            @php($temps = App\Drawing\WhereDrawing::waters($trip, $units))
            @php($level = App\Drawing\WhereDrawing::level($day, $units))
            @include('where.plan', ['title' => "Water plan of {$lake->name}: spots numbered by their fit at {$clock($minute)}.",
                'water' => OldEddy\Day\Water\WaterColor::of($day->visibilityFt)->hex(), 'shades' => [...$drawing->shoreShades($lake), ...$drawing->shades($drawn)],
                'arrows' => $drawing->arrows(), 'lines' => App\Drawing\WhereDrawing::track($plan, $track),
                'caption' => (! $plan->isCharted ? 'Hatched: nothing was measured; ' : '')
                    ."depth lines at {$units->depth(2)}, {$units->depth(5)}, {$units->depth(10)} …; {$level}; dark strips: shade now; drag, pinch or arrow keys, + and −, 0 for all"])
        @else
            <p>Nothing is drawn of this water yet: <a href="{{ route('sketch', $lake) }}">draw it</a>, or mark spots. Spots are ranked by what is known of them. <a class="rule-tag"
                href="{{ App\Show\RuleLink::to($trip, 'S31') }}">because S31</a></p>
        @endif
        @include('partials.ribbon', ['key' => 'where'])
        @include('where.route')
        @include('where.wind')
        </div>
        <div>
        @if ($chosen)
            @include('where.spot')
        @endif
        @include('where.ranked')
        @include('where.walks')
        @include('where.docks')
        @include('partials.before')
        </div>
    </div>
@endsection
