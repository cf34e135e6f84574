<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;

/** An hour of a day: when it begins (minute, 0 to 1439), the lure that leads, how willing the fish are (−1 to 1), and what is different then. */
final readonly class HourPlan
{
    public function __construct(public int $minute, public string $first, public float $mood, public string|Said $why)
    {
    }
}
