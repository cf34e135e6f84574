<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Choice\Lineup\Refusals;
use OldEddy\Choice\Lineup\Rods;
use OldEddy\Day\Conditions\Conditions;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Cautions\Cautions;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/** From conditions to plan: settle, read, rank, make ready. The same conditions always give the same plan. */
final class Planner
{
    /** The plan for what the angler said. */
    public static function plan(Conditions $conditions): Plan
    {
        return self::planFor(WaterReader::read(Settler::settle($conditions)));
    }

    /** The plan for a reading at hand. */
    public static function planFor(Reading $reading): Plan
    {
        $ranking = LureRanking::of($reading);
        $lineup = [];
        foreach ($ranking->scored as $i => $scored) {
            $lineup[] = new Entry($reading, $i + 1, $scored, $ranking->setup($scored->lure->key));
        }
        $rods = Rods::rig($lineup, $reading);
        $keys = array_map(static fn (Entry $e): string => $e->lure->key, $rods);

        return new Plan($reading, $lineup, $ranking->ruledOut(), $rods, Refusals::after($lineup, $reading), Cautions::of($reading, $keys));
    }
}
