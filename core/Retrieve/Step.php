<?php

declare(strict_types=1);

namespace OldEddy\Retrieve;

/** One step of a retrieve: what to do, for how many seconds, how often within them, and feet lifted if it lifts. */
final readonly class Step
{
    public function __construct(
        public Move $do,
        public float $seconds,
        public ?int $times = null,
        public float $liftFt = 0.0,
    ) {
    }

    /** Whether the lure is left to itself during this step. */
    public function isRest(): bool
    {
        return in_array($this->do, [Move::Pause, Move::Fall, Move::Kill], true);
    }

    /** Whether the lure stays where it is along the cast. */
    public function isStill(): bool
    {
        return $this->isRest() || $this->do === Move::Shake;
    }
}
