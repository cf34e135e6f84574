{{-- Reasons with their rules, each a click away: its text, the rule, the school where it is one's. --}}
<ul class="because">
    @foreach ($reasons as [$text, $id, $school])
        <li>{{ $units->say($text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, $id) }}"
            title="{{ OldEddy\Rules\RuleBook::rule($id)->basis->words() }}">because {{ $id }}</a>@if ($school) <span class="school">school {{ $school }}</span>@endif</li>
    @endforeach
</ul>
