<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use InvalidArgumentException;

/** A lake as depths in feet at the middles of square cells, row by row from the north-west. Land is 0 or less; where nothing is known stands null. */
final readonly class DepthGrid extends GridFrame
{
    /**
     * @param  float  $north  latitude of the middle of the first row, degrees
     * @param  float  $west  longitude of the middle of the first column, degrees
     * @param  float  $cellM  side of a cell, metres, over 0
     * @param  list<?float>  $depthsFt  cols × rows of them
     * @param  ?float  $squareAt  latitude at which a cell is as wide as it is high, degrees; the first row's where it is not said
     */
    public function __construct(
        float $north,
        float $west,
        float $cellM,
        int $cols,
        int $rows,
        public array $depthsFt,
        ?float $squareAt = null,
    ) {
        parent::__construct($north, $west, $cellM, $cols, $rows, $squareAt);
        if (count($depthsFt) !== $cols * $rows) {
            throw new InvalidArgumentException('A depth grid needs as many depths as it has cells.');
        }
    }

    /** Where its cells lie, without what is in them. */
    public function frame(): GridFrame
    {
        return new GridFrame($this->north, $this->west, $this->cellM, $this->cols, $this->rows, $this->squareAt);
    }

    /** Depth in feet of a cell, null outside and where nothing is known. */
    public function cell(int $col, int $row): ?float
    {
        return $col < 0 || $row < 0 || $col >= $this->cols || $row >= $this->rows ? null : $this->depthsFt[$row * $this->cols + $col];
    }

    /** Depth in feet at a position, from the cell it lies in; null where nothing is known. */
    public function at(float $lat, float $lon): ?float
    {
        [$col, $row] = $this->cellAt($lat, $lon);

        return $this->cell($col, $row);
    }

    /** Depth in feet at a position, straight between the middles of the four cells around it; null where one of them is not known. */
    public function between(float $lat, float $lon): ?float
    {
        [$x, $y] = [$this->columnOf($lon), $this->rowOf($lat)];
        [$col, $row] = [(int) floor($x), (int) floor($y)];
        [$nw, $ne, $sw, $se] = [$this->cell($col, $row), $this->cell($col + 1, $row), $this->cell($col, $row + 1), $this->cell($col + 1, $row + 1)];
        if ($nw === null || $ne === null || $sw === null || $se === null) {
            return null;
        }
        [$x, $y] = [$x - $col, $y - $row];

        return ($nw * (1 - $x) + $ne * $x) * (1 - $y) + ($sw * (1 - $x) + $se * $x) * $y;
    }

    /** The part of it within so many metres of a position, at least one cell. */
    public function around(float $lat, float $lon, float $metres): self
    {
        [$col, $row] = $this->cellAt($lat, $lon);
        $r = (int) ceil($metres / $this->cellM);
        [$left, $top] = [max(0, min($this->cols - 1, $col - $r)), max(0, min($this->rows - 1, $row - $r))];
        [$right, $bottom] = [max($left, min($this->cols - 1, $col + $r)), max($top, min($this->rows - 1, $row + $r))];
        $depths = [];
        for ($y = $top; $y <= $bottom; $y++) {
            array_push($depths, ...array_slice($this->depthsFt, $y * $this->cols + $left, $right - $left + 1));
        }
        [$north, $west] = $this->position($left, $top);

        return new self($north, $west, $this->cellM, $right - $left + 1, $bottom - $top + 1, $depths, $this->squareAt ?? $this->north);
    }

    /** Whether a cell is known to be water. */
    public function isWater(int $col, int $row): bool
    {
        return ($this->cell($col, $row) ?? 0.0) > 0;
    }

    /** The deepest cell, feet; null where no depth is known. */
    public function deepestFt(): ?float
    {
        $deepest = null;
        foreach ($this->depthsFt as $depth) {
            if ($depth !== null && ($deepest === null || $depth > $deepest)) {
                $deepest = $depth;
            }
        }

        return $deepest;
    }

    /** The same lake at another level: feet above (plus) or below the level the depths are for. How high the land is, nobody sounded: it stays land. */
    public function atLevel(float $riseFt): self
    {
        return new self(
            $this->north,
            $this->west,
            $this->cellM,
            $this->cols,
            $this->rows,
            array_map(static fn (?float $d): ?float => $d !== null && $d > 0 ? max(0.0, $d + $riseFt) : $d, $this->depthsFt),
            $this->squareAt,
        );
    }

    /** The same grid with land where another one has land and nothing was sounded here. */
    public function withLandOf(self $other): self
    {
        $depths = $this->depthsFt;
        foreach ($depths as $i => $depth) {
            if ($depth === null) {
                $theirs = $other->at(...$this->position($i % $this->cols, intdiv($i, $this->cols)));
                $depths[$i] = $theirs !== null && $theirs <= 0 ? 0.0 : null;
            }
        }

        return new self($this->north, $this->west, $this->cellM, $this->cols, $this->rows, $depths, $this->squareAt);
    }

    /** How much of the known water of this grid is land in another, 0 to 1; 0 where no water is known. */
    public function driedBy(self $other): float
    {
        [$water, $dry] = [0, 0];
        foreach ($this->depthsFt as $i => $depth) {
            if ($depth !== null && $depth > 0) {
                $water++;
                $dry += ($other->depthsFt[$i] ?? 0.0) <= 0 ? 1 : 0;
            }
        }

        return $water === 0 ? 0.0 : $dry / $water;
    }

    /** The same lake in coarser cells, each the mean of what is known in it; a cell is water when half of it is. */
    public function coarser(int $factor): self
    {
        if ($factor <= 1) {
            return $this;
        }
        $cols = intdiv($this->cols + $factor - 1, $factor);
        $rows = intdiv($this->rows + $factor - 1, $factor);
        $sum = array_fill(0, $cols * $rows, 0.0);
        $count = array_fill(0, $cols * $rows, 0);
        $i = 0;
        for ($row = 0; $row < $this->rows; $row++) {
            $base = intdiv($row, $factor) * $cols;
            for ($col = 0; $col < $this->cols; $col++) {
                $depth = $this->depthsFt[$i++];
                if ($depth !== null) {
                    $to = $base + intdiv($col, $factor);
                    $sum[$to] += $depth;
                    $count[$to]++;
                }
            }
        }
        foreach ($sum as $to => $total) {
            $sum[$to] = $factor * $factor <= $count[$to] * 2 ? $total / $count[$to] : null;
        }
        [$north, $west] = $this->position(($factor - 1) / 2, ($factor - 1) / 2);

        return new self($north, $west, $this->cellM * $factor, $cols, $rows, $sum, $this->squareAt ?? $this->north);
    }
}
