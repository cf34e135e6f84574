<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

/** Near neighbours in the order in which they are tried, by a rule. */
final readonly class TrialOrder
{
    /** @param  non-empty-list<string>  $order */
    public function __construct(public string $ruleId, public array $order, public string $where)
    {
    }
}
