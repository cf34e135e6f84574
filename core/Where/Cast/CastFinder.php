<?php

declare(strict_types=1);

namespace OldEddy\Where\Cast;

use OldEddy\Basics\Units\Length;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/**
 * Finds the line of the cast that keeps the bottom under the lure at a depth for longest: about the tangent of the depth line at the
 * spot, cast from a boat in deeper water. Basis: rule S25; the steps and bands are our own.
 */
final class CastFinder
{
    /** So far from the spot the middle of a cast may lie, feet or cells of the chart, and how finely it is tried. */
    private const AROUND_FT = 48.0;

    private const AROUND_CELLS = 3.0;

    /** Steps from the spot to either side. */
    private const STEPS = 4;

    private const STEP_DEG = 7.5;

    /** Then finer about the best. */
    private const FINE = [[4.0, 2.5], [1.5, 1.0], [0.5, 0.5]];

    /** The bottom is looked at every so many feet of a cast. */
    private const LOOK_FT = 2.0;

    /** The lure is at its depth while the bottom lies within so much of it: a share of the depth, at least feet. */
    private const WITHIN = [0.08, 0.5];

    /** The boat lies at least over this much of the depth: it comes from the deep side. */
    private const BOAT_DEEPER = 1.0;

    /** How far off a line is tried: feet and degrees that are told. */
    public const ASIDE_FT = [2.0, 4.0, 8.0];

    public const AWRY_DEG = [3.0, 6.0, 12.0];

    private const MOST_OFF = 40;

    private function __construct(
        private readonly DepthGrid $grid, private readonly float $shallowFt, private readonly float $deepFt, private readonly float $boatFt,
    ) {
    }

    /**
     * The best line at a spot, or null where the bottom is not known there or no cast finds the depth.
     *
     * @param  DepthGrid  $grid  the lake at today's level
     * @param  float  $depthFt  that the lure keeps to, over 0
     * @param  float  $castFt  length of the cast, over 0
     * @param  float  $speedFtS  of the lure, over 0
     */
    public static function at(DepthGrid $grid, Position $spot, float $depthFt, float $castFt, float $speedFtS): ?CastRead
    {
        $within = max(self::WITHIN[0] * $depthFt, self::WITHIN[1]);
        $part = $grid->around($spot->lat, $spot->lon, Length::fromFeet(self::aroundFt($grid) + 2 * $castFt + self::MOST_OFF)->metres());
        $best = null;
        // Where no water is deep enough for the boat to lie deeper, it lies where it floats over the depth itself.
        foreach ([self::BOAT_DEEPER * $depthFt, $depthFt - $within] as $boatFt) {
            $finder = new self($part, max(0.1, $depthFt - $within), $depthFt + $within, $boatFt);
            $best = $finder->best($spot, $castFt);
            if ($best !== null) {
                return $finder->told($best, $speedFtS);
            }
        }

        return null;
    }

    /** A coarse chart does not know to a few feet where a spot's edge is. */
    private static function aroundFt(DepthGrid $grid): float
    {
        return max(self::AROUND_FT, self::AROUND_CELLS * Length::fromMetres($grid->cellM)->feet());
    }

    private function best(Position $spot, float $castFt): ?CastLine
    {
        [$best, $most] = [null, 0.0];
        $try = function (CastLine $line) use (&$best, &$most): void {
            $stay = $this->near($line);
            // Of casts that are as good, the one whose middle lies nearer to the spot was tried first.
            if ($stay > $most + 1e-9 && ($this->grid->between($line->boat->lat, $line->boat->lon) ?? 0.0) >= $this->boatFt) {
                [$best, $most] = [$line, $stay];
            }
        };
        $steps = [];
        $step = self::aroundFt($this->grid) / self::STEPS;
        for ($y = -self::STEPS; $y <= self::STEPS; $y++) {
            for ($x = -self::STEPS; $x <= self::STEPS; $x++) {
                $steps[] = [hypot($x, $y), $x * $step, $y * $step];
            }
        }
        usort($steps, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($steps as [, $east, $north]) {
            $middle = $spot->moved(90, $east)->moved(0, $north);
            for ($bearing = 0.0; $bearing < 360; $bearing += self::STEP_DEG) {
                $try(new CastLine($middle->moved($bearing + 180, $castFt / 2), $bearing, $castFt));
            }
        }
        foreach ($best === null ? [] : self::FINE as [$feet, $degrees]) {
            do {
                $before = $most;
                $from = $best;
                foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [1, -1], [-1, 1], [-1, -1]] as [$side, $way]) {
                    $try($from->aside($side * $feet)->swung($way * $degrees));
                }
                foreach ([$feet, -$feet] as $along) {
                    $try(new CastLine($from->at($along), $from->bearingDeg, $castFt));
                }
            } while ($most > $before + 1e-9);
        }

        return $best;
    }

    private function told(CastLine $line, float $speedFtS): CastRead
    {
        $stay = $this->stay($line);
        $side = fn (float $ft): float => min($this->stay($line->aside($ft)), $this->stay($line->aside(-$ft)));
        $turn = fn (float $deg): float => min($this->stay($line->swung($deg)), $this->stay($line->swung(-$deg)));
        $halved = static function (callable $left) use ($stay): float {
            for ($off = 0.5; $off < self::MOST_OFF && $left($off) > $stay / 2; $off += 0.5) {
            }

            return $off;
        };
        $told = static fn (array $offs, callable $left): array => array_map(static fn (float $off): array => [$off, round($left($off) / $speedFtS, 1)], $offs);
        $middle = $line->at($line->lengthFt / 2);
        $across = new CastLine($middle->moved($line->bearingDeg + 270, $line->lengthFt / 2), fmod($line->bearingDeg + 90, 360), $line->lengthFt);

        return new CastRead(
            $line, [round($this->shallowFt, 1), round($this->deepFt, 1)], round($stay / $speedFtS, 1), round($this->stay($across) / $speedFtS, 1),
            $this->bottom($line), $this->stretch($line), $told(self::ASIDE_FT, $side), $told(self::AWRY_DEG, $turn), $halved($side), $halved($turn),
            round(Length::fromMetres($this->grid->cellM)->feet(), 1),
        );
    }

    /** The longest stretch of a cast at the depth, feet; 0 where its bottom is not known all along, or it crosses land. */
    private function stay(CastLine $line): float
    {
        [$from, $to] = $this->stretch($line);

        return $to - $from;
    }

    /** What a cast is chosen by: feet of its longest stretch at the depth, and again those feet, each the less the farther the bottom lies from it. */
    private function near(CastLine $line): float
    {
        [$from, $to] = $this->stretch($line);
        [$middle, $half, $near] = [($this->shallowFt + $this->deepFt) / 2, ($this->deepFt - $this->shallowFt) / 2, $to - $from];
        for ($feet = $from; $feet < $to; $feet += self::LOOK_FT) {
            $at = $line->at($feet);
            $near += self::LOOK_FT * max(0.0, 1 - abs(($this->grid->between($at->lat, $at->lon) ?? 0.0) - $middle) / $half);
        }

        return $near;
    }

    /** @return array{float, float} feet from the boat */
    private function stretch(CastLine $line): array
    {
        $aim = $line->aim();
        $steps = max(2, (int) round($line->lengthFt / self::LOOK_FT));
        [$lat, $lon] = [($aim->lat - $line->boat->lat) / $steps, ($aim->lon - $line->boat->lon) / $steps];
        [$best, $since] = [[0, 0], null];
        for ($i = 0; $i <= $steps; $i++) {
            $depth = $this->grid->between($line->boat->lat + $i * $lat, $line->boat->lon + $i * $lon);
            if ($depth === null || $depth <= 0) {
                return [0.0, 0.0];
            }
            if ($depth < $this->shallowFt || $depth > $this->deepFt) {
                $since = null;

                continue;
            }
            $since ??= $i;
            $best = $i - $since > $best[1] - $best[0] ? [$since, $i] : $best;
        }
        $foot = $line->lengthFt / $steps;

        return [$best[0] * $foot, $best[1] * $foot];
    }

    /** @return list<array{float, float}> */
    private function bottom(CastLine $line): array
    {
        $bottom = [];
        $steps = max(2, (int) round($line->lengthFt / (2 * self::LOOK_FT)));
        for ($i = 0; $i <= $steps; $i++) {
            $at = $line->at($line->lengthFt * $i / $steps);
            $bottom[] = [round($line->lengthFt * $i / $steps, 1), round($this->grid->between($at->lat, $at->lon) ?? 0.0, 2)];
        }

        return $bottom;
    }
}
