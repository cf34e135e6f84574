<?php

declare(strict_types=1);

namespace OldEddy\Where;

use OldEddy\Where\Factors\CoverFits;
use OldEddy\Where\Factors\CurrentSuits;
use OldEddy\Where\Factors\DepthFits;
use OldEddy\Where\Factors\LowLightMovesUp;
use OldEddy\Where\Factors\OwnPastHere;
use OldEddy\Where\Factors\PlaceFactor;
use OldEddy\Where\Factors\ShadeOnIt;
use OldEddy\Where\Factors\StructureFits;
use OldEddy\Where\Factors\WindBlowsIn;

/** The spots of a lake in the order in which they fit an hour of the day, each with its reasons. */
final class Ranking
{
    /**
     * @param  list<Place>  $places
     * @param  array<string, OwnRecord>  $records  by name of the spot
     * @return list<RankedPlace> best first
     */
    public static function at(array $places, Hour $hour, array $records = []): array
    {
        /** @var list<PlaceFactor> $factors */
        $factors = [new StructureFits, new CoverFits, new DepthFits, new WindBlowsIn, new ShadeOnIt, new CurrentSuits, new LowLightMovesUp, new OwnPastHere($records)];
        $ranked = [];
        foreach ($places as $place) {
            $ranked[] = new RankedPlace($place, array_values(array_filter(array_map(static fn (PlaceFactor $f): ?Reason => $f->weigh($place, $hour), $factors))));
        }
        usort($ranked, static fn (RankedPlace $a, RankedPlace $b): int => $b->fit <=> $a->fit);

        return $ranked;
    }
}
