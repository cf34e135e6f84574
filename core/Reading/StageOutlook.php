<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Line;
use OldEddy\Day\Conditions\EarlierReading;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\StageTable;
use OldEddy\Day\Season\YearDirection;

/**
 * When the next stage begins on this water: a span, never a single day. The rate is that of the days before, or the trend that
 * was said, or what is usual at this season. Basis: rule W25; how wide the span is, is our own choice.
 */
final readonly class StageOutlook
{
    /** Usual warming or cooling of a lake, °F a day, where nothing better is known: the steepest part of the year. */
    private const USUAL_F_PER_DAY = 0.4;

    /** Under this a rate leads nowhere within a season. */
    private const LEAST_F_PER_DAY = 0.08;

    /** Quicker and slower than the rate by so much. */
    private const QUICK = 1.7;

    private const SLOW = 0.55;

    private const HORIZON_DAYS = 60.0;

    private function __construct(public Stage $stage, public float $earliestDays, public float $likelyDays, public float $latestDays)
    {
    }

    /** The outlook of a reading; null where no stage is next within two months, or the angler set the stage himself. */
    public static function of(Reading $reading): ?self
    {
        $day = $reading->day;
        $warming = $day->direction === YearDirection::Warming;
        $next = $day->stageGiven !== null ? null : StageTable::of($day->species)->next($reading->stage->stage, $warming);
        if ($next === null) {
            return null;
        }
        [$stage, $atF] = $next;
        $way = $warming ? $atF - $day->tempF : $day->tempF - $atF;
        $rate = self::rate($day, $warming);
        $soonest = $day->spawning?->daysUntil($stage, $day->northernDay) ?? 0.0;
        $likely = max($soonest, max(0.0, $way) / $rate);

        return $likely > self::HORIZON_DAYS ? null : new self($stage, floor(max($soonest, $likely / self::QUICK)), round($likely), ceil($likely / self::SLOW));
    }

    /** Degrees a day on the way of the year. */
    private static function rate(Settled $day, bool $warming): float
    {
        $measured = self::slope($day);
        $said = $measured ?? ($day->assumes('water.temp_trend_f_per_day') ? null : $day->tempTrendFPerDay);
        $on = $said === null ? self::USUAL_F_PER_DAY : ($warming ? $said : -$said);

        return $on < self::LEAST_F_PER_DAY ? self::USUAL_F_PER_DAY / 2 : $on;
    }

    /** The slope of the temperatures of the days before and today's, °F a day; null for fewer than two. */
    private static function slope(Settled $day): ?float
    {
        $points = array_map(static fn (EarlierReading $r): array => [-$r->daysAgo, $r->value], $day->dayTemps);
        $points[] = [0.0, $day->tempF];

        return Line::slope($points);
    }
}
