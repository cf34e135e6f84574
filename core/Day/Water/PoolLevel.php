<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

/** A level as the gauge of a pool says it, such as 641.3 ft, against the gauge at the level that the lake's depths are for (rule W22). */
final class PoolLevel
{
    /** The level (feet) above or below the one of the map: as it was said, else by the gauge; null where neither says it. */
    public static function ft(?float $levelFt, ?float $poolFt, ?float $referenceFt): ?float
    {
        return $levelFt ?? ($poolFt === null || $referenceFt === null ? null : round($poolFt - $referenceFt, 2));
    }
}
