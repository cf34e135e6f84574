{{-- One day of the logbook. --}}
@php($leaves = $left[$day->id] ?? json_decode($day->leaves ?? 'null', true))
<article class="log-day">
    <h3><a href="{{ route('look-back.day', $day->id) }}">{{ $day->day ?? 'no date' }}, {{ $day->name }}</a>@if ($day->closed_at === null) <small class="muted">open</small>@endif</h3>
    <p class="log-sums"><b>{{ number_format($day->caught) }}</b> caught, {{ number_format($day->contacts_made) }} contacts in {{ number_format($day->casts_made)
        }} casts{{ $day->towed_min > 0 ? sprintf(' and %.1f line-hours', $day->towed_min / 60).App\Log\TowedLines::rate(' (%.1f in a line-hour)', (float) $day->towed_min, (int) $day->towed_contacts) : ''
        }}{{ $day->fished_from === null ? ''
        : ', '.substr($day->fished_from, 0, 5).'–'.substr($day->fished_to, 0, 5) }}@if ($day->best_in !== null || $day->best_lb !== null); best {{ implode(', ', array_filter([$day->best_in === null ? null
        : $units->size((float) $day->best_in), $day->best_lb === null ? null : $units->fish(OldEddy\Basics\Units\Mass::fromPounds((float) $day->best_lb))])) }}@endif</p>
    <p class="muted">{{ $day->lake ?? '' }}{{ $day->lake ? ' · ' : '' }}{{ App\Show\Word::of($day->species ?? '') }} · {{ App\Show\Word::of($day->stage ?? '') }}, {{ $day->temp_f === null ? ''
        : $units->temp((float) $day->temp_f).($day->temp_said ? '' : ' assumed') }} · {{ $day->clarity }} water · {{ App\Show\Word::of($day->sky ?? '') }}, wind {{ $units->show('speed', (float) $day->wind_mph) }}
        {{ $units->word('speed') }}, front {{ App\Show\Word::of($day->front ?? '') }}</p>
    @if ($leaves)
        <p>{{ ucfirst($leaves['verdict']) }}{{ implode('', array_map(fn ($what) => $leaves[$what] ? "; {$what}: ".implode(', ', array_map(fn ($l) => App\Show\Word::of($l[0]).' '.$units->level($l[1]),
            array_slice($leaves[$what], 0, 4))) : '', ['held', 'faded', 'rejected'])) }}.</p>
    @endif
    @if ($day->notes)<p class="own-words">{{ Str::limit($day->notes, 240) }}</p>@endif
</article>
