<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * How long it takes until two rates can be told apart, in four logs of five. Basis: rule EVIDENCE; the limit of 0.9 is that of
 * "confirmed". What a log comes to is spread around what it promises: for four of five to be over 0.9, what it promises is over 0.983
 * (normal approximation: 1.28 and 0.84 deviations).
 */
final class TellApart
{
    private const SURE = 0.983;

    private const TOLD = 0.9;

    private const MOST = 2000;

    /** Casts with each of the two, 0 or more, until one beats the other with 9 in 10, in four of five logs, if both go on as they do; null when over 2000. */
    public static function casts(Rate $a, Rate $b): ?int
    {
        if (self::after($a, $b, 0) >= self::TOLD) {
            return 0;
        }
        if (self::after($a, $b, self::MOST) < self::SURE) {
            return null;
        }
        [$low, $high] = [0, self::MOST];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            self::after($a, $b, $middle) >= self::SURE ? $high = $middle : $low = $middle;
        }

        return $high;
    }

    private static function after(Rate $a, Rate $b, int $casts): float
    {
        $p = $a->goingOn($casts)->exceeds($b->goingOn($casts));

        return max($p, 1 - $p);
    }
}
