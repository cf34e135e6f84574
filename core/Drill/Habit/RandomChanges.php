<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Drill\DrillHour;
use OldEddy\Log\Next\Offer;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Changes place and presentation at random after so many casts. */
final class RandomChanges implements Habit
{
    private const CASTS = 15;

    private readonly Randomizer $luck;

    private ?Offer $offer = null;

    public function __construct(int $seed)
    {
        $this->luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', "habit {$seed}", true)));
    }

    /** The same until fifteen casts are made, then anything. */
    public function next(DrillHour $now): Offer
    {
        $choices = $now->choices;

        return $this->offer = $this->offer !== null && $now->castsHere() < self::CASTS
            ? $now->again($this->offer)
            : new Offer(
                $choices->places[$this->luck->getInt(0, count($choices->places) - 1)],
                $choices->presentations[$this->luck->getInt(0, count($choices->presentations) - 1)],
            );
    }
}
