<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Offer;

/** Throws one lure all day and goes from place to place after so many casts. */
final class SameLure implements Habit
{
    public function __construct(private readonly int $lure, private readonly int $casts = 20)
    {
    }

    /** The same rod, at this place or the next in the round. */
    public function next(array $log, ?ContactKind $contact, Choices $choices): Offer
    {
        $stints = count($log);
        $moves = $stints > 0 && $log[$stints - 1]->casts >= $this->casts;

        return new Offer(
            $choices->places[max(0, $stints - 1 + ($moves ? 1 : 0)) % count($choices->places)],
            $choices->presentations[$this->lure % count($choices->presentations)],
        );
    }
}
