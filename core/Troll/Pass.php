<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\Runs;

/** One pass over a lake: the way of the boat, and the least water (feet) under any lure of the spread along it. Rule T8. */
final readonly class Pass
{
    /** @param  non-empty-list<Position>  $way */
    public function __construct(public array $way, public float $leastUnderFt)
    {
    }

    /** How long it is, feet. */
    public function feet(): float
    {
        return Runs::feet($this->way);
    }

    /** Minutes that it takes at a speed over 0. */
    public function minutes(float $mph): float
    {
        return $this->feet() / Speed::fromMph($mph)->feetPerSecond() / 60;
    }
}
