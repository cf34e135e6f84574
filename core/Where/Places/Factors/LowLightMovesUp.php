<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** First and last light: shallow spots have their hour (W16). */
final class LowLightMovesUp implements PlaceFactor
{
    private const SHALLOW_FT = 6.0;

    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $depth = $place->depthAt($hour->levelFt);
        if ($depth === null || ! $hour->reading->day->lowLight || $hour->reading->stage->stage->isCold()) {
            return null;
        }

        return $depth[0] <= self::SHALLOW_FT ? new Reason(1.2, 'Shallow water in low light: they feed up here now.', 'W16') : null;
    }
}
