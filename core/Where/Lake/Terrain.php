<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use OldEddy\Basics\Units\Length;

/**
 * Terrain figures of a lake's bottom, cell by cell in the order of the grid; null at the rim and beside unknown cells.
 * Basis: published, Horn's slope and the topographic position index as the common geospatial tools have them; held
 * against such a tool in the tests.
 */
final class Terrain
{
    /** @return list<?float> slope in per cent (rise over run, 0 and more) by Horn's eight neighbours */
    public static function slopePercent(DepthGrid $grid): array
    {
        $d = self::orNan($grid);
        $cols = $grid->cols;
        $rows = $grid->rows;
        $scale = 100 * Length::fromFeet(1)->metres() / (8 * $grid->cellM);
        $slope = array_fill(0, $cols * $rows, null);
        for ($row = 1; $row < $rows - 1; $row++) {
            $i = $row * $cols;
            $a = $d[$i - $cols];
            $b = $d[$i - $cols + 1];
            $p = $d[$i];
            $q = $d[$i + 1];
            $u = $d[$i + $cols];
            $v = $d[$i + $cols + 1];
            $last = $i + $cols - 1;
            for ($i++; $i < $last; $i++) {
                $c = $d[$i - $cols + 1];
                $r = $d[$i + 1];
                $w = $d[$i + $cols + 1];
                $x = $c + $r + $r + $w - $a - $p - $p - $u;
                $y = $u + $v + $v + $w - $a - $b - $b - $c;
                // Unknown neighbours make the sum no number; the middle itself takes no part in it.
                $slope[$i] = is_nan($q) || is_nan($x + $y) ? null : $scale * sqrt($x * $x + $y * $y);
                $a = $b;
                $b = $c;
                $p = $q;
                $q = $r;
                $u = $v;
                $v = $w;
            }
        }

        return $slope;
    }

    /** @return list<?float> topographic position in feet: how much shallower (plus) a cell is than its eight neighbours */
    public static function positionFt(DepthGrid $grid): array
    {
        $d = self::orNan($grid);
        $cols = $grid->cols;
        $rows = $grid->rows;
        $index = array_fill(0, $cols * $rows, null);
        for ($row = 1; $row < $rows - 1; $row++) {
            $i = $row * $cols;
            $left = $d[$i - $cols] + $d[$i] + $d[$i + $cols];
            $middle = $d[$i - $cols + 1] + $d[$i + 1] + $d[$i + $cols + 1];
            $last = $i + $cols - 1;
            for ($i++; $i < $last; $i++) {
                $right = $d[$i - $cols + 1] + $d[$i + 1] + $d[$i + $cols + 1];
                $sum = $left + $middle + $right;
                $index[$i] = is_nan($sum) ? null : ($sum - $d[$i]) / 8 - $d[$i];
                $left = $middle;
                $middle = $right;
            }
        }

        return $index;
    }

    /** @return list<float> the depths, unknown ones as NAN, which spreads through sums by itself and goes no further than this class */
    private static function orNan(DepthGrid $grid): array
    {
        return array_map(static fn (?float $depth): float => $depth ?? NAN, $grid->depthsFt);
    }
}
