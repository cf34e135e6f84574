<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use OldEddy\Log\Evidence\TargetClock;

/** An angler's bites by the cast of a target at which they came, over all own days (M14); added up anew twice a day. */
final class OwnTargets
{
    private const HOURS = 12;

    /** Farther out than this all casts are one. */
    private const FAR = 60;

    public static function clock(User $angler): TargetClock
    {
        [$bites, $targets] = Cache::remember("targets:{$angler->id}", now()->addHours(self::HOURS), static fn (): array => [
            self::counted(
                DB::table('contacts')->join('trips', 'trips.id', '=', 'contacts.trip_id')->whereNull('contacts.deleted_at')
                    ->where('trips.user_id', $angler->id)->whereNull('trips.drill_seed'),
                'least(at_cast, '.self::FAR.')',
            ),
            self::counted(
                DB::table('stints')->join('trips', 'trips.id', '=', 'stints.trip_id')->whereNull('stints.deleted_at')
                    ->where('trips.user_id', $angler->id)->whereNull('trips.drill_seed')->where('cast_count', '>', 0),
                'least(cast_count, '.self::FAR.')',
            ),
        ]);

        return TargetClock::of($bites, $targets);
    }

    /** @return array<int, int> how many rows, by the number */
    private static function counted(\Illuminate\Database\Query\Builder $rows, string $number): array
    {
        /** @var array<int, int> */
        return $rows->groupByRaw($number)->selectRaw("{$number} as number, count(*) as n")->pluck('n', 'number')->map(intval(...))->all();
    }
}
