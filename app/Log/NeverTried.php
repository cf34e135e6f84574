<?php

declare(strict_types=1);

namespace App\Log;

use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Untested;

/** What the plan of the day named and the log does not show, the most promising first. */
final class NeverTried
{
    private const LURES = 8;

    /** @return list<Untested> */
    public static function on(Deck $deck): array
    {
        $possible = ['lure' => [], 'depth' => [], 'cover' => []];
        if ($deck->toFish->plan === null) {
            foreach ($deck->toFish->choices->places as $place) {
                foreach (array_intersect_key($place->levels(), $possible) as $factor => $level) {
                    $possible[$factor][$level] = 1.0;
                }
            }
            foreach ($deck->toFish->choices->presentations as $presentation) {
                $possible['lure'][$presentation->lure] = 1.0;
            }

            return Untested::worthTrying($deck->day->evidence, $possible);
        }
        foreach (array_slice($deck->toFish->plan->lineup, 0, self::LURES) as $entry) {
            $possible['lure'][$entry->lure->key] = $entry->score;
        }
        $stand = $deck->reading->stand;
        for ($depth = $stand->shallowFt; $depth <= $stand->deepFt; $depth += 1) {
            $possible['depth'][Stint::depthLevel($depth)] = 1.0;
        }
        foreach ($stand->covers as $i => $cover) {
            $possible['cover'][$cover->value] = 1 / ($i + 1);
        }

        return Untested::worthTrying($deck->day->evidence, $possible);
    }
}
