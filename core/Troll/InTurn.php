<?php

declare(strict_types=1);

namespace OldEddy\Troll;

/** A lure in a turn: the circle it goes on (radius in feet), its speed (mph) and depth (feet) there, and whether it all but stops. */
final readonly class InTurn
{
    public function __construct(public RunningLine $running, public float $circleFt, public float $speedMph, public float $depthFt, public bool $hangs)
    {
    }

    /** Feet by which it rises (over 0) or sinks against the straight way. */
    public function risesFt(): float
    {
        return $this->running->depthFt - $this->depthFt;
    }
}
