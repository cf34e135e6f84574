<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** The wind of a whole day, so many days before the day (0 for itself): mph, and the compass direction it came from (degrees). Rule W23. */
final readonly class WindDay
{
    public function __construct(public int $daysAgo, public float $mph, public float $fromDeg)
    {
    }
}
