<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Units;
use App\Waters\DayOnLake;
use App\Waters\SpotToday;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\WaterReader;
use OldEddy\Where\Places\SpotOfDay;

/** What the deck shows at each marked spot of the day, before one is there: a device keeps it, so that it holds without signal. */
final class SpotsAhead
{
    /** So many spots are made ready, the best of the hour first. */
    private const SPOTS = 10;

    /**
     * @param  ?list<string>  $shared  the spots that may be shown, where not all of them may
     * @return array<string, array<string, mixed>> by the name of the spot
     */
    public static function of(Trip $trip, ToFish $toFish, Units $units, ?array $shared = null): array
    {
        if ($trip->lake === null || $trip->drill_seed !== null) {
            return [];
        }
        $lake = new DayOnLake($trip, $trip->lake);
        $told = $trip->told();
        $minute = $lake->day->minuteOfDay;
        $spots = [];
        foreach (array_slice($lake->ranked($minute), 0, self::SPOTS) as $ranked) {
            /** @var LakeSpot $spot */
            $spot = $lake->spotNamed($ranked->place->name);
            if ($shared !== null && ! in_array($spot->name, $shared, true)) {
                continue;
            }
            $there = $told->at(SpotOfDay::of($ranked->place, $lake->day, $minute));
            $reading = WaterReader::read(Settler::settle($there));
            $at = new RodsAt($toFish->rods, $reading);
            $spots[$spot->name] = [
                'water' => WaterWords::of($reading, $units), 'reads' => WaterWords::fish($reading, $units), 'says' => (new SpotToday($lake, $spot, $minute))->says($units),
                'rods' => $at->shown($units), 'parts' => $at->parts($units),
            ];
        }

        return $spots;
    }
}
