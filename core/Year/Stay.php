<?php

declare(strict_types=1);

namespace OldEddy\Year;

/** One visit to a spot: its casts, when the first contact came, and how many blank casts it was left after (rule Y3). */
final readonly class Stay
{
    /**
     * @param  ?int  $firstCast  of the visit at which the first contact came, from 1
     * @param  int  $blankCasts  after the last contact, or all of them
     * @param  ?int  $minutes  until the next visit began; null for the last of the day
     */
    public function __construct(
        public string $spot,
        public ?string $structure,
        public int $casts,
        public int $contacts,
        public ?int $firstCast,
        public int $blankCasts,
        public ?int $minutes,
    ) {
    }
}
