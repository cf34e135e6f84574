<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;

/**
 * About how long it takes to another place, for weighing offers between taps: by the crow, somewhat longer, and the time to set up
 * there. Basis: own choice.
 */
final class RoughWays
{
    /** A way over water is so much longer than by the crow. */
    private const LONGER = 1.3;

    /** Stowing, running slowly at both ends, setting up. */
    private const SETTING_UP_MIN = 2.0;

    /** Where nothing is known of either place. */
    public const UNKNOWN_MIN = 4.0;

    /** Minutes from a place to another. */
    public static function minutes(Position $from, Position $to, Speed $speed): float
    {
        return self::SETTING_UP_MIN + self::LONGER * $from->metresTo($to) / ($speed->metresPerSecond() * 60);
    }
}
