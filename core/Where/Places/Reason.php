<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Basics\Said;

/** One reason for or against a spot: the factor it multiplies the fit by (over 0), a sentence, the rule. */
final readonly class Reason
{
    public function __construct(public float $effect, public string|Said $text, public string $ruleId)
    {
    }
}
