<?php

declare(strict_types=1);

namespace OldEddy\Route;

use OldEddy\Lake\DepthGrid;
use OldEddy\Units\Length;
use SplPriorityQueue;

/** Ways over water: the shortest between two places that crosses no land and no water too thin for the boat. */
final class WaterWays
{
    /** Ways are sought on cells of about this many. */
    private const WORKING_CELLS = 8000;

    private readonly DepthGrid $grid;

    /** @param  float  $draftFt  water the boat needs, feet */
    public function __construct(DepthGrid $grid, private readonly float $draftFt = 1.5)
    {
        $this->grid = $grid->coarser((int) ceil(sqrt($grid->cols * $grid->rows / self::WORKING_CELLS)));
    }

    /**
     * Feet over water from one place to each of the others; INF where no water leads there.
     *
     * @param  list<array{float, float}>  $to  latitude, longitude
     * @return list<float>
     */
    public function feetTo(float $lat, float $lon, array $to): array
    {
        $far = $this->spread($this->afloat($lat, $lon));

        return array_map(function (array $one) use ($far): float {
            $cell = $this->afloat(...$one);

            return $cell === null || ! isset($far[$cell]) ? INF : Length::fromMetres($far[$cell])->feet();
        }, $to);
    }

    /**
     * The way itself.
     *
     * @return list<array{float, float}> latitude, longitude; empty where no water leads there
     */
    public function between(float $lat, float $lon, float $toLat, float $toLon): array
    {
        $end = $this->afloat($lat, $lon);
        $cell = $this->afloat($toLat, $toLon);
        $far = $this->spread($end);
        if ($cell === null || ! isset($far[$cell])) {
            return [];
        }
        $way = [[$toLat, $toLon]];
        while ($cell !== $end) {
            foreach ($this->neighbours($cell) as [$next, $metres]) {
                if (isset($far[$next]) && abs($far[$next] + $metres - $far[$cell]) < 1e-6) {
                    $cell = $next;
                    break;
                }
            }
            $way[] = $this->grid->position($cell % $this->grid->cols, intdiv($cell, $this->grid->cols));
        }

        return [...array_reverse($way)];
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

    /** @return list<array{int, float}> cells beside this one that float the boat, and metres to each */
    private function neighbours(int $cell): array
    {
        [$col, $row] = [$cell % $this->grid->cols, intdiv($cell, $this->grid->cols)];
        $found = [];
        foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [1, -1], [-1, 1], [-1, -1]] as [$x, $y]) {
            // Not across a corner of land.
            if ($this->floats($col + $x, $row + $y) && ($x === 0 || $y === 0 || ($this->floats($col + $x, $row) && $this->floats($col, $row + $y)))) {
                $found[] = [($row + $y) * $this->grid->cols + $col + $x, $this->grid->cellM * ($x === 0 || $y === 0 ? 1.0 : M_SQRT2)];
            }
        }

        return $found;
    }

    private function floats(int $col, int $row): bool
    {
        return $this->grid->cell($col, $row) >= $this->draftFt;
    }

    /** The nearest cell that floats the boat; a spot on the bank is left to the boat that lies off it. */
    private function afloat(float $lat, float $lon): ?int
    {
        [$col, $row] = $this->grid->cellAt($lat, $lon);
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
