<?php

declare(strict_types=1);

namespace OldEddy\Troll;

/**
 * What is towed at the end of a line: its weight in water (ounces, under 0: it floats), its drag coefficient times its area (cm²), and
 * what a lip presses down: by the same measure of area (cm², it grows with the square of the speed) or as a force (newtons).
 */
final readonly class Towed
{
    public function __construct(public float $weightOz, public float $dragCm2, public float $diveCm2 = 0.0, public float $downN = 0.0)
    {
    }

    /** The same with another lip. */
    public function diving(float $diveCm2): self
    {
        return new self($this->weightOz, $this->dragCm2, $diveCm2, $this->downN);
    }
}
