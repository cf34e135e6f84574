<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Day\Conditions\DockKind;

/**
 * A dock as one sees it coming by: floating or on piles, depth at its inner and outer end and length of the walkway in
 * feet, what hangs on it, and the compass direction in which it points out over the water (degrees, null where unknown).
 */
final readonly class DockPlan
{
    /** @param  list<Extra>  $extras */
    public function __construct(
        public string $name,
        public DockKind $kind,
        public float $insideFt,
        public float $outsideFt,
        public float $walkwayFt = 15.0,
        public array $extras = [],
        public ?float $facesDeg = null,
    ) {
    }

    /** The same dock when the water stands so many feet above (plus) or below the level its depths are for (W12). */
    public function atLevel(float $riseFt): self
    {
        return new self(
            $this->name,
            $this->kind,
            max(0.0, $this->insideFt + $riseFt),
            max(0.0, $this->outsideFt + $riseFt),
            $this->walkwayFt,
            $this->extras,
            $this->facesDeg,
        );
    }
}
