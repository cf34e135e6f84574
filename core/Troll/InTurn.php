<?php

declare(strict_types=1);

namespace OldEddy\Troll;

/** A lure in a turn: the circle it goes on (radius in feet), its speed (mph) and depth (feet) there, and whether it all but stops. */
final readonly class InTurn
{
    public function __construct(public RunningLine $running, public float $circleFt, public float $speedMph, public float $depthFt, public bool $hangs)
    {
    }

    /**
     * Where it is behind a boat in that turn: on its circle, as far back as its line reaches.
     *
     * @return array{float, float} feet to the right of the boat's middle, feet behind
     */
    public function place(float $radiusFt, bool $toRight): array
    {
        $way = $toRight ? 1 : -1;
        $tip = $radiusFt - $way * $this->running->line->asideFt();
        $share = $tip > 0 ? min(1.0, $this->circleFt / $tip) : 0.0;

        return [$way * ($radiusFt - $this->circleFt * $share), $this->circleFt * sqrt(1 - $share ** 2)];
    }

    /** Feet by which it rises (over 0) or sinks against the straight way. */
    public function risesFt(): float
    {
        return $this->running->depthFt - $this->depthFt;
    }
}
