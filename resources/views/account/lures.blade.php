{{-- The first lures of the water as it is drawn now. --}}
<p class="read-says">{{ ucfirst($reading->stage->stage->words()) }}, {{ $reading->day->clarity->value }} water: fish at {{ $units->band($reading->stand->shallowFt, $reading->stand->deepFt) }}, {{
    $reading->stand->tightness->words() }}; each moves {{ $units->depth($reading->strikeRadiusFt()) }}.</p>
<ol class="first-lures">
    @foreach ($lures as $entry)
        <li><svg viewBox="0 0 40 20" aria-hidden="true"><use href="/lures.svg#{{ $entry->lure->key }}"/></svg> <b>{{ $entry->lure->name() }}</b>, {{ App\Show\Word::of($entry->colors()[0]->family->value) }}, {{
            $units->depth($entry->setup()->depthFt) }}, {{ $entry->setup()->cadence->name() }}@if ($why = $entry->bestReason())<span class="muted">{{ $units->say($why->text) }}</span>@endif</li>
    @endforeach
</ol>
