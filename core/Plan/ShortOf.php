<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Choice\Lineup\Lack;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Reading\WaterReader;

/** What a day's first lures ask for and the box does not hold (rule K3). */
final class ShortOf
{
    /** So many lures are worth a rod first. */
    private const FIRST = 3;

    /** @return list<Lack> nothing where the box was not told */
    public static function of(Settled $day): array
    {
        if ($day->owned === null) {
            return [];
        }
        $lacks = [];
        foreach (Planner::planFor(WaterReader::read($day->with(['owned' => null, 'box' => []])))->worthFirst(self::FIRST) as $wanted) {
            if (! in_array($wanted->lure->key, $day->owned, true)) {
                $lacks[] = Lack::family($wanted->lure);
            }
        }
        foreach (Planner::planFor(WaterReader::read($day))->worthFirst(self::FIRST) as $held) {
            array_push($lacks, ...$held->lacks());
        }

        return $lacks;
    }
}
