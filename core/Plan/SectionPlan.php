<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Reading\Reading;

/** One section of the lake: its reading, and the lures that stand first there. */
final readonly class SectionPlan
{
    /** @param  non-empty-list<string>  $lures  best first */
    public function __construct(public string $name, public Reading $reading, public array $lures)
    {
    }
}
