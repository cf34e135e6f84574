@extends('layouts.page')
@section('title', 'Where')
@section('main-class', 'where')
@section('content')
    @php($clock = fn (int $m) => sprintf('%02d:%02d', intdiv($m, 60), $m % 60))
    @php($at = $ranked === [] ? [] : array_flip(array_map(fn ($r) => $r->place->name, $ranked)))
    <div class="rack-head"><h1>Where, at {{ $clock($minute) }}</h1>
        <nav class="hours" aria-label="Hour of the day">
            @foreach (range(6, 20, 2) as $hour)<a href="{{ route('where', ['trip' => $trip, 'minute' => $hour * 60]) }}" @if (intdiv($minute, 60) === $hour) aria-current="true" @endif>{{ $hour }}</a>@endforeach
        </nav>
        <a href="{{ route('lake', $lake) }}">{{ $lake->name }}</a>
    </div>
    @include('partials.errors')
    @if ($ranked === [])
        <p>No spot is marked on this lake. <a href="{{ route('lake', $lake) }}">Mark five to ten of them</a> from the plan and from memory. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'S1') }}">because S1</a></p>
    @endif
    <div class="where-two">
        <div>
        @if ($plan)
            @php($marks = $spots->map(fn ($s) => ['name' => $s->name, 'lat' => $s->lat, 'lon' => $s->lon, 'sign' => isset($at[$s->name]) ? $at[$s->name] + 1 : '·', 'class' => ($at[$s->name] ?? 99) < 5 ? 'best' : '', 'href' => route('where', ['trip' => $trip, 'minute' => $minute, 'spot' => $s->id])])->values()->all())
            @php($shades = $sun === null || $day->sky->isCovered() ? [] : $spots->filter(fn ($s) => $s->place()->shade()?->widthFt($sun) > 0)->map(fn ($s) => $plan->shade($s->lat, $s->lon, $s->bank_faces_deg, $s->place()->shade()->widthFt($sun)))->values()->all())
            @php($arrows = $day->windFromDeg === null ? [] : [['d' => $plan->arrow(220, $plan->height() - 190, $day->windFromDeg + 180, 150), 'x' => 60, 'y' => $plan->height() - 20, 'words' => 'wind '.$units->show('speed', $day->windMph).' '.$units->word('speed')]])
            @if ($sun && $sun->elevationDeg > 0) @php($arrows[] = ['d' => $plan->arrow($plan->width() - 200 + 90 * sin(deg2rad($sun->azimuthDeg)), 200 - 90 * cos(deg2rad($sun->azimuthDeg)), $sun->azimuthDeg + 180, 150), 'x' => $plan->width() - 380, 'y' => 370, 'words' => 'sun '.round($sun->elevationDeg).'° high']) @endif
            @php($temps = collect($trip->conditions['sections'] ?? [])->filter(fn ($s) => isset($s['temp_f']))->mapWithKeys(fn ($s) => [$s['name'] => $units->temp($s['temp_f'])])->all())
            @include('where.plan', ['title' => "Water plan of {$lake->name}: spots numbered by their fit at {$clock($minute)}.", 'depths' => $plan->depths($day->levelChangeFtPerWeek), 'marks' => $marks, 'caption' => 'depth lines at 2, 5, 10 … ft'.($day->levelChangeFtPerWeek != 0 ? ', level '.sprintf('%+.1f ft', $day->levelChangeFtPerWeek) : '').'; hatched: shade now; drag, pinch or arrow keys, + and −, 0 for all'])
        @else
            <p>The depths of this lake are not known: <a href="{{ route('lake', $lake) }}">take in soundings</a>. Spots are ranked by what is known of them.</p>
        @endif
        @include('partials.ribbon', ['key' => 'where'])
        <section aria-label="The day's route">
            <h2>The day's route</h2>
            @php($asked = $trip->route['asked'] ?? ['from' => 420, 'to' => 900, 'minutes' => $tempoMinutes, 'speed_mph' => 20, 'locked' => [], 'forbidden' => []])
            @if ($trip->route)
                @if ($trip->route['note'] ?? null)<p class="trouble">{{ $trip->route['note'] }}</p>@endif
                <ol class="route">@foreach ($trip->route['stops'] as $stop)<li>{{ $clock($stop['at']) }}–{{ $clock($stop['to']) }} <b>{{ $stop['name'] }}</b> <span class="muted">{{ $stop['run_min'] }} min, {{ number_format($stop['run_min'] * $asked['speed_mph'] / 60, 1) }} mi under way</span></li>@endforeach</ol>
                <p>Back by {{ $clock($trip->route['end']) }}, {{ $trip->route['home_min'] }} min under way. <a href="{{ route('where.sheet', $trip) }}">On one page, with the rack</a></p>
            @endif
            <details @unless ($trip->route) open @endunless><summary>{{ $trip->route ? 'Plan it again, or from now' : 'Plan it' }}</summary>
            <form method="post" action="{{ route('where.route', $trip) }}" class="entry-form">
                @csrf
                <label><span class="field-label">from</span><input type="time" name="from" value="{{ old('from', $clock($asked['from'])) }}" required></label>
                <label><span class="field-label">back by</span><input type="time" name="to" value="{{ old('to', $clock($asked['to'])) }}" required></label>
                <label><span class="field-label">minutes a stop</span><input name="minutes" inputmode="decimal" value="{{ old('minutes', $asked['minutes']) }}" required></label>
                <label><span class="field-label">boat, mph</span><input name="speed_mph" inputmode="decimal" value="{{ old('speed_mph', $asked['speed_mph']) }}" required></label>
                <label><span class="field-label">start at</span><select name="start"><option value="">the ramp</option>@foreach ($spots as $s)<option value="{{ $s->id }}" @selected(($asked['start'] ?? null) === $s->id)>{{ $s->name }}</option>@endforeach</select></label>
                <fieldset class="wide-cell"><legend>must be on it</legend><div class="segments">@foreach ($spots as $s)<label><input type="checkbox" name="locked[]" value="{{ $s->id }}" @checked(in_array($s->id, $asked['locked'], true))><span>{{ $s->name }}</span></label>@endforeach</div></fieldset>
                <fieldset class="wide-cell"><legend>leave out</legend><div class="segments">@foreach ($spots as $s)<label><input type="checkbox" name="forbidden[]" value="{{ $s->id }}" @checked(in_array($s->id, $asked['forbidden'], true))><span>{{ $s->name }}</span></label>@endforeach</div></fieldset>
                <button type="submit" class="act">Plan the route</button>
            </form></details>
        </section>
        </div>
        <div>
        @if ($chosen)
            @include('where.spot')
        @endif
        <section aria-label="Spots in order">
            <h2>In order</h2>
            <ol class="ranked">
                @foreach ($ranked as $r)
                    @php($s = $spots[$r->place->name])
                    <li><details @if ($loop->first && ! $chosen) open @endif><summary><b>{{ $r->place->name }}</b> <span class="muted">{{ App\Show\Word::of($s->structure ?? 'spot') }}{{ $s->shallow_ft === null ? '' : ', '.$units->band($s->shallow_ft, $s->deep_ft) }}</span> <span class="line-fit">{{ number_format($r->fit, 2) }}</span></summary>
                        <ul class="because">@foreach ($r->reasons as $reason)<li>{{ $reason->text }} <span class="muted">×{{ number_format($reason->effect, 2) }}</span> <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, $reason->ruleId) }}">because {{ $reason->ruleId }}</a></li>@endforeach</ul>
                        <form method="post" action="{{ route('where.pick', $trip) }}" class="beside">@csrf<input type="hidden" name="spot" value="{{ $s->id }}"><input type="hidden" name="minute" value="{{ $minute }}"><button type="submit">Fish this one</button> <a href="{{ route('where', ['trip' => $trip, 'minute' => $minute, 'spot' => $s->id]) }}">Read it</a></form>
                    </details></li>
                @endforeach
            </ol>
        </section>
        </div>
    </div>
@endsection
