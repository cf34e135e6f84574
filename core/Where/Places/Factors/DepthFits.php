<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Basics\Said;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** How much of the band where fish stand lies within the spot, at today's level. */
final class DepthFits implements PlaceFactor
{
    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $depth = $place->depthAt($hour->levelFt);
        if ($depth === null) {
            return null;
        }
        $stand = $hour->reading->stand;
        $shared = min($depth[1], $stand->deepFt) - max($depth[0], $stand->shallowFt);
        if ($shared > 0) {
            return new Reason(
                1.0 + 0.35 * min(1.0, $shared / ($stand->deepFt - $stand->shallowFt)),
                Said::of('{%.0f-%.0f ft} of water reaches into their {%.0f-%.0f ft}.', $depth[0], $depth[1], $stand->shallowFt, $stand->deepFt),
                'STAGES',
            );
        }
        $near = $place->depthNearbyFt !== null && $depth[1] < $stand->shallowFt && $place->depthNearbyFt + $hour->levelFt >= $stand->shallowFt;

        return new Reason(
            max(0.3, ($near ? 0.85 : 0.7) - 0.03 * -$shared),
            Said::of(
                '{%.0f-%.0f ft} of water misses their {%.0f-%.0f ft}%s.',
                $depth[0],
                $depth[1],
                $stand->shallowFt,
                $stand->deepFt,
                $near ? ', but it is close by' : '',
            ),
            'STAGES',
        );
    }
}
