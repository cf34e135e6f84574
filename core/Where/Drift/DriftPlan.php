<?php

declare(strict_types=1);

namespace OldEddy\Where\Drift;

use OldEddy\Basics\Direction;
use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Speed;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/**
 * A flat drifted with the wind: lane beside lane, depth band by depth band from the deep edge in, each with its minutes and casts.
 * Basis: rules S7 and S28; the width of lanes, the bounds of the bands and the drift's speed are our own.
 */
final readonly class DriftPlan
{
    /** The depth bands in their order: the deep edge first, then shallower, feet. Rule S7. */
    private const BANDS_FT = [[6.5, 10.0], [4.0, 6.5], [2.5, 4.0]];

    /** So far around the spot lanes are sought, and so far apart they lie: about what is cast over to both sides, feet. */
    private const AROUND_FT = 450.0;

    private const APART_FT = 60.0;

    /** A shorter lane is not worth the run back, feet. */
    private const LEAST_FT = 90.0;

    private const LOOK_FT = 10.0;

    /** A boat drifts at about this share of the wind, and no slower than this in any wind, mph. */
    private const SHARE_OF_WIND = 0.05;

    private const LEAST_MPH = 0.2;

    private const MOST_LANES = 24;

    /** From this wind on one drifts with it, mph. */
    public const LEAST_WIND_MPH = 3.0;

    /** @param  non-empty-list<Lane>  $lanes  in their order */
    private function __construct(public array $lanes, public float $headingDeg, public Speed $speed)
    {
    }

    /**
     * The lanes about a spot, or null where there is too little wind, no bottom is known or no lane is long enough.
     *
     * @param  DepthGrid  $grid  the lake at today's level
     */
    public static function at(DepthGrid $grid, Position $spot, Speed $wind, float $fromDeg): ?self
    {
        if ($wind->mph() < self::LEAST_WIND_MPH) {
            return null;
        }
        $part = $grid->around($spot->lat, $spot->lon, 1.5 * Length::fromFeet(self::AROUND_FT)->metres());
        $speed = Speed::fromMph(max(self::LEAST_MPH, self::SHARE_OF_WIND * $wind->mph()));
        $lanes = [];
        for ($aside = -self::AROUND_FT; $aside <= self::AROUND_FT; $aside += self::APART_FT) {
            foreach (self::stretches($part, $spot, $fromDeg, $aside) as [$band, $from, $to, $depthFt]) {
                $feet = $from->feetTo($to);
                $minutes = $feet / ($speed->feetPerSecond() * 60);
                $lanes[] = [$band, $aside, new Lane($from, $to, round($depthFt, 1), round($minutes, 1), (int) max(1, round($minutes * 60 / Limits::CAST_S)))];
            }
        }
        usort($lanes, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        $lanes = array_column(array_slice($lanes, 0, self::MOST_LANES), 2);

        return $lanes === [] ? null : new self($lanes, Direction::back($fromDeg), $speed);
    }

    /** Minutes of all lanes, without the runs back. */
    public function minutes(): float
    {
        return array_sum(array_map(static fn (Lane $l): float => $l->minutes, $this->lanes));
    }

    /**
     * Stretches of one band on a line down the wind, so many feet to the side.
     *
     * @return list<array{int, Position, Position, float}> band, from, to, mean depth
     */
    private static function stretches(DepthGrid $grid, Position $spot, float $fromDeg, float $aside): array
    {
        $start = $spot->moved($fromDeg + 90, $aside)->moved($fromDeg, self::AROUND_FT);
        [$found, $band, $since, $depths] = [[], null, 0.0, []];
        for ($feet = 0.0; $feet <= 2 * self::AROUND_FT + self::LOOK_FT; $feet += self::LOOK_FT) {
            $at = $start->moved($fromDeg + 180, $feet);
            $depth = $feet > 2 * self::AROUND_FT ? null : $grid->between($at->lat, $at->lon);
            $now = $depth === null ? null : self::bandOf($depth);
            if ($now !== $band) {
                if ($band !== null && $feet - self::LOOK_FT - $since >= self::LEAST_FT) {
                    $ends = array_map(static fn (float $f): Position => $start->moved($fromDeg + 180, $f), [$since, $feet - self::LOOK_FT]);
                    $found[] = [$band, $ends[0], $ends[1], array_sum($depths) / count($depths)];
                }
                [$band, $since, $depths] = [$now, $feet, []];
            }
            if ($now !== null) {
                $depths[] = $depth;
            }
        }

        return $found;
    }

    private static function bandOf(float $depthFt): ?int
    {
        foreach (self::BANDS_FT as $i => [$from, $to]) {
            if ($depthFt >= $from && $depthFt < $to) {
                return $i;
            }
        }

        return null;
    }
}
