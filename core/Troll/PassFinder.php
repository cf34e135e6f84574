<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Direction;
use OldEddy\Where\Lake\Contours;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\Runs;

/**
 * Passes along the depth that a spread needs: so far off the depth line that no lure drags on the bottom, with no bend tighter than the
 * spread can turn. Basis: rule T8; how it is found is our own.
 */
final class PassFinder
{
    /** A lure keeps so much water under it, feet. Basis: own choice. */
    public const CLEAR_FT = 2.0;

    /** The boat's way is told every so many feet. */
    private const STEP_FT = 40.0;

    /** It is pushed off the depth line in steps of so many feet, and so far at most. */
    private const PUSH_FT = 20.0;

    private const FARTHEST_FT = 400.0;

    /** Shorter passes are not worth setting lines for, feet. */
    public const SHORTEST_FT = 800.0;

    /** So many are told, the longest first. */
    private const MOST = 6;

    /** They are sought on so many cells at most. */
    private const CELLS = 60_000;

    /** The tightest bend is measured over so many steps to either side. */
    private const BEND_STEPS = 4;

    /** A pass over a bottom stays so near to places that have it, feet; it may be shorter then. Basis: own choice. */
    private const OVER_FT = 400.0;

    private const SHORTEST_OVER_FT = 300.0;

    /**
     * @param  float  $turnFt  the tightest turn of the spread, radius in feet, over 0
     * @param  list<Position>  $over  places that have the bottom that is wanted; empty where any bottom will do
     * @return list<Pass> longest first
     */
    public static function in(DepthGrid $lake, Spread $spread, float $turnFt, array $over = []): array
    {
        if ($spread->lines === []) {
            return [];
        }
        $grid = $lake->coarser(max(1, (int) ceil(sqrt($lake->cols * $lake->rows / self::CELLS))));
        $deepest = max(array_map(static fn (RunningLine $l): float => $l->depthFt, $spread->lines));
        $sound = [];
        foreach (Contours::at($grid, $deepest + self::CLEAR_FT) as $line) {
            $way = self::even(array_map(static fn (array $p): Position => new Position($p[1], $p[0]), $line));
            $pushed = self::pushed($way, $grid, $spread);
            // Bends are evened out over about the turn's own radius, as a boat with lines out goes.
            $even = self::smoothed($pushed, (int) max(2, round($turnFt / self::STEP_FT / 2)));
            array_push($sound, ...self::sound(self::near($even, $over), $grid, $spread, $turnFt));
        }
        $shortest = $over === [] ? self::SHORTEST_FT : self::SHORTEST_OVER_FT;
        $sound = array_values(array_filter($sound, static fn (array $s): bool => Runs::feet($s['way']) >= $shortest));
        usort($sound, static fn (array $a, array $b): int => Runs::feet($b['way']) <=> Runs::feet($a['way']));
        $turns = $sound === [] ? null : [Tangles::inTurn($spread, $turnFt, true), Tangles::inTurn($spread, $turnFt, false)];

        return array_map(static fn (array $s): Pass => new Pass($s['way'], $s['least'], $turns === null ? [] : [
            PassTurn::at($s['way'][0], $s['way'][1]->bearingTo($s['way'][0]), $grid, $turns),
            PassTurn::at($s['way'][count($s['way']) - 1], self::heading($s['way'], count($s['way']) - 1), $grid, $turns),
        ]), array_slice($sound, 0, self::MOST));
    }

    /**
     * A line told in even steps.
     *
     * @param  list<Position>  $line
     * @return list<Position>
     */
    private static function even(array $line): array
    {
        [$way, $left] = [array_slice($line, 0, 1), self::STEP_FT];
        foreach (array_slice($line, 1) as $i => $to) {
            $from = $line[$i];
            $far = $from->feetTo($to);
            while ($far >= $left) {
                $from = $from->moved($from->bearingTo($to), $left);
                $far -= $left;
                $way[] = $from;
                $left = self::STEP_FT;
            }
            $left -= $far;
        }

        return $way;
    }

    /**
     * Each place of a way moved aside, toward the deep, until every lure is clear; null where none is.
     *
     * @param  list<Position>  $way
     * @return list<?Position>
     */
    private static function pushed(array $way, DepthGrid $grid, Spread $spread): array
    {
        $pushed = [];
        foreach ($way as $i => $at) {
            $bearing = self::heading($way, $i);
            $depth = static fn (float $aside): float => self::depth($grid, $at->moved($bearing + 90, $aside)) ?? 0.0;
            $toDeep = $depth(2 * self::PUSH_FT) >= $depth(-2 * self::PUSH_FT) ? 1 : -1;
            $found = null;
            for ($off = 0.0; $off <= self::FARTHEST_FT && $found === null; $off += self::PUSH_FT) {
                $there = $at->moved($bearing + 90, $toDeep * $off);
                $found = self::under($there, $bearing, $grid, $spread) >= self::CLEAR_FT ? $there : null;
            }
            $pushed[] = $found;
        }

        return $pushed;
    }

    /**
     * @param  list<?Position>  $way
     * @return list<?Position> each place the mean of its neighbours
     */
    private static function smoothed(array $way, int $steps): array
    {
        $even = [];
        foreach ($way as $i => $at) {
            $near = array_slice($way, max(0, $i - $steps), $steps + min($i, $steps) + 1);
            $even[] = $at === null || in_array(null, $near, true) || count($near) < 2 * $steps + 1 ? null : new Position(
                array_sum(array_map(static fn (Position $p): float => $p->lat, $near)) / count($near),
                array_sum(array_map(static fn (Position $p): float => $p->lon, $near)) / count($near),
            );
        }

        return $even;
    }

    /**
     * @param  list<?Position>  $way
     * @param  list<Position>  $over
     * @return list<?Position> of the way what lies near one of these places
     */
    private static function near(array $way, array $over): array
    {
        return $over === [] ? $way : array_map(static fn (?Position $at): ?Position => $at === null
            || min(array_map(static fn (Position $p): float => $p->feetTo($at), $over)) > self::OVER_FT ? null : $at, $way);
    }

    /**
     * The stretches of a way on which nothing drags and no bend is too tight, with the least water under a lure.
     *
     * @param  list<?Position>  $way
     * @return list<array{way: non-empty-list<Position>, least: float}>
     */
    private static function sound(array $way, DepthGrid $grid, Spread $spread, float $turnFt): array
    {
        [$sound, $run, $least] = [[], [], INF];
        foreach ([...$way, null] as $i => $at) {
            $near = array_values(array_filter([$way[$i - 1] ?? null, $at, $way[$i + 1] ?? null]));
            $under = $at === null || count($near) < 2 ? null : self::under($at, self::heading($near, 1), $grid, $spread);
            if ($at !== null && $under >= self::CLEAR_FT && self::bend($way, $i) >= $turnFt) {
                $run[] = $at;
                $least = min($least, $under);
            } else {
                if (count($run) > 1) {
                    $sound[] = ['way' => $run, 'least' => $least];
                }
                [$run, $least] = [[], INF];
            }
        }

        return $sound;
    }

    /**
     * Radius of the bend at a place, feet; without an end where it is straight or the way ends nearby.
     *
     * @param  list<?Position>  $way
     */
    private static function bend(array $way, int $i): float
    {
        [$before, $at, $after] = [$way[$i - self::BEND_STEPS] ?? null, $way[$i] ?? null, $way[$i + self::BEND_STEPS] ?? null];
        if ($before === null || $at === null || $after === null) {
            return INF;
        }
        $turned = abs(Direction::turn($before->bearingTo($at), $at->bearingTo($after)));

        // The arc between the middles of both halves, by the angle that it turns.
        return $turned < 0.01 ? INF : ($before->feetTo($at) + $at->feetTo($after)) / 2 / deg2rad($turned);
    }

    /** @param  list<Position>  $way */
    private static function heading(array $way, int $i): float
    {
        $to = min(count($way) - 1, $i + 1);

        return $way[max(0, min($i - 1, $to - 1))]->bearingTo($way[$to]);
    }

    /** The least water under any lure where the boat goes this way over a place, feet; under 0 where one drags or nothing is known. */
    private static function under(Position $at, float $bearing, DepthGrid $grid, Spread $spread): float
    {
        $least = INF;
        foreach ($spread->lines as $line) {
            $depth = self::depth($grid, $at->moved($bearing + 90, $line->line->asideFt()));
            $least = min($least, $depth === null ? -INF : $depth - $line->depthFt);
        }

        return $least;
    }

    private static function depth(DepthGrid $grid, Position $at): ?float
    {
        return $grid->between($at->lat, $at->lon);
    }
}
