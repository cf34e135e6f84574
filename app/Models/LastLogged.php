<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use WeakMap;

/**
 * Which of an angler's days was changed last. While it is one and the same, his other days stand still, and what they sum up to need
 * not be summed again with every cast.
 */
final class LastLogged
{
    private const KEPT_H = 12;

    /** @var WeakMap<Trip, array{?int, string}>|null as it was read for a day: several things of it are asked for with one tap */
    private static ?WeakMap $read = null;

    /** To be called whenever a day or its sums change. */
    public static function note(Trip $trip): void
    {
        if (self::of($trip)[0] !== $trip->id) {
            Cache::forever(self::key($trip), [$trip->id, Str::random(12)]);
            self::$read = null;
        }
    }

    /**
     * Something reckoned from the angler's other days.
     *
     * @template T
     *
     * @param  Closure(): T  $reckon
     * @return T
     */
    public static function others(Trip $trip, string $what, Closure $reckon): mixed
    {
        [$last, $run] = self::of($trip);

        return $last !== $trip->id ? $reckon() : Cache::remember("others:{$trip->id}:{$run}:{$what}", now()->addHours(self::KEPT_H), $reckon);
    }

    /** @return array{?int, string} the day, and what its run of changes is known by */
    private static function of(Trip $trip): array
    {
        self::$read ??= new WeakMap;

        return self::$read[$trip] ??= Cache::get(self::key($trip), [null, '']);
    }

    private static function key(Trip $trip): string
    {
        return "last logged:{$trip->user_id}";
    }
}
