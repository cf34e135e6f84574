<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Limits;

/** Where in its time a day stands: minutes gone and minutes in all (over 0, at least those gone). */
final readonly class TimeLeft
{
    public function __construct(public float $goneMin = 0.0, public float $wholeMin = 480.0)
    {
    }

    /** The share (0 to 1) of the day that is still to come. */
    public function share(): float
    {
        return max(0.0, min(1.0, 1 - $this->goneMin / $this->wholeMin));
    }

    /** Minutes still to come, 0 or more. */
    public function leftMin(): float
    {
        return max(0.0, $this->wholeMin - $this->goneMin);
    }

    /** Casts that are usually made in so many minutes. */
    public static function castsIn(float $minutes): float
    {
        return max(0.0, $minutes * 60 / Limits::CAST_S);
    }

    /** Minutes that so many casts usually take. */
    public static function minutesOf(int $casts): float
    {
        return $casts * Limits::CAST_S / 60;
    }
}
