<table class="parts"><caption class="sr">Who did what on shared water</caption>
    <thead><tr><th scope="col">angler</th><th scope="col" class="num">casts</th><th scope="col" class="num">contacts</th><th scope="col" class="num">in 100</th><th scope="col">four times in five</th><th
        scope="col">mostly</th></tr></thead>
    @foreach ($crew->members as $member)
        <tr><th scope="row">{{ $member->angler }}</th><td class="num">{{ $member->casts }}</td><td class="num">{{ $member->contactCount }}</td><td class="num">{{ number_format(100 * $member->rate->mean(), 1) }}</td>
            <td><svg class="span" viewBox="0 0 100 8" role="img" aria-label="{{ sprintf('%.1f to %.1f in 100', 100 * $member->span()[0], 100 * $member->span()[1]) }}"><line x1="0" y1="4" x2="100" y2="4" class="span-all"/><line
                x1="{{ App\Show\CrewSpan::x($crew, $member->span()[0]) }}" y1="4" x2="{{ App\Show\CrewSpan::x($crew, $member->span()[1]) }}" y2="4" class="span-of"/><circle
                cx="{{ App\Show\CrewSpan::x($crew, $member->rate->mean()) }}" cy="4" r="3"/></svg></td>
            <td>{{ App\Show\Word::of($member->lure ?? '') }}</td></tr>
    @endforeach
</table>
<p>{{ $crew->says() }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip, 'G3') }}">because G3</a></p>
<p class="muted">Only what you cast at the same place at the same time:
    @foreach ($crew->stretches as $stretch){{ $stretch->spot }} {{ substr($stretch->from, 11, 5) }} to {{ substr($stretch->to, 11, 5) }}@unless ($loop->last), @endunless @endforeach</p>
