@extends('layouts.page')
@section('title', 'Lure bench')
@section('content')
    <h1>The lure bench</h1>
    <p>Every family of the catalog beside today's water: its working depth against the fish at {{ $units->band($plan->reading->stand->shallowFt, $plan->reading->stand->deepFt) }}. <a class="rule-tag"
        href="{{ App\Show\RuleLink::to($trip ?? null, 'FAMILIES') }}">because FAMILIES</a></p>
    @php($y = App\Drawing\Scale::ofBenchDepth($deepest))
    <figure class="slice bench-slice" tabindex="0" aria-label="The slice with every family, scrollable">
        <svg viewBox="0 0 1160 385" role="img" aria-label="The working depth of every family in today's water">
            @foreach ($layers as [$from, $to, $color])<rect x="40" width="1112" y="{{ $y->at($from) }}" height="{{ round($y->at($to) - $y->at($from) + 0.7, 1) }}" fill="{{ $color }}"/>@endforeach
            <rect x="40" width="1112" y="{{ $y->at($plan->reading->stand->shallowFt) }}" height="{{ round($y->at($plan->reading->stand->deepFt) - $y->at($plan->reading->stand->shallowFt), 1) }}"
                class="reach"/>
            @foreach ([0, 10, 20, 30, 40] as $mark)<text x="34" y="{{ $y->at($mark) + 4 }}" text-anchor="end" class="bench-text">{{ round($units->show('depth', $mark)) }}</text>@endforeach
            @foreach (array_values($families) as $i => $lure)
                @php($x = 52 + $i * 25)
                @php($reaches = $y->at(max($lure->hydraulics->fromFt + 0.8, $lure->hydraulics->toFt)))
                @foreach ($plan->entry($lure->key) ? ['path-halo', 'path'] : ['bench-out'] as $class)
                    <line x1="{{ $x }}" x2="{{ $x }}" y1="{{ $y->at($lure->hydraulics->fromFt) }}" y2="{{ $reaches }}" class="{{ $class }}"/>
                @endforeach
                <text transform="translate({{ $x + 4 }} 234) rotate(90)" class="bench-text">{{ $lure->name() }}</text>
            @endforeach
        </svg>
        <figcaption class="muted">Depth in {{ $units->word('depth') }}; the dashed band is where the fish stand; broken thin lines are ruled out today.</figcaption>
    </figure>
    <div class="wide" tabindex="0" role="region" aria-label="All lure families">
    <table class="log bench">
        <thead><tr>
            <th scope="col">family</th><th scope="col">works at, 0 to {{ $units->depth($deepest) }}</th><th scope="col">water</th><th scope="col">speed</th><th scope="col">hook</th><th scope="col"
                class="num">snags</th>
            <th scope="col" class="num">sound</th><th scope="col" class="num">thump</th><th scope="col" class="num">flash</th><th scope="col" class="num">sight</th><th scope="col">weights</th><th
                scope="col">sizes</th><th scope="col">comes through best</th><th scope="col">retrieves</th><th scope="col">rigged with</th><th scope="col">line today</th><th scope="col">rod</th><th
                scope="col" class="num">fit today</th>
        </tr></thead>
        <tbody>
            @foreach ($families as $lure)
                @php($entry = $plan->entry($lure->key))
                <tr>
                    <th scope="row">@if ($entry)<a href="{{ route('choose', ['trip' => $trip, 'lure' => $lure->key]) }}">{{ $lure->name() }}</a>@else{{ $lure->name() }}@endif <span
                        class="muted">{{ $lure->group }}</span></th>
                    <td><svg viewBox="0 0 160 16" class="bench-depth" role="img" aria-label="{{ $units->band($lure->hydraulics->fromFt, $lure->hydraulics->toFt) }}"><rect
                        x="{{ round(160 * $plan->reading->stand->shallowFt / $deepest, 1) }}" width="{{ round(160 * ($plan->reading->stand->deepFt - $plan->reading->stand->shallowFt) / $deepest,
                        1) }}" y="0" height="16" class="bench-fish"/><line x1="{{ round(160 * $lure->hydraulics->fromFt / $deepest, 1) }}" x2="{{ round(160 * max($lure->hydraulics->fromFt + 0.6,
                        $lure->hydraulics->toFt) / $deepest, 1) }}" y1="8" y2="8" class="bench-range"/></svg></td>
                    <td class="num">{{ $units->temp($lure->year->goodFromF) }} to {{ $units->temp($lure->year->goodToF) }}</td>
                    <td class="num">{{ $units->pace($lure->hydraulics->slowestFtS) }} to {{ $units->pace($lure->hydraulics->fastestFtS) }}</td>
                    <td>{{ $lure->rigging->exposure->words() }}</td>
                    <td class="num">{{ round(100 * $lure->rigging->snag) }} %</td>
                    <td class="num">{{ number_format($lure->appeal->sound, 1) }}</td><td class="num">{{ number_format($lure->appeal->vibration, 1) }}</td><td
                        class="num">{{ number_format($lure->appeal->flash, 1) }}</td><td class="num">{{ number_format($lure->appeal->sight, 1) }}</td>
                    <td>{{ $units->weight($lure->rigging->weightsOz[0]) }}@if (count($lure->rigging->weightsOz) > 1) to {{ $units->weight($lure->rigging->weightsOz[count($lure->rigging->weightsOz) - 1]) }}@endif</td>
                    <td>{{ $units->size($lure->rigging->lengthsIn[0]) }}@if (count($lure->rigging->lengthsIn) > 1) to {{ $units->size($lure->rigging->lengthsIn[count($lure->rigging->lengthsIn) - 1]) }}@endif</td>
                    <td>{{ implode(', ', array_map(fn ($c) => $c === 'none' ? 'open water' : str_replace('_', ' ', $c), array_keys(array_slice(collect($lure->habitat->covers)->sortDesc()->all(), 0,
                        3)))) }}</td>
                    <td>{{ implode(', ', array_map(fn ($c) => str_replace('_', ' ', $c), $lure->cadences)) }}</td>
                    <td>{{ $units->say(OldEddy\Basics\Said::of($lure->rigging->hook)) }}@if ($lure->rigging->trailer), {{ $lure->rigging->trailer }}@endif</td>
                    <td>{{ $units->say(OldEddy\Choice\Tackle\Tackle::line($lure, $plan->reading)) }}</td>
                    <td>{{ OldEddy\Choice\Tackle\Tackle::rod($lure, $plan->reading->day->species) }}</td>
                    <td class="num">{{ $entry ? number_format($entry->score, 2) : 'out' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
@endsection
