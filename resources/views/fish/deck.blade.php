@php($first = $day->next[0])
<div class="deck" data-last="{{ $last }}" data-stint="{{ $stint?->id }}" data-casts="{{ $stint->cast_count ?? 0 }}">
    @if ($stint)
        <section class="deck-now" aria-label="This stint">
            <h1>{{ ucfirst(str_replace('_', ' ', $stint->lure)) }} <small>at {{ $stint->spot }}</small></h1>
            <p class="deck-how"><i class="swatch swatch-{{ $stint->color }}" aria-hidden="true"></i>{{ str_replace('_', ' ', $stint->color) }} · {{ $units->depth($stint->depth_ft) }} · {{ str_replace('_', ' ', $stint->retrieve) }}</p>
            <p class="deck-cadence">{{ $setup->cadence->text }}</p>
        </section>
        <section class="deck-next" aria-label="Next move">
            <p><b>{{ ucfirst($first->action->words()) }}.</b> {{ $first->text }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, $first->ruleId) }}">because {{ $first->ruleId }}</a></p>
        </section>
        <section class="deck-keys" aria-label="Log">
            <button type="button" class="cast-key" data-log="casts"><b data-count="casts">{{ $stint->cast_count }}</b><span>casts · tap for one more</span></button>
            <div class="contact-keys">
                @foreach (OldEddy\Evidence\ContactKind::cases() as $kind)
                    <button type="button" data-log="contact" data-kind="{{ $kind->value }}"><span>{{ $kind->words() }}</span><b data-count="{{ $kind->value }}">{{ $stint->contacts->where('kind', $kind->value)->count() }}</b></button>
                @endforeach
            </div>
            <button type="button" class="undo-key" data-log="undo">Undo the last</button>
        </section>
    @else
        <h1>No stint yet</h1>
        <p>Choose a lure to begin at {{ $spots->last() ?? 'the first spot' }}.@if ($rackIsEmpty) Your rack is empty: these are the rods of today's plan.@endif</p>
    @endif
    <section class="deck-change" aria-label="Change">
        <h2>Lure</h2>
        <div class="chips">
            @foreach ($rods as $rod)
                <button type="button" data-log="stint" data-spot="{{ $stint->spot ?? 'Spot 1' }}" data-lure="{{ $rod->lure }}" data-color="{{ $rod->color }}" data-depth="{{ $rod->depth_ft }}" data-retrieve="{{ $rod->retrieve }}" @if ($stint?->lure === $rod->lure) aria-pressed="true" @else aria-pressed="false" @endif>{{ str_replace('_', ' ', $rod->lure) }}</button>
            @endforeach
        </div>
        @if ($stint)
            <h2>Spot</h2>
            <div class="chips">
                @foreach ($spots->push('Spot '.($spots->count() + 1)) as $spot)
                    <button type="button" data-log="stint" data-spot="{{ $spot }}" data-lure="{{ $stint->lure }}" data-color="{{ $stint->color }}" data-depth="{{ $stint->depth_ft }}" data-retrieve="{{ $stint->retrieve }}" aria-pressed="{{ $stint->spot === $spot ? 'true' : 'false' }}">{{ $spot }}{{ $loop->last ? ' (new)' : '' }}</button>
                @endforeach
            </div>
        @endif
    </section>
    <section class="deck-slice" aria-label="The slice">
        @include('partials.slice', ['key' => 'deck', 'title' => 'The water and the path of the lure.'])
    </section>
    <p class="deck-sum">Today: {{ $day->evidence->casts() }} casts, {{ $day->evidence->contactCount() }} {{ $day->evidence->contactCount() === 1 ? 'contact' : 'contacts' }}@if ($contacts->isNotEmpty()) ({{ $contacts->map(fn ($n, $kind) => "{$n} {$kind}")->join(', ') }})@endif. {{ $day->pattern->text }}</p>
    <p class="deck-water">Water as you said it: {{ $units->temp($reading->day->tempF) }}, {{ $units->depth($reading->day->visibilityFt) }} visible, {{ $reading->day->sky->words() }}, front {{ $reading->day->front->words() }}. <a href="{{ route('read', $trip) }}">Changed? Say so.</a> <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'W19') }}">because W19</a></p>
</div>
