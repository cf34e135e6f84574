<?php

declare(strict_types=1);

namespace App\Log;

use App\Day\StateOfDay;
use App\Models\Trip;
use App\Show\Units;
use App\Waters\DayOnLake;
use App\Waters\SpotToday;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Planner;
use OldEddy\Reading\WaterReader;

/** What the deck shows at each marked spot of the day, before one is there: a device keeps it, so that it holds without signal. */
final class SpotsAhead
{
    /** So many spots are made ready, the best of the hour first. */
    private const SPOTS = 10;

    /** So many lures are named for each. */
    private const FIRST = 3;

    /** @return array<string, array<string, mixed>> by the name of the spot */
    public static function of(Trip $trip, ToFish $toFish, Units $units): array
    {
        if ($trip->lake === null || $trip->drill_seed !== null) {
            return [];
        }
        $lake = new DayOnLake($trip, $trip->lake);
        $minute = $lake->day->minuteOfDay;
        $spots = [];
        foreach (array_slice($lake->ranked($minute), 0, self::SPOTS) as $ranked) {
            $spot = $lake->spotNamed($ranked->place->name);
            if ($spot === null) {
                continue;
            }
            $there = (new Trip)->setRawAttributes($trip->getAttributes(), true)->setRelations($trip->getRelations());
            $there->exists = true;
            $there->conditions = ['spot' => StateOfDay::asSpot($trip, $spot, $minute)] + $trip->conditions;
            $reading = WaterReader::read(Settler::settle($there->told()));
            $at = new RodsAt($toFish->rods, $reading);
            $lineup = array_slice(Planner::planFor($reading)->lineup, 0, self::FIRST);
            $spots[$spot->name] = [
                'water' => WaterWords::of($reading, $units), 'reads' => WaterWords::fish($reading, $units), 'says' => (new SpotToday($lake, $spot, $minute))->says($units),
                'first' => implode(', ', array_map(static fn (Entry $e): string => $e->lure->name(), $lineup)),
                'rods' => $at->shown($units), 'parts' => $at->parts($units),
            ];
        }

        return $spots;
    }
}
