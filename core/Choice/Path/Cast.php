<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

/**
 * One cast: its length in feet, how it lies, and the bottom below it. Distances run from the angler (0) outward; the
 * bottom is a straight slope from the depth under the angler to the depth at the far end, in feet.
 */
final readonly class Cast
{
    public function __construct(
        public float $lengthFt,
        public CastAngle $angle,
        public float $bottomNearFt,
        public float $bottomFarFt,
    ) {
    }

    /** Bottom depth in feet at a distance from the angler in feet. */
    public function bottomAt(float $distanceFt): float
    {
        $share = max(0.0, min(1.0, $distanceFt / $this->lengthFt));

        return $this->bottomNearFt + $share * ($this->bottomFarFt - $this->bottomNearFt);
    }
}
