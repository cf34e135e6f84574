<?php

declare(strict_types=1);

namespace OldEddy\Docks;

use OldEddy\Conditions\DockKind;

/**
 * A dock as one sees it coming by: floating or on piles, depth at its inner and outer end and length of the walkway in
 * feet, what hangs on it, whether its shaded side is known (compass degrees from which the sun shines are the day's).
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
    ) {
    }
}
