@php($stand = $reading->stand)
@if ($reading->leave)
    <p class="leave">Leave this place: cold mud runs in.</p>
@endif
<p class="read-says" data-says>{{ ucfirst($reading->day->species->words()) }} at {{ $units->band($stand->shallowFt, $stand->deepFt) }}, {{ $stand->tightness->words() }}; each moves {{
    $units->depth($reading->strikeRadiusFt()) }}.</p>
<dl class="figures">
    <div><dt>stage</dt><dd>{{ $reading->stage->stage->words() }}</dd></div>
    @if ($reading->day->spot->section)<div><dt>section</dt><dd>{{ $reading->day->spot->section }}, {{ $units->temp($reading->day->tempF) }}, {{ $units->depth($reading->day->visibilityFt) }} visible</dd></div>@endif
    <div><dt>water</dt><dd>{{ $units->temp($reading->day->tempF) }}, {{ $reading->day->clarity->value }}, {{ $reading->day->clarityShift->words() }}</dd></div>
    <div><dt>how eager</dt><dd>{{ $reading->mood->word() }}</dd></div>
    <div><dt>fish</dt><dd>{{ $units->band($stand->shallowFt, $stand->deepFt) }}, {{ $stand->column->words() }}, {{ $stand->tightness->words() }}</dd></div>
    <div><dt>they move</dt><dd>{{ $units->depth($reading->strikeRadiusFt()) }}, {{ $units->depth($reading->strikeRadiusFt(true)) }} for a loud lure</dd></div>
    <div><dt>they see</dt><dd>{{ $units->depth($reading->seenFromFt()) }}</dd></div>
</dl>
<p class="look-for"><b>Look for</b> {{ implode(', ', array_map(fn ($s) => $s->words(), array_slice($stand->structures, 0, 4))) }} with {{ implode(', ', array_map(fn ($c) => $c->value === 'none'
    ? 'open bottom' : $c->words(), array_slice($stand->covers, 0, 4))) }}.</p>
