<?php

declare(strict_types=1);

namespace OldEddy\Lineup;

/** Near neighbours in the order in which they are tried, by a rule. */
final readonly class Ladder
{
    /** @param  non-empty-list<string>  $order */
    public function __construct(public string $ruleId, public array $order, public string $where)
    {
    }
}
