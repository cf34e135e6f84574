<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Season\StageTable;
use OldEddy\Day\Season\YearDirection;
use OldEddy\Day\Sun\SunPosition;

/**
 * A day that stands on the border of an answer, seen from both sides: 71.9 or 72.1 °F is part one, part the other (rule RAMP). Away from
 * every border there is one side, the day itself. Basis: own choice of the widths in borders.php.
 */
final class Sides
{
    /** The ratios of today's visibility to the usual at which it counts as down or up (ClarityShift). */
    private const SHIFTS = [0.25, 0.6, 1.5];

    /** @return list<array{Settled, float}> the days on the sides with their shares, which come to 1; empty away from every border */
    public static function of(Settled $day): array
    {
        $sides = [[[], 1.0]];
        foreach (self::borders($day) as $input => [$width, $at]) {
            $slope = $day->{$input} === null ? null : self::slope($day->{$input}, $at, $width, $input === 'visibilityFt');
            if ($slope !== null) {
                $sides = self::split($sides, $input, $slope, ($day->{$input} - $slope[0]) / ($slope[1] - $slope[0]));
            }
        }

        return count($sides) === 1 ? [] : array_map(static fn (array $side): array => [$day->with($side[0]), $side[1]], $sides);
    }

    /** @return array<string, array{float, list<float>}> by input: half the width of a slope, and the borders of this day */
    private static function borders(Settled $day): array
    {
        static $borders = null;
        $borders ??= require __DIR__.'/borders.php';
        $stages = StageTable::of($day->species)->scale($day->direction === YearDirection::Warming);
        $ofDay = [
            'tempF' => array_filter(array_column($stages, 1)),
            'visibilityFt' => array_map(static fn (float $ratio): float => $ratio * $day->normalVisibilityFt, self::SHIFTS),
        ];

        $all = [];
        foreach ($borders as $input => [$width, $at]) {
            $all[$input] = [$width, [...$at, ...$ofDay[$input] ?? []]];
        }

        return $all;
    }

    /**
     * The slope around the nearest border on which a value stands, as its two ends; null away from all. Two borders that are near to each
     * other share what lies between them.
     *
     * @param  list<float>  $borders
     * @return ?array{float, float}
     */
    private static function slope(float $value, array $borders, float $width, bool $ofItself): ?array
    {
        $at = null;
        foreach ($borders as $border) {
            $at = $at === null || abs($value - $border) < abs($value - $at) ? $border : $at;
        }
        if ($at === null) {
            return null;
        }
        $half = $ofItself ? $width * $at : $width;
        [$low, $high] = [$at - $half, $at + $half];
        foreach ($borders as $border) {
            if ($border < $at) {
                $low = max($low, ($border + $at) / 2);
            } elseif ($border > $at) {
                $high = min($high, ($border + $at) / 2);
            }
        }

        return $value > $low && $value < $high ? [$low, $high] : null;
    }

    /**
     * @param  list<array{array<string, mixed>, float}>  $sides
     * @param  array{float, float}  $slope
     * @return list<array{array<string, mixed>, float}>
     */
    private static function split(array $sides, string $input, array $slope, float $above): array
    {
        $split = [];
        foreach ($sides as [$changes, $share]) {
            foreach ([[$slope[0], 1 - $above], [$slope[1], $above]] as [$value, $part]) {
                $low = $input === 'sunElevationDeg' ? ['lowLight' => $value < SunPosition::LOW_DEG] : [];
                $split[] = [[$input => $value] + $low + $changes, $share * $part];
            }
        }

        return $split;
    }
}
