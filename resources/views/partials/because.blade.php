{{-- One reason with its rule, a click away. --}}
<li>{{ $units->say($text) }} <a class="rule-tag" href="{{ App\Show\RuleLink::to($trip ?? null, $id) }}"
    title="{{ OldEddy\Rules\RuleBook::rule($id)->basis->words() }}">because {{ $id }}</a>@if ($school ?? null) <span class="school">school {{ $school }}</span>@endif</li>
