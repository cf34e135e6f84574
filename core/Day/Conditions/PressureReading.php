<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** Air pressure in hPa (850 to 1100) so many hours ago (0 or more). */
final readonly class PressureReading
{
    public function __construct(public float $hoursAgo, public float $hpa)
    {
    }
}
