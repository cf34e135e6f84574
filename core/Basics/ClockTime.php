<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** Minutes of a day as a clock shows them. */
final class ClockTime
{
    /** "08:05" for 485; minutes 0 or more. */
    public static function of(int $minute): string
    {
        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
