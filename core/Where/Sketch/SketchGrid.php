<?php

declare(strict_types=1);

namespace OldEddy\Where\Sketch;

use OldEddy\Basics\Units\Length;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Lake\Shoreline;

/**
 * The bottom out of the depths that were set on a sheet: by inverse squared distance to those within reach, and rising to the waterline
 * like a bowl the nearer that is than the nearest depth. What lies farther from every depth stays unknown, however near the shore is.
 * Basis: rule S31; the weights are common practice, the bowl is our own, the reach the angler's.
 */
final class SketchGrid
{
    /** The sheet is reckoned on about so many cells, metres no finer than this. */
    private const CELLS = 60_000;

    private const FINEST_M = 1.0;

    /** Inside the shoreline there is a little water even where the depths near by say none, feet. */
    private const LEAST_FT = 0.1;

    /** @var array<int, float> sum of weights times depths, by cell */
    private array $sum = [];

    /** @var array<int, float> */
    private array $weight = [];

    /** @var array<int, float> squared distance to the nearest depth, in cells; where there is one, the bottom is known */
    private array $near = [];

    private function __construct(
        private readonly float $left, private readonly float $top, private readonly float $cellM, private readonly int $cols, private readonly int $rows,
    ) {
    }

    /** The grid of a sketch: land outside its shoreline, unknown where no depth reaches; null where neither shoreline nor depth is drawn. */
    public static function of(Sketch $sketch): ?DepthGrid
    {
        $rings = $sketch->of(Kind::Shore, Kind::Island);
        $measured = $sketch->of(Kind::Depth, Kind::DepthLine);
        if ($rings === [] && $measured === []) {
            return null;
        }
        $reachM = Length::fromFeet($sketch->reachFt)->metres();
        $points = array_merge(...array_map(static fn (Thing $t): array => $t->points, [...$rings, ...$measured]));
        // Around depths without a shoreline there is room for their reach.
        $room = $rings === [] ? $reachM : 0.0;
        [$left, $right] = [min(array_column($points, 0)) - $room, max(array_column($points, 0)) + $room];
        [$bottom, $top] = [min(array_column($points, 1)) - $room, max(array_column($points, 1)) + $room];
        $cell = max(self::FINEST_M, sqrt(max(1.0, $right - $left) * max(1.0, $top - $bottom) / self::CELLS));
        $grid = new self($left - $cell, $top + $cell, $cell, (int) ceil(($right - $left) / $cell) + 3, (int) ceil(($top - $bottom) / $cell) + 3);
        foreach ($measured as $thing) {
            $grid->put($thing->kind === Kind::DepthLine ? self::along($thing->points, $cell) : $thing->points, (float) $thing->feet, $reachM);
        }

        return $grid->made($sketch, $rings);
    }

    /**
     * What was set counts once, by its nearest point: a line no more than a single depth.
     *
     * @param  non-empty-list<array{float, float}>  $points
     */
    private function put(array $points, float $feet, float $reachM): void
    {
        $r = $reachM / $this->cellM;
        $squares = [];
        foreach ($points as [$east, $north]) {
            [$x, $y] = [($east - $this->left) / $this->cellM, ($this->top - $north) / $this->cellM];
            for ($row = max(0, (int) ceil($y - $r)), $last = min($this->rows - 1, (int) floor($y + $r)); $row <= $last; $row++) {
                $down = ($row - $y) ** 2;
                $half = sqrt(max(0.0, $r * $r - $down));
                for ($col = max(0, (int) ceil($x - $half)), $end = min($this->cols - 1, (int) floor($x + $half)); $col <= $end; $col++) {
                    $cell = $row * $this->cols + $col;
                    $square = ($col - $x) * ($col - $x) + $down;
                    if (! isset($squares[$cell]) || $square < $squares[$cell]) {
                        $squares[$cell] = $square;
                    }
                }
            }
        }
        foreach ($squares as $cell => $square) {
            $weight = 1 / max(0.01, $square);
            $this->sum[$cell] = ($this->sum[$cell] ?? 0.0) + $weight * $feet;
            $this->weight[$cell] = ($this->weight[$cell] ?? 0.0) + $weight;
            $this->near[$cell] = min($this->near[$cell] ?? INF, $square);
        }
    }

    /** @param  list<Thing>  $rings */
    private function made(Sketch $sketch, array $rings): DepthGrid
    {
        $corner = $sketch->position([$this->left, $this->top]);
        $frame = fn (array $depths): DepthGrid => new DepthGrid(
            $corner->lat, $corner->lon, $this->cellM, $this->cols, $this->rows, $depths, $sketch->middle->lat,
        );
        $sheet = $frame(array_fill(0, $this->cols * $this->rows, null));
        $shore = $rings === [] ? null : Ground::distanceToLand($cut = Shoreline::cut($sheet, array_map($sketch->line(...), $rings)));
        $depths = [];
        for ($cell = 0; $cell < $this->cols * $this->rows; $cell++) {
            if (isset($cut) && $cut->depthsFt[$cell] !== null) {
                $depths[] = 0.0;
            } elseif (isset($this->near[$cell])) {
                $off = sqrt($this->near[$cell]) * $this->cellM;
                $bowl = $shore === null ? 1.0 : 1 - ($off / ($shore[$cell] + $off)) ** 2;
                $depths[] = max(self::LEAST_FT, $bowl * $this->sum[$cell] / $this->weight[$cell]);
            } else {
                $depths[] = null;
            }
        }

        return $frame($depths);
    }

    /**
     * Points along a line, no farther apart than so many metres.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function along(array $points, float $apartM): array
    {
        $along = [$points[0]];
        for ($i = 1; $i < count($points); $i++) {
            [[$ax, $ay], [$bx, $by]] = [$points[$i - 1], $points[$i]];
            $pieces = max(1, (int) ceil(hypot($bx - $ax, $by - $ay) / $apartM));
            for ($n = 1; $n <= $pieces; $n++) {
                $along[] = [$ax + ($bx - $ax) * $n / $pieces, $ay + ($by - $ay) * $n / $pieces];
            }
        }

        return $along;
    }
}
