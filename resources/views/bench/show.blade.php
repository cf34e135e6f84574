@extends('layouts.page')
@section('title', 'Lure bench')
@section('content')
    <h1>The lure bench</h1>
    <p>Every family of the catalog beside today's water: its working depth against the fish at {{ $units->band($plan->reading->stand->shallowFt, $plan->reading->stand->deepFt) }}. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'FAMILIES') }}">because FAMILIES</a></p>
    <div class="wide" tabindex="0" role="region" aria-label="All lure families">
    <table class="log bench">
        <thead><tr>
            <th scope="col">family</th><th scope="col">works at, 0 to {{ $units->depth($deepest) }}</th><th scope="col">water</th><th scope="col">speed</th><th scope="col">hook</th><th scope="col" class="num">snags</th>
            <th scope="col" class="num">sound</th><th scope="col" class="num">thump</th><th scope="col" class="num">flash</th><th scope="col" class="num">sight</th><th scope="col">weights</th><th scope="col">comes through best</th><th scope="col">retrieves</th><th scope="col" class="num">fit today</th>
        </tr></thead>
        <tbody>
            @foreach ($families as $lure)
                @php($entry = $plan->entry($lure->key))
                <tr>
                    <th scope="row">@if ($entry)<a href="{{ route('choose', ['trip' => $trip, 'lure' => $lure->key]) }}">{{ $lure->name() }}</a>@else{{ $lure->name() }}@endif <span class="muted">{{ $lure->group }}</span></th>
                    <td><svg viewBox="0 0 160 16" class="bench-depth" role="img" aria-label="{{ $units->band($lure->depthFt[0], $lure->depthFt[1]) }}"><rect x="{{ round(160 * $plan->reading->stand->shallowFt / $deepest, 1) }}" width="{{ round(160 * ($plan->reading->stand->deepFt - $plan->reading->stand->shallowFt) / $deepest, 1) }}" y="0" height="16" class="bench-fish"/><line x1="{{ round(160 * $lure->depthFt[0] / $deepest, 1) }}" x2="{{ round(160 * max($lure->depthFt[0] + 0.6, $lure->depthFt[1]) / $deepest, 1) }}" y1="8" y2="8" class="bench-range"/></svg></td>
                    <td class="num">{{ $units->temp($lure->tempF[1]) }} to {{ $units->temp($lure->tempF[2]) }}</td>
                    <td class="num">{{ $units->pace($lure->speedFtS[0]) }} to {{ $units->pace($lure->speedFtS[1]) }}</td>
                    <td>{{ $lure->exposure->words() }}</td>
                    <td class="num">{{ round(100 * $lure->snag) }} %</td>
                    <td class="num">{{ number_format($lure->sound, 1) }}</td><td class="num">{{ number_format($lure->vibration, 1) }}</td><td class="num">{{ number_format($lure->flash, 1) }}</td><td class="num">{{ number_format($lure->sight, 1) }}</td>
                    <td>{{ $units->weight($lure->weightsOz[0]) }}@if (count($lure->weightsOz) > 1) to {{ $units->weight($lure->weightsOz[count($lure->weightsOz) - 1]) }}@endif</td>
                    <td>{{ implode(', ', array_map(fn ($c) => $c === 'none' ? 'open water' : str_replace('_', ' ', $c), array_keys(array_slice(collect($lure->covers)->sortDesc()->all(), 0, 3)))) }}</td>
                    <td>{{ implode(', ', array_map(fn ($c) => str_replace('_', ' ', $c), $lure->cadences)) }}</td>
                    <td class="num">{{ $entry ? number_format($entry->score, 2) : 'out' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
@endsection
