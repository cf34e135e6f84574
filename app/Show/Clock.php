<?php

declare(strict_types=1);

namespace App\Show;

use OldEddy\Basics\ClockTime;

/** Minutes of the local day as a clock shows them, and back. */
final class Clock
{
    /** "08:05" for 485. */
    public static function of(int $minute): string
    {
        return ClockTime::of($minute);
    }

    /** 485 for "08:05", or for a date and time that ends so, such as "2026-04-12T08:05:00". */
    public static function minute(string $at): int
    {
        $clock = str_contains($at, 'T') ? substr((string) strstr($at, 'T'), 1) : $at;

        return (int) substr($clock, 0, 2) * 60 + (int) substr($clock, 3, 2);
    }
}
