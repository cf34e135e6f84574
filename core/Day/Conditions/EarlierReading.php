<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** What was measured so many days before the day (0 or more): a temperature in °F, or a visibility in feet. */
final readonly class EarlierReading
{
    public function __construct(public float $daysAgo, public float $value)
    {
    }
}
