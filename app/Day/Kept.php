<?php

declare(strict_types=1);

namespace App\Day;

use App\Show\Units;
use Closure;
use Illuminate\Support\Facades\Cache;
use OldEddy\Day\Conditions\ForecastHour;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Plan\ByHour;
use OldEddy\Plan\Flip;
use OldEddy\Plan\HourPlan;
use OldEddy\Plan\WhatWouldChange;
use OldEddy\Reading\Reading;
use WeakMap;

/** What takes many plans to reckon, kept for a day as it stands: any other conditions are another day. Starting the house forgets it all. */
final class Kept
{
    private const DAYS = 3;

    /** @var WeakMap<Settled, string>|null what each day is known by: a page asks for several things of one day */
    private static ?WeakMap $names = null;

    /**
     * The day by the hour, with what is forecast of it.
     *
     * @param  list<ForecastHour>  $forecast
     * @return list<HourPlan>
     */
    public static function hours(Settled $day, array $forecast = []): array
    {
        $of = $forecast === [] ? '' : ' '.hash('xxh128', serialize($forecast));

        return self::of("hours{$of}", $day, static fn (): array => ByHour::of($day, $forecast));
    }

    /** @return list<Flip> what would change the first choice of a day */
    public static function flips(Reading $reading, string $first): array
    {
        return self::of("flips {$first}", $reading->day, static fn (): array => WhatWouldChange::of($reading, $first));
    }

    /**
     * What is drawn of a day, with its numbers in the angler's units.
     *
     * @template T
     *
     * @param  Closure(): T  $draw
     * @return T
     */
    public static function drawn(string $what, Settled $day, Units $units, Closure $draw): mixed
    {
        return self::of($what.($units->metric ? ' m' : ''), $day, $draw);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $reckon
     * @return T
     */
    public static function of(string $what, Settled $day, Closure $reckon): mixed
    {
        self::$names ??= new WeakMap;

        return Cache::remember("{$what}:".(self::$names[$day] ??= hash('xxh128', serialize($day))), now()->addDays(self::DAYS), $reckon);
    }
}
