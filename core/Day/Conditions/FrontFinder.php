<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/**
 * The front stage out of a pressure series: falling over 2 hPa in 3 h is approaching, rising over 2 hPa in 3 h after
 * a fall is post-front. Basis: rule W13, cut points our own.
 */
final class FrontFinder
{
    private const SWING_HPA = 2.0;

    private const SPAN_HOURS = 3.0;

    /**
     * The stage, or null when the series is too short to tell.
     *
     * @param  list<PressureReading>  $series  newest first
     */
    public static function find(array $series): ?Front
    {
        $change = self::changeAt($series, 0.0);
        if ($change === null) {
            return null;
        }
        if ($change < -self::SWING_HPA) {
            return Front::Approaching;
        }
        $since = self::hoursSinceTurn($series);
        if ($change > self::SWING_HPA) {
            return $since === null ? Front::Stable : ($since < 24 ? Front::Post1 : Front::Post2);
        }

        return match (true) {
            $since === null => Front::Stable,
            $since < 24 => Front::Post1,
            $since < 48 => Front::Post2,
            $since < 72 => Front::Recovering,
            default => Front::Stable,
        };
    }

    /** @param  list<PressureReading>  $series  hPa gained in the three hours before a moment, or null without readings */
    private static function changeAt(array $series, float $hoursAgo): ?float
    {
        $end = self::near($series, $hoursAgo);
        $start = self::near($series, $hoursAgo + self::SPAN_HOURS);

        return $end === null || $start === null || $end === $start ? null : $end->hpa - $start->hpa;
    }

    /** @param  list<PressureReading>  $series */
    private static function near(array $series, float $hoursAgo): ?PressureReading
    {
        $best = null;
        foreach ($series as $reading) {
            $gap = abs($reading->hoursAgo - $hoursAgo);
            if ($gap <= 1.0 && ($best === null || $gap < abs($best->hoursAgo - $hoursAgo))) {
                $best = $reading;
            }
        }

        return $best;
    }

    /**
     * Hours since a rise of the post-front kind began, when a fall of the front's kind came before it.
     *
     * @param  list<PressureReading>  $series
     */
    private static function hoursSinceTurn(array $series): ?float
    {
        $rise = null;
        foreach ($series as $reading) {
            $change = self::changeAt($series, $reading->hoursAgo);
            if ($change !== null && $change > self::SWING_HPA) {
                $rise = $reading->hoursAgo;
            }
            if ($change !== null && $change < -self::SWING_HPA && $rise !== null) {
                return $rise;
            }
        }

        return null;
    }
}
