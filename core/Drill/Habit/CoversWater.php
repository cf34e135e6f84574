<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Drill\DrillHour;
use OldEddy\Log\Next\Offer;

/** Keeps moving: the fastest lure, a few casts at each place, never back for a contact. */
final class CoversWater implements Habit
{
    private const CASTS = 8;

    /** The next place after eight casts. */
    public function next(DrillHour $now): Offer
    {
        $fastest = 0;
        foreach ($now->choices->presentations as $i => $one) {
            $fastest = $one->paceFtS > $now->choices->presentations[$fastest]->paceFtS ? $i : $fastest;
        }

        return (new SameLure($fastest, self::CASTS))->next($now);
    }
}
