{{-- What comes off or not: struck fish landed, a second fish after the first. --}}
@foreach (['landed' => 'Landed of struck, by lure', 'hook' => 'Landed of struck, by hook'] as $what => $title)
    @if ($review->tallies[$what] ?? [])
        <table class="plot" data-tally="{{ $what }}">
            <caption>{{ $title }}</caption>
            <thead><tr><th scope="col">{{ $what === 'hook' ? 'hook' : 'lure' }}</th><th scope="col" class="plot-scale"><span>0</span><span>all</span></th><th scope="col"
                class="num">struck</th><th scope="col" class="num">landed</th></tr></thead>
            <tbody>
            @foreach (array_slice($review->tallies[$what], 0, 12, true) as $level => $tally)
                @php([$low, $high] = $draw->span($tally))
                <tr><td><a href="{{ route('look-back', $asked + ['by' => "{$what}:{$level}"]) }}">{{ App\Show\Word::of($level) }}</a></td><td><svg viewBox="0 0 204 18" class="plot-line"
                    role="img" aria-label="{{ round(100 * $tally->share()) }} %, {{ round(100 * $low) }}
                    to {{ round(100 * $high) }} %"><line x1="0"
                    x2="204" y1="17.5" y2="17.5" class="plot-base"/><line x1="{{ $draw->share($low) }}" x2="{{ $draw->share($high) }}" y1="9" y2="9" class="plot-span"/><circle cx="{{
                        $draw->share($tally->share()) }}" cy="9" r="4"
                    class="plot-dot"/></svg></td><td class="num">{{ $tally->tried }}</td><td class="num">{{ $tally->cameOff }}</td></tr>
            @endforeach
            </tbody>
        </table>
    @endif
@endforeach
@php($second = $review->tallies['second'][''] ?? null)
@php($stayed = $review->tallies['stayed'][''] ?? null)
@if ($stayed)
    <section><h2>The second fish</h2>
        <p>After the first hooked fish of a place you gave five more casts {{ $stayed->cameOff }} times of <a
            href="{{ route('look-back', $asked + ['by' => 'stayed:any']) }}">{{ $stayed->tried }}</a>@if ($second); a second contact came in them {{ $second->cameOff }}
            of <a href="{{ route('look-back', $asked + ['by' => 'second:any']) }}">{{ $second->tried }}</a> times ({{
            round(100 * $second->share()) }} %, {{ round(100 * $draw->span($second)[0]) }} to {{ round(100 * $draw->span($second)[1]) }} %)@endif. <a class="rule-tag" href="{{ route('rule',
                'M15') }}">because M15</a></p>
    </section>
@endif
