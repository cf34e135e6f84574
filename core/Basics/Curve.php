<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** A curve given by a few points, straight between them and level beyond its ends. */
final class Curve
{
    /**
     * The value at x.
     *
     * @param  non-empty-list<array{float, float}>  $points  [x, value], x rising
     */
    public static function through(array $points, float $x): float
    {
        $from = $points[0];
        foreach ($points as $to) {
            if ($x <= $to[0]) {
                $span = $to[0] - $from[0];

                return $span > 0 ? $from[1] + ($x - $from[0]) / $span * ($to[1] - $from[1]) : $to[1];
            }
            $from = $to;
        }

        return $from[1];
    }
}
