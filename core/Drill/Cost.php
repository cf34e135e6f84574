<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Next\Offer;

/** One choice of a drill: when, for how many casts, what was fished and what would have been best, each in contacts per cast on a rested place. */
final readonly class Cost
{
    public function __construct(
        public string $at,
        public int $casts,
        public Offer $chosen,
        public Offer $best,
        public float $perCast,
        public float $bestPerCast,
    ) {
    }

    /** Contacts that the choice cost, 0 or more. */
    public function lost(): float
    {
        return $this->casts * ($this->bestPerCast - $this->perCast);
    }
}
