<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Drill\DrillHour;
use OldEddy\Log\Next\Offer;

/** Throws one lure all day, one color and one retrieve of it, and goes from place to place after so many casts. */
final class SameLure implements Habit
{
    public function __construct(private readonly int $lure, private readonly int $casts = 20)
    {
    }

    /** The same rod, at this place or the next in the round. */
    public function next(DrillHour $now): Offer
    {
        $places = $now->choices->places;
        $here = array_search($now->last()->levels['spot'] ?? null, array_column($places, 'name'), true);
        // The sun may begin a stint of its own at the same place.
        $at = $here === false ? 0 : ((int) $here + ($now->castsHere() >= $this->casts ? 1 : 0)) % count($places);

        return new Offer($places[$at], $now->choices->presentations[$this->lure % count($now->choices->presentations)]);
    }
}
