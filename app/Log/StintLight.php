<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use App\Show\Clock;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\Brightness;

/** The light on a stint that began at a local time of a day, as the core reckons it; null where nobody said what the sky is like. */
final class StintLight
{
    public static function at(Trip $trip, string $at): ?string
    {
        return Brightness::at(Settler::settle($trip->told()), Clock::minute($at));
    }
}
