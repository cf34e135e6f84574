{{-- The evidence plot: every level as a rate with the span that holds it four times in five, its casts and its verdict. --}}
@php($plot = new App\Drawing\PlotDrawing($day->evidence))
@if (! $day->evidence->levels)
    <p>Not enough casts yet. Log a stint and its casts; blanks are evidence too.</p>
@else
    <p class="muted">Contacts per 100 casts, drawn to the day's rate where casts are few, with the span that holds the true rate four times in five. <a class="rule-tag"
        href="{{ App\Show\RuleLink::to($trip ?? null, 'EVIDENCE') }}">because EVIDENCE</a></p>
    <table class="plot">
        <thead><tr><th scope="col">level</th><th scope="col" class="plot-scale"><span>0</span><span>{{ round($plot->top) }} per 100 casts</span></th><th scope="col" class="num">casts</th><th
            scope="col">verdict</th></tr></thead>
        @foreach ($plot->factors() as $factor)
            <tbody>
                <tr class="plot-factor"><th colspan="4" scope="colgroup">{{ App\Show\Word::of($factor) }}@if ($plot->apart($factor) === null) <span class="muted">not varied</span>@endif</th></tr>
                @foreach ($day->evidence->levelsOf($factor) as $level)
                    @php([$low, $mean, $high] = $plot->span($level))
                    <tr>
                        <td>{{ $units->level($level->level) }}</td>
                        <td>@include('partials.span', ['says' => "{$mean} per 100 casts, {$low} to {$high}", 'from' => $plot->x($low), 'to' => $plot->x($high), 'at' => $plot->x($mean),
                            'claim' => "plot-{$level->claim->value}"])</td>
                        <td class="num">{{ $level->casts }}</td>
                        <td><span class="verdict verdict-{{ $level->claim->value }}">{{ $level->says() }}</span> @if ($level->castsUntilFaded !== null) <span
                            class="muted">faded after {{ $level->castsUntilFaded }} more blank casts</span>@endif</td>
                    </tr>
                @endforeach
                @if ($plot->apart($factor) !== null)
                    <tr><td colspan="4" class="muted">{{ $units->say($plot->apart($factor) ?? '') }}</td></tr>
                @endif
            </tbody>
        @endforeach
    </table>
@endif
