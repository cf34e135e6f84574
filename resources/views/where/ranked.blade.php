{{-- A page of the spots, the best of the hour first, each with its reasons. --}}
@php($fish = route('where.pick', $trip))
@php($way = route('where', ['trip' => $trip, 'minute' => $minute]))
@php($shown = array_flip($hours))
<section aria-label="Spots in order">
    <h2>In order <small class="muted">strokes: fit by the hour, {{ $hours[0] }} to {{ $hours[count($hours) - 1] }}</small></h2>
    <ol class="ranked" start="{{ array_search($listed[0] ?? null, $ranked, true) + 1 }}">
        @foreach ($listed as $r)
            @php($s = $spots[$r->place->name])
            @php($best = $byHour->best($s->name, $hours[0], $hours[count($hours) - 1]))
            @php($depth = $r->place->depthAt($day->riseFt()))
            @php($section = $sections[$r->place->section] ?? null)
            @php($fits = array_intersect_key($byHour->fits[$s->name], $shown))
            @php($top = max($fits))
            @php([$weighty, $others] = App\Drawing\WhereDrawing::weighty($r->reasons))
            <li data-place="{{ $r->place->name }}"><details @if ($loop->first && ! $chosen) open @endif><summary><span><b>{{ $r->place->name }}</b> <span
                class="muted">{{ App\Show\Word::of($s->structure ?? 'spot') }}{{ $depth === null ? '' : ', '.$units->band(...$depth) }}{{ $section
                ? ", {$r->place->section} ".$units->temp($section->tempF) : '' }}{{ $best === null ? '' : ($best[0] === $best[1]
                ? ", best at {$best[0]}" : ", best {$best[0]}–{$best[1]}") }}</span></span>
                {{-- Its fit by the hour, a stroke an hour, against its own best. --}}
                <svg viewBox="0 0 {{ 4 * count($hours) }} 16" class="hour-strokes" aria-hidden="true">@foreach ($fits as $hour => $fit)<path d="M{{ 4 * $shown[$hour] + 2 }} 16 v{{ -round(15 * $fit / $top,
                    1) }}" @class(['now' => $hour === intdiv($minute, 60)])/>@endforeach</svg> <span class="line-fit">{{ number_format($r->fit, 2) }}</span></summary>
                @foreach (array_filter([$weighty, $others]) as $more => $reasons)
                    @if ($more)<details class="others"><summary>{{ count($reasons) }} more</summary>@endif
                    <ul class="because">@foreach ($reasons as $reason)<li>{{ $units->say($reason->text) }} <span class="muted">×{{ number_format($reason->effect, 2) }}</span> <a class="rule-tag"
                        href="{{ App\Show\RuleLink::to($trip, $reason->ruleId) }}">because {{ $reason->ruleId }}</a></li>@endforeach</ul>
                    @if ($more)</details>@endif
                @endforeach
                <form method="post" action="{{ $fish }}" class="beside" {{ App\Log\KeptForm::of($trip, json_encode(['kind' => 'pick', 'spot' => $s->name])) }}>@csrf<input type="hidden" name="spot"
                    value="{{ $s->id }}"><input type="hidden" name="minute" value="{{ $minute }}"><button type="submit">Fish this one</button> <a
                    href="{{ $way }}&amp;spot={{ $s->id }}">Read it</a><span class="muted" role="status" x-text="kept" x-show="kept" x-cloak></span></form>
            </details></li>
        @endforeach
    </ol>
    @if ($pages > 1)<nav class="beside" aria-label="Pages of the list">@if ($page > 1)<a
        href="{{ $way }}&amp;page={{ $page - 1 }}">Better ones</a>@endif <span>page {{ $page }} of {{ $pages }}</span> @if ($page < $pages)<a
        href="{{ $way }}&amp;page={{ $page + 1 }}">The next</a>@endif</nav>@endif
</section>
