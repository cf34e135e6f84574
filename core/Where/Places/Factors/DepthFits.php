<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Basics\Said;
use OldEddy\Reading\Stand;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/**
 * How far a place holds the depths at which fish are on this water: by its bottom, or by the depth at which they hang there, as under a deep
 * dock. Basis: F21; the numbers are our own choice.
 */
final class DepthFits implements PlaceFactor
{
    /** A place that holds the whole of their band gains so much. */
    private const GAINS = 0.35;

    /** One that misses it loses so much for each of the first feet, half of it where the depth lies close by, and then more slowly. */
    private const LOSES_A_FOOT = 0.075;

    private const FIRST_FT = 4.0;

    private const LOSES_FARTHER = 0.03;

    private const LEAST = 0.3;

    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $depth = $place->depthAt($hour->levelFt);
        if ($depth === null) {
            return null;
        }
        $stand = $hour->reading->stand;
        $there = $hour->readingAt($place)->stand;
        $shared = max(self::shared($stand, $depth[0], $depth[1]), self::shared($stand, $there->shallowFt, $there->deepFt));
        if ($shared > 0) {
            return new Reason(
                1.0 + self::GAINS * min(1.0, $shared / ($stand->deepFt - $stand->shallowFt)),
                Said::of('Fish are at {%.0f-%.0f ft} here; on this water at {%.0f-%.0f ft}.', $there->shallowFt, $there->deepFt, $stand->shallowFt, $stand->deepFt),
                'F21',
            );
        }
        $near = $place->depthNearbyFt !== null && $depth[1] < $stand->shallowFt && $place->depthNearbyFt + $hour->levelFt >= $stand->shallowFt;
        $first = self::LOSES_A_FOOT * min(self::FIRST_FT, -$shared);

        return new Reason(
            max(self::LEAST, 1.0 - ($near ? 0.5 : 1.0) * $first - self::LOSES_FARTHER * max(0.0, -$shared - self::FIRST_FT)),
            Said::of(
                '{%.0f-%.0f ft} of water misses their {%.0f-%.0f ft}%s.',
                $depth[0],
                $depth[1],
                $stand->shallowFt,
                $stand->deepFt,
                $near ? ', but it is close by' : '',
            ),
            'F21',
        );
    }

    /** Feet that a stretch of depths shares with the band; under 0 so many feet that it misses it by. */
    private static function shared(Stand $stand, float $fromFt, float $toFt): float
    {
        return min($toFt, $stand->deepFt) - max($fromFt, $stand->shallowFt);
    }
}
