{{-- The evidence plot: every level as a rate with the span that holds it four times in five, its casts and its verdict. --}}
@php($top = max(4.0, ...array_map(fn ($l) => 100 * $l->rateHigh, $day->evidence->levels ?: [(object) ['rateHigh' => 0.04]])))
@if (! $day->evidence->levels)
    <p>Not enough casts yet. Log a stint and its casts; blanks are evidence too.</p>
@else
    <p class="muted">Contacts per 100 casts, with the span that holds the true rate four times in five. <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, 'EVIDENCE') }}">because EVIDENCE</a></p>
    <table class="plot">
        <thead><tr><th scope="col">level</th><th scope="col" class="plot-scale"><span>0</span><span>{{ round($top) }} per 100 casts</span></th><th scope="col" class="num">casts</th><th scope="col">verdict</th></tr></thead>
        @foreach (collect($day->evidence->levels)->groupBy('factor')->sortBy(fn ($l) => $l->count() === 1) as $factor => $levels)
            <tbody>
                <tr class="plot-factor"><th colspan="4" scope="colgroup">{{ str_replace('_', ' ', $factor) }}@if ($levels->count() === 1) <span class="muted">not varied</span>@endif</th></tr>
                @foreach ($levels->sortByDesc('rate') as $level)
                    @php($from = 200 * 100 * $level->rateLow / $top)
                    @php($to = min(200, 200 * 100 * $level->rateHigh / $top))
                    <tr>
                        <td>{{ str_replace('_', ' ', $level->level) }}</td>
                        <td><svg viewBox="0 0 204 18" class="plot-line" role="img" aria-label="{{ round(100 * $level->rate, 1) }} per 100 casts, {{ round(100 * $level->rateLow, 1) }} to {{ round(100 * $level->rateHigh, 1) }}"><line x1="0" x2="204" y1="17.5" y2="17.5" class="plot-base"/><line x1="{{ round($from, 1) }}" x2="{{ round($to, 1) }}" y1="9" y2="9" class="plot-span"/><circle cx="{{ round(200 * 100 * $level->rate / $top, 1) }}" cy="9" r="4" class="plot-dot plot-{{ $level->verdict->value }}"/></svg></td>
                        <td class="num">{{ $level->casts }}</td>
                        <td><span class="verdict verdict-{{ $level->verdict->value }}">{{ $level->verdict->words() }}</span>@if ($level->castsUntilFaded !== null) <span class="muted">{{ $level->castsUntilFaded }} blank casts until faded</span>@endif</td>
                    </tr>
                @endforeach
            </tbody>
        @endforeach
    </table>
@endif
