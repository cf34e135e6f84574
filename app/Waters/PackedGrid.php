<?php

declare(strict_types=1);

namespace App\Waters;

use OldEddy\Lake\DepthGrid;

/** A depth grid as bytes: eight-byte head values and four-byte depths, deflated. */
final class PackedGrid
{
    public static function pack(DepthGrid $grid): string
    {
        $packed = pack('eeeVV', $grid->north, $grid->west, $grid->cellM, $grid->cols, $grid->rows);
        foreach (array_chunk($grid->depthsFt, 50_000) as $some) {
            $packed .= pack('g*', ...$some);
        }

        return (string) gzdeflate($packed, 3);
    }

    public static function unpack(string $packed): DepthGrid
    {
        $bytes = (string) gzinflate($packed);
        /** @var array{north: float, west: float, cell: float, cols: int, rows: int} $head */
        $head = unpack('enorth/ewest/ecell/Vcols/Vrows', $bytes);
        /** @var array<int, float> $depths */
        $depths = unpack('g*', $bytes, 32);

        return new DepthGrid($head['north'], $head['west'], $head['cell'], $head['cols'], $head['rows'], array_values($depths));
    }
}
