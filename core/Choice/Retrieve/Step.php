<?php

declare(strict_types=1);

namespace OldEddy\Choice\Retrieve;

/** One step of a retrieve: what to do, for how many seconds, how often within them, and feet lifted if it lifts. */
final readonly class Step
{
    private const IN_PLACE = ['pause', 'fall', 'kill', 'shake'];

    public function __construct(
        public Motion $do,
        public float $seconds,
        public ?int $times = null,
        public float $liftFt = 0.0,
    ) {
    }

    /** Whether the lure is left to itself during this step. */
    public function isRest(): bool
    {
        return in_array($this->do, [Motion::Pause, Motion::Fall, Motion::Kill], true);
    }

    /** Whether the lure stays where it is along the cast. */
    public function isStill(): bool
    {
        return self::leavesInPlace($this->do->value);
    }

    /** Whether a move, by its key, leaves the lure where it is along the cast. */
    public static function leavesInPlace(string $move): bool
    {
        return in_array($move, self::IN_PLACE, true);
    }
}
