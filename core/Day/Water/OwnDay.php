<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Sky;

/**
 * What an angler noted on an earlier day on the same water: how many days ago (0 for today), °F, feet of visibility, feet of level, and
 * what the gauge of the pool says at the level of the map, feet; the wind in mph and the direction it came from.
 */
final readonly class OwnDay
{
    public function __construct(
        public int $daysAgo,
        public ?float $tempF = null,
        public ?float $visibilityFt = null,
        public ?float $levelFt = null,
        public ?Sky $sky = null,
        public ?Front $front = null,
        public ?float $poolReferenceFt = null,
        public ?float $windMph = null,
        public ?float $windFromDeg = null,
    ) {
    }
}
