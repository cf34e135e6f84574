<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Length;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use SplPriorityQueue;

/** Ways over water: the shortest between two places that crosses no land and no water too thin for the boat. */
final class WaterWays
{
    /** Ways are sought on cells of about this many. */
    private const WORKING_CELLS = 8000;

    /** Sixteen directions: column and row, length in cells, and the cells that must float the boat as well so that no corner of land is cut. */
    private const STEPS = [
        [1, 0, 1.0, []], [-1, 0, 1.0, []], [0, 1, 1.0, []], [0, -1, 1.0, []],
        [1, 1, M_SQRT2, [[1, 0], [0, 1]]], [1, -1, M_SQRT2, [[1, 0], [0, -1]]], [-1, 1, M_SQRT2, [[-1, 0], [0, 1]]], [-1, -1, M_SQRT2, [[-1, 0], [0, -1]]],
        [2, 1, self::KNIGHT, [[1, 0], [1, 1]]], [2, -1, self::KNIGHT, [[1, 0], [1, -1]]], [-2, 1, self::KNIGHT, [[-1, 0], [-1, 1]]],
        [-2, -1, self::KNIGHT, [[-1, 0], [-1, -1]]],
        [1, 2, self::KNIGHT, [[0, 1], [1, 1]]], [1, -2, self::KNIGHT, [[0, -1], [1, -1]]], [-1, 2, self::KNIGHT, [[0, 1], [-1, 1]]],
        [-1, -2, self::KNIGHT, [[0, -1], [-1, -1]]],
    ];

    /** The square root of five. */
    private const KNIGHT = 2.2360679774997896;

    private readonly DepthGrid $grid;

    /** @var array<int, list<array{int, float}>> steps from each cell, found once for all ways */
    private array $beside = [];

    /** @param  float  $draftFt  water the boat needs, feet */
    public function __construct(DepthGrid $grid, private readonly float $draftFt = 1.5)
    {
        $this->grid = $grid->coarser((int) ceil(sqrt($grid->cols * $grid->rows / self::WORKING_CELLS)));
    }

    /**
     * Feet over water from one place to each of the others; INF where no water leads there.
     *
     * @param  list<Position>  $to
     * @return list<float>
     */
    public function feetTo(Position $from, array $to): array
    {
        $far = $this->spread($this->afloat($from));

        return array_map(function (Position $one) use ($far): float {
            $cell = $this->afloat($one);

            return $cell === null || ! isset($far[$cell]) ? INF : Length::fromMetres($far[$cell])->feet();
        }, $to);
    }

    /**
     * The way itself.
     *
     * @return list<Position> empty where no water leads there
     */
    public function between(Position $from, Position $to): array
    {
        $end = $this->afloat($from);
        $cell = $this->afloat($to);
        $far = $this->spread($end);
        if ($cell === null || ! isset($far[$cell])) {
            return [];
        }
        $cells = [$cell];
        while ($cell !== $end) {
            foreach ($this->neighbours($cell) as [$next, $metres]) {
                if (isset($far[$next]) && abs($far[$next] + $metres - $far[$cell]) < 1e-6) {
                    $cell = $next;
                    break;
                }
            }
            $cells[] = $cell;
        }
        $corners = array_map(
            fn (int $c): Position => new Position(...$this->grid->position($c % $this->grid->cols, intdiv($c, $this->grid->cols))),
            array_reverse($this->pulledTight($cells)),
        );

        return [...$corners, $to];
    }

    /**
     * The way as a boat runs it: straight on as long as there is water all along.
     *
     * @param  non-empty-list<int>  $cells
     * @return non-empty-list<int> the cells at which it turns, the first and the last among them
     */
    private function pulledTight(array $cells): array
    {
        $turns = [$cells[0]];
        $last = count($cells) - 1;
        for ($at = 0; $at < $last;) {
            $to = $at + 1;
            for ($try = $at + 2; $try <= $last && $this->isOpen($cells[$at], $cells[$try]); $try++) {
                $to = $try;
            }
            $turns[] = $cells[$to];
            $at = $to;
        }

        return $turns;
    }

    /** Whether the straight line between two cells crosses nothing but water that floats the boat. */
    private function isOpen(int $from, int $to): bool
    {
        $cols = $this->grid->cols;
        [$x, $y] = [$from % $cols, intdiv($from, $cols)];
        [$dx, $dy] = [$to % $cols - $x, intdiv($to, $cols) - $y];
        // Twice as many steps as cells, so that no corner is cut.
        $steps = 2 * max(abs($dx), abs($dy));
        for ($i = 1; $i < $steps; $i++) {
            if (! $this->floats((int) round($x + $dx * $i / $steps), (int) round($y + $dy * $i / $steps))) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, float> metres by cell, by Dijkstra's method */
    private function spread(?int $from): array
    {
        if ($from === null) {
            return [];
        }
        $far = [$from => 0.0];
        $done = [];
        /** @var SplPriorityQueue<float, int> $queue */
        $queue = new SplPriorityQueue;
        $queue->insert($from, 0.0);
        while (! $queue->isEmpty()) {
            $cell = $queue->extract();
            if (isset($done[$cell])) {
                continue;
            }
            $done[$cell] = true;
            foreach ($this->neighbours($cell) as [$next, $metres]) {
                $way = $far[$cell] + $metres;
                if (! isset($far[$next]) || $way < $far[$next] - 1e-9) {
                    $far[$next] = $way;
                    $queue->insert($next, -$way);
                }
            }
        }

        return $far;
    }

    /** @return list<array{int, float}> cells that the boat can go to from this one in one step, and metres to each */
    private function neighbours(int $cell): array
    {
        if (isset($this->beside[$cell])) {
            return $this->beside[$cell];
        }
        [$col, $row] = [$cell % $this->grid->cols, intdiv($cell, $this->grid->cols)];
        $found = [];
        foreach (self::STEPS as [$x, $y, $length, $over]) {
            if (! $this->floats($col + $x, $row + $y)) {
                continue;
            }
            foreach ($over as [$ox, $oy]) {
                if (! $this->floats($col + $ox, $row + $oy)) {
                    continue 2;
                }
            }
            $found[] = [($row + $y) * $this->grid->cols + $col + $x, $this->grid->cellM * $length];
        }

        return $this->beside[$cell] = $found;
    }

    private function floats(int $col, int $row): bool
    {
        return ($this->grid->cell($col, $row) ?? 0.0) >= $this->draftFt;
    }

    /** The nearest cell that floats the boat; a spot on the bank is left to the boat that lies off it. */
    private function afloat(Position $at): ?int
    {
        [$col, $row] = $this->grid->cellAt($at->lat, $at->lon);
        for ($r = 0; $r <= 6; $r++) {
            $best = null;
            for ($y = -$r; $y <= $r; $y++) {
                for ($x = -$r; $x <= $r; $x++) {
                    if (max(abs($x), abs($y)) === $r && $this->floats($col + $x, $row + $y) && ($best === null || $x * $x + $y * $y < $best[0])) {
                        $best = [$x * $x + $y * $y, ($row + $y) * $this->grid->cols + $col + $x];
                    }
                }
            }
            if ($best !== null) {
                return $best[1];
            }
        }

        return null;
    }
}
