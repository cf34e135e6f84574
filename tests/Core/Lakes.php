<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/** Lakes made by hand or by a rule, for the tests. */
final class Lakes
{
    /** @param  callable(int, int): ?float  $depth  feet by column and row */
    public static function grid(int $cols, int $rows, callable $depth, float $cellM = 10.0): DepthGrid
    {
        $depths = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($col = 0; $col < $cols; $col++) {
                $depths[] = $depth($col, $row);
            }
        }

        return new DepthGrid(37, -80, $cellM, $cols, $rows, $depths);
    }

    /** A lake drawn in letters: a dot is 8 ft of water, a digit so many feet, anything else land. */
    public static function drawn(string ...$rows): DepthGrid
    {
        return self::grid(strlen($rows[0]), count($rows), static fn (int $c, int $r): float => match (true) {
            $rows[$r][$c] === '.' => 8.0,
            ctype_digit($rows[$r][$c]) => (float) $rows[$r][$c],
            default => 0.0,
        });
    }

    public static function at(DepthGrid $grid, float $col, float $row): Position
    {
        return new Position(...$grid->position($col, $row));
    }
}
