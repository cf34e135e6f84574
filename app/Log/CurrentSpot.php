<?php

declare(strict_types=1);

namespace App\Log;

use App\Day\StateOfDay;
use App\Models\LakeSpot;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Clock;

/** The one current spot of the day follows the log: whoever begins to fish elsewhere has gone there. */
final class CurrentSpot
{
    public static function follow(Trip $trip): void
    {
        /** @var ?Stint $last */
        $last = $trip->stints()->whereNull('line')->get(['id', 'trip_id', 'spot', 'spot_id', 'structure', 'cover', 'water_depth_ft', 'started_at', 'seq'])->last();
        if ($last === null || $trip->drill_seed !== null || $last->spot === $trip->here) {
            return;
        }
        $marked = $last->spot_id === null ? null : LakeSpot::query()->where('lake_id', $trip->lake_id)->find($last->spot_id);
        // A place that is as the day has it already keeps all that was said of it.
        $said = $trip->conditions['spot'] ?? [];
        $isSaid = $last->structure === ($said['structure'] ?? null) && $last->cover === ($said['cover'][0] ?? null);
        $changed = match (true) {
            $marked instanceof LakeSpot => StateOfDay::pick($trip, $marked, Clock::minute($last->started_at->format('H:i')), $last->spot),
            $isSaid => StateOfDay::standAt($trip, $last->spot),
            default => StateOfDay::standAt($trip, $last->spot, $last->structure, $last->cover, $last->water_depth_ft),
        };
        $trip->becomes($changed);
    }
}
