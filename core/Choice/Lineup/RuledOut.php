<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;

/** A lure that is no choice today, why, and by which rule. */
final readonly class RuledOut
{
    public function __construct(public string $lure, public string|Said $why, public string $ruleId)
    {
    }
}
