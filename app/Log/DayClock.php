<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Trip;
use App\Show\Clock;
use OldEddy\Log\Next\TimeLeft;
use OldEddy\Reading\Reading;

/** How much of a day is gone and how much is left, by the one clock (rule W20). */
final class DayClock
{
    /**
     * The time that is gone and still to come: from the first stint on, until the sun is down or one means to be back; eight hours
     * where neither is known.
     */
    public static function left(Trip $trip, Reading $reading, ?string $first, ?string $last): TimeLeft
    {
        $usual = new TimeLeft;
        if ($first === null) {
            return $usual;
        }
        $begun = Clock::minute($first);
        $now = $trip->isUnderWay() ? Clock::minute($trip->now()->format('H:i')) : Clock::minute((string) $last);
        $until = $trip->route?->asked->to ?? $reading->day->sunDay?->sunsetMinute() ?? $begun + $usual->wholeMin;
        $gone = max(0.0, $now - $begun);

        return new TimeLeft($gone, max($gone, (float) $until - $begun, 1.0));
    }
}
