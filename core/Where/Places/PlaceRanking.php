<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Where\Places\Factors\CoverFits;
use OldEddy\Where\Places\Factors\CurrentSuits;
use OldEddy\Where\Places\Factors\DepthFits;
use OldEddy\Where\Places\Factors\LowLightMovesUp;
use OldEddy\Where\Places\Factors\OwnPastHere;
use OldEddy\Where\Places\Factors\PlaceFactor;
use OldEddy\Where\Places\Factors\ShadeOnIt;
use OldEddy\Where\Places\Factors\StructureFits;
use OldEddy\Where\Places\Factors\WindBlowsIn;

/** The spots of a lake in the order in which they fit an hour of the day, each with its reasons. */
final class PlaceRanking
{
    /**
     * @param  list<Place>  $places
     * @param  array<string, OwnRecord>  $records  by name of the spot
     * @return list<RankedPlace> best first
     */
    public static function at(array $places, Hour $hour, array $records = []): array
    {
        /** @var list<PlaceFactor> $factors */
        $factors = [
            new StructureFits, new CoverFits, new DepthFits, new WindBlowsIn, new ShadeOnIt, new CurrentSuits, new LowLightMovesUp,
            new OwnPastHere($records),
        ];
        $ranked = [];
        foreach ($places as $place) {
            $there = $hour->at($place);
            $ranked[] = new RankedPlace(
                $place,
                array_values(array_filter(array_map(static fn (PlaceFactor $f): ?Reason => $f->weigh($place, $there), $factors))),
            );
        }
        usort($ranked, static fn (RankedPlace $a, RankedPlace $b): int => $b->fit <=> $a->fit);

        return $ranked;
    }
}
