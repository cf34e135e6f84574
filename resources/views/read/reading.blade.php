@php($stand = $reading->stand)
<div class="read-picture">
@include('partials.slice', ['key' => 'water'])
</div>
<div class="read-figures">
@if ($reading->leave)
    <p class="leave">Leave this place: cold mud runs in.</p>
@endif
<dl class="figures">
    <div><dt>stage</dt><dd>{{ $reading->stage->stage->words() }}</dd></div>
    @if ($reading->day->spot->section)<div><dt>section</dt><dd>{{ $reading->day->spot->section }}, {{ $units->temp($reading->day->tempF) }}, {{ $units->depth($reading->day->visibilityFt) }} visible</dd></div>@endif
    <div><dt>water</dt><dd>{{ $reading->day->clarity->value }}, {{ $reading->day->clarityShift->words() }}</dd></div>
    <div><dt>mood</dt><dd>{{ $reading->mood->word() }} {{ sprintf('%+.2f', $reading->mood->value) }}</dd></div>
    <div><dt>fish</dt><dd>{{ $units->band($stand->shallowFt, $stand->deepFt) }}, {{ $stand->column->words() }}, {{ $stand->tightness->words() }}</dd></div>
    <div><dt>they move</dt><dd>{{ $units->depth($reading->strikeRadiusFt()) }}, {{ $units->depth($reading->strikeRadiusFt(true)) }} for a loud lure</dd></div>
    <div><dt>they see</dt><dd>{{ $units->depth($reading->seenFromFt()) }}</dd></div>
</dl>
<p class="look-for"><b>Look for</b> {{ implode(', ', array_map(fn ($s) => $s->words(), array_slice($stand->structures, 0, 4))) }} with {{ implode(', ', array_map(fn ($c) => $c->value === 'none'
    ? 'open bottom' : $c->words(), array_slice($stand->covers, 0, 4))) }}.</p>
</div>
<div class="read-because">
<p><a href="{{ route('sections', $trip) }}">Compare sections of the lake</a> · <a href="{{ route('boat', $trip) }}">The boat's instruments</a></p>
<h2>Because</h2>
<ul class="because">
    @include('partials.because', ['text' => $reading->stage->why, 'id' => 'STAGES'])
    @foreach ($reading->findings() as $finding)
        @include('partials.because', ['text' => $finding->text, 'id' => $finding->id, 'school' => $finding->school])
    @endforeach
</ul>
<details>
    <summary>The mood in parts</summary>
    <table class="parts">
        @foreach ($reading->mood->parts as $part)
            <tr><td>{{ $units->say($part->text) }}</td><td class="num">{{ sprintf('%+.2f', $part->value) }}</td></tr>
        @endforeach
        <tr><th scope="row">together <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'F12') }}">because F12</a></th><td class="num">{{ sprintf('%+.2f',
            $reading->mood->value) }}</td></tr>
    </table>
</details>
@if ($reading->day->assumed)
    <details class="assumed" open>
        <summary>Assumed, since nobody said</summary>
        <ul>
            @foreach ($reading->day->assumed as $assumption)
                <li><a href="#f-{{ str_replace(['.', '_'], '-', $assumption->path === 'spot' ? 'spot.structure' : $assumption->path) }}">{{ $units->say($assumption->text) }}</a></li>
            @endforeach
        </ul>
    </details>
@endif
<p><a class="act" href="{{ route('choose', $trip) }}">Choose the lures</a></p>
</div>
