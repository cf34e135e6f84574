<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** In current, fish sit where the push stops (S8). */
final class CurrentSuits implements PlaceFactor
{
    private const SLACK = [
        Structure::Eddy, Structure::CurrentSeam, Structure::GravelBar, Structure::Island, Structure::Bridge, Structure::CreekMouth, Structure::Riprap,
        Structure::RockPile,
    ];

    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $current = $hour->reading->day->current;
        if ($place->structure === null || ! in_array($current, [Current::Moderate, Current::Strong], true)) {
            return null;
        }
        $strong = $current === Current::Strong;

        return in_array($place->structure, self::SLACK, true)
            ? new Reason($strong ? 1.4 : 1.2, 'Something here breaks the current.', 'S8')
            : new Reason($strong ? 0.7 : 0.9, 'Open to the current.', 'S8');
    }
}
