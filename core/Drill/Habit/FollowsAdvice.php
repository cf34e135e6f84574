<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\NextMove;
use OldEddy\Log\Next\Offer;

/** Does what the next move proposes, asking after each contact and every few casts. */
final class FollowsAdvice implements Habit
{
    private const ASKS_EVERY = 5;

    private ?Offer $offer = null;

    public function __construct(private readonly Schools $schools = new Schools)
    {
    }

    /** What the first proposal that names a place and a lure says; else goes on. */
    public function next(array $log, ?ContactKind $contact, Choices $choices): Offer
    {
        $last = $log === [] ? null : $log[count($log) - 1];
        if ($this->offer !== null && $last !== null && $contact === null && $last->casts % self::ASKS_EVERY !== 0) {
            return $this->offer;
        }
        $evidence = Evidence::weigh($log);
        $move = NextMove::after($evidence, Pattern::in($evidence), $this->schools, false, $choices)[0];

        return $this->offer = $move->offer ?? $this->offer ?? new Offer($choices->places[0], $choices->presentations[0]);
    }
}
