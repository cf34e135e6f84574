<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** The stage's structures, best first. */
final class StructureFits implements PlaceFactor
{
    public function weigh(Place $place, Hour $hour): ?Reason
    {
        if ($place->structure === null) {
            return null;
        }
        $at = array_search($place->structure, $hour->reading->stand->structures, true);
        $stage = $hour->reading->stage->stage->words();

        return $at === false
            ? new Reason(0.55, sprintf('A %s is not where they stand in %s.', $place->structure->words(), $stage), 'STAGES')
            : new Reason(
                max(0.85, 1.4 - 0.1 * $at),
                sprintf('%s: among the places of %s%s.', ucfirst($place->structure->words()), $stage, $at === 0 ? ', the first' : ''),
                'STAGES',
            );
    }
}
