<li>{{ $units->say($reason->text) }} <span class="muted">×{{ number_format($reason->effect, 2) }}</span> <a class="rule-tag"
    href="{{ App\Show\RuleLink::to($trip, $reason->ruleId) }}">because {{ $reason->ruleId }}</a></li>
