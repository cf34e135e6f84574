<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

use OldEddy\Basics\Line;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\WindDay;

/**
 * What one's own days on a water say of today: trend of temperature (°F a day), change of level (feet a week), normal visibility
 * (feet), the stage of a front, and the gauge of the pool at the level of the map (feet). Each is null where too few days say it;
 * whatever was typed stands before it. Basis: rule W22, the spans and least counts our own.
 */
final readonly class FromOwnDays
{
    /** So far back days speak of trend and level. */
    private const TREND_DAYS = 10;

    private const LEVEL_DAYS = 21;

    /** A trend steeper than this is two readings of different water, °F a day. */
    private const STEEPEST_F = 4.0;

    /** So many clear-weather days make a normal. */
    private const NORMAL_DAYS = 3;

    /** A front that was noted so many days ago has gone on by as many stages. */
    private const FRONT_DAYS = 3;

    private const AFTER = [Front::Approaching, Front::Passing, Front::Post1, Front::Post2, Front::Recovering, Front::Stable];

    /** Winds are kept of so many days back. */
    private const WIND_DAYS = 3;

    /** @param  list<WindDay>  $windDays  of the days before, the latest first (W23) */
    private function __construct(
        public ?float $tempTrendFPerDay,
        public ?float $levelChangeFtPerWeek,
        public ?float $normalVisibilityFt,
        public ?Front $front,
        public ?float $poolReferenceFt,
        public array $windDays,
    ) {
    }

    /**
     * From days in any order; today's own readings may be among them.
     *
     * @param  list<OwnDay>  $days
     */
    public static function of(array $days): self
    {
        $trend = self::slope($days, self::TREND_DAYS, static fn (OwnDay $d): ?float => $d->tempF);
        $level = self::slope($days, self::LEVEL_DAYS, static fn (OwnDay $d): ?float => $d->levelFt);

        return new self(
            $trend === null || abs($trend) > self::STEEPEST_F ? null : round($trend, 2), $level === null ? null : round(7 * $level, 2),
            self::normal($days), self::front($days), self::reference($days), self::winds($days),
        );
    }

    /**
     * The straight line through the readings by least squares, a day; null where they are of one day only.
     *
     * @param  list<OwnDay>  $days
     * @param  callable(OwnDay): ?float  $read
     */
    private static function slope(array $days, int $within, callable $read): ?float
    {
        $points = [];
        foreach ($days as $day) {
            $value = $read($day);
            if ($value !== null && $day->daysAgo <= $within) {
                $points[] = [-(float) $day->daysAgo, $value];
            }
        }

        return Line::slope($points);
    }

    /**
     * The median of the clear-weather days before today.
     *
     * @param  list<OwnDay>  $days
     */
    private static function normal(array $days): ?float
    {
        $seen = [];
        foreach ($days as $day) {
            if ($day->daysAgo > 0 && $day->visibilityFt !== null && in_array($day->sky, [Sky::Clear, Sky::Partly], true)) {
                $seen[] = $day->visibilityFt;
            }
        }
        sort($seen);
        $count = count($seen);
        $middle = intdiv($count, 2);

        return $count < self::NORMAL_DAYS ? null : ($count % 2 === 1 ? $seen[$middle] : ($seen[$middle - 1] + $seen[$middle]) / 2);
    }

    /**
     * @param  list<OwnDay>  $days
     * @return list<WindDay>
     */
    private static function winds(array $days): array
    {
        $winds = [];
        foreach ($days as $day) {
            if ($day->daysAgo > 0 && $day->daysAgo < self::WIND_DAYS && $day->windMph !== null && $day->windFromDeg !== null) {
                $winds[$day->daysAgo] ??= new WindDay($day->daysAgo, $day->windMph, $day->windFromDeg);
            }
        }
        ksort($winds);

        return array_values($winds);
    }

    /**
     * The gauge at the level of the map, as it was said last: it belongs to the water, not to the day.
     *
     * @param  list<OwnDay>  $days
     */
    private static function reference(array $days): ?float
    {
        usort($days, static fn (OwnDay $a, OwnDay $b): int => $a->daysAgo <=> $b->daysAgo);

        return array_values(array_filter(array_map(static fn (OwnDay $d): ?float => $d->poolReferenceFt, $days), is_float(...)))[0] ?? null;
    }

    /**
     * The last front that was noted, as many stages on as days have passed.
     *
     * @param  list<OwnDay>  $days
     */
    private static function front(array $days): ?Front
    {
        $last = null;
        foreach ($days as $day) {
            if ($day->front !== null && $day->daysAgo > 0 && $day->daysAgo <= self::FRONT_DAYS && ($last === null || $day->daysAgo < $last->daysAgo)) {
                $last = $day;
            }
        }
        $at = $last === null ? false : array_search($last->front, self::AFTER, true);

        return $last === null || $at === false || $last->front === Front::Stable ? null : self::AFTER[min($at + $last->daysAgo, count(self::AFTER) - 1)];
    }
}
