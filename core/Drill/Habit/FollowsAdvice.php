<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Day\Schools\Schools;
use OldEddy\Drill\DrillHour;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\NextMove;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Situation;

/** Does what the next move proposes, asking after each contact and every few casts. */
final class FollowsAdvice implements Habit
{
    private ?Offer $offer = null;

    public function __construct(private readonly Schools $schools = new Schools)
    {
    }

    /** What the first proposal says; between two questions it goes on. */
    public function next(DrillHour $now): Offer
    {
        $last = $now->last();
        $choices = $now->choices;
        $goesOn = $this->offer === null ? null : $now->again($this->offer);
        if ($goesOn !== null && $last !== null && $now->contact === null && ! Offer::isAskedAgain($last->casts - 1, $last->casts)) {
            return $goesOn;
        }
        $evidence = Evidence::weigh($now->log, new Prior, $now->turns);
        $move = NextMove::first(new Situation($evidence, Pattern::in($evidence), $choices, new Manner($this->schools, time: $now->time)));

        return $this->offer = $move->offer ?? $goesOn ?? new Offer($choices->places[0], $choices->presentations[0]);
    }
}
