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
                <tr><td><a href="{{ route('look-back', $asked + ['by' => "{$what}:{$level}"]) }}">{{ App\Show\Word::of($level) }}</a></td>
                    <td>@include('partials.span', ['says' => sprintf('%.0f %%, %.0f to %.0f %%', 100 * $tally->share(), 100 * $low, 100 * $high),
                    'from' => $draw->share($low), 'to' => $draw->share($high), 'at' => $draw->share($tally->share())])</td><td class="num">{{ $tally->tried }}</td><td class="num">{{ $tally->cameOff }}</td></tr>
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
