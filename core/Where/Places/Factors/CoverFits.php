<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** The covers that count today, best first. */
final class CoverFits implements PlaceFactor
{
    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $best = null;
        foreach ($place->covers as $cover) {
            $at = array_search($cover, $hour->reading->stand->covers, true);
            if ($at !== false && ($best === null || $at < $best[0])) {
                $best = [$at, $cover];
            }
        }
        if ($best !== null && $best[1] !== Cover::None) {
            return new Reason(max(1.0, 1.3 - 0.06 * $best[0]), sprintf('%s is cover they use now.', ucfirst($best[1]->words())), 'STAGES');
        }

        return match ($place->covers) {
            [] => null,
            [Cover::None] => new Reason(0.95, 'Bare: no cover on it.', 'STAGES'),
            default => new Reason(0.8, 'None of its cover is what they use now.', 'STAGES'),
        };
    }
}
