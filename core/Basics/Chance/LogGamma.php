<?php

declare(strict_types=1);

namespace OldEddy\Basics\Chance;

/** The logarithm of the gamma function. Basis: published, Stirling's series. */
final class LogGamma
{
    /** From here on the series is exact to double precision. */
    private const EXACT_FROM = 12;

    /** For x over 0. */
    public static function of(float $x): float
    {
        $shift = 0.0;
        while ($x < self::EXACT_FROM) {
            $shift -= log($x);
            $x++;
        }

        return $shift + ($x - 0.5) * log($x) - $x + 0.5 * log(2 * M_PI)
            + 1 / (12 * $x) - 1 / (360 * $x ** 3) + 1 / (1260 * $x ** 5) - 1 / (1680 * $x ** 7);
    }
}
