<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Fix;
use App\Models\Stint;
use App\Models\Trip;
use App\Show\Clock;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\AskedRoute;

/** What a route is asked for when it is planned again on the water: from this minute, from where the boat is, without what was fished. */
final class FromNow
{
    /** A fix this old still says where the boat is. */
    private const FIX_MIN = 10;

    /** The earlier wishes, moved to now. On a day that is not today, "now" is when the last stint began. */
    public static function asked(Trip $trip, AskedRoute $asked): AskedRoute
    {
        $stints = $trip->stints()->get();
        /** @var ?Stint $last */
        $last = $stints->last();
        $now = $trip->now();
        $clock = ($trip->conditions['date'] ?? null) === $now->toDateString() ? $now->format('H:i') : $last?->started_at->format('H:i');
        $from = $clock === null ? $asked->from : Clock::minute($clock);
        /** @var ?Fix $fix */
        $fix = $trip->fixes()->whereNotNull('lat')->where(
            'at',
            '>=',
            $now->copy()->subMinutes(self::FIX_MIN)->format('Y-m-d H:i:s'),
        )->orderByDesc('at')->first();

        return $asked->fromNow($from, $last?->spot_id, $fix === null ? null : new Position((float) $fix->lat, (float) $fix->lon));
    }
}
