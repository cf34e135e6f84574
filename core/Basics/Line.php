<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** A straight line through points. Basis: least squares, as any book of statistics has it. */
final class Line
{
    /**
     * How much y grows for every one of x; null where the points have one x only, or there are none.
     *
     * @param  list<array{float, float}>  $points  x and y
     */
    public static function slope(array $points): ?float
    {
        $count = count($points);
        $meanX = $count === 0 ? 0.0 : array_sum(array_column($points, 0)) / $count;
        $meanY = $count === 0 ? 0.0 : array_sum(array_column($points, 1)) / $count;
        $across = $along = 0.0;
        foreach ($points as [$x, $y]) {
            $across += ($x - $meanX) * ($y - $meanY);
            $along += ($x - $meanX) ** 2;
        }

        return $along > 0 ? $across / $along : null;
    }
}
