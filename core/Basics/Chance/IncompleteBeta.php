<?php

declare(strict_types=1);

namespace OldEddy\Basics\Chance;

use InvalidArgumentException;

/**
 * The regularized incomplete beta function I_x(a, b). Basis: published, Lentz's continued fraction (Press et al.,
 * Numerical Recipes, from memory); held against R's pbeta in the tests.
 */
final class IncompleteBeta
{
    /** For x from 0 to 1 and a, b over 0: a value from 0 to 1. */
    public static function regularized(float $x, float $a, float $b): float
    {
        if ($x < 0 || $x > 1 || $a <= 0 || $b <= 0) {
            throw new InvalidArgumentException('The incomplete beta function needs x from 0 to 1 and a, b over 0.');
        }
        if ($x === 0.0 || $x === 1.0) {
            return $x;
        }
        $front = exp(LogGamma::of($a + $b) - LogGamma::of($a) - LogGamma::of($b) + $a * log($x) + $b * log(1 - $x));

        // The fraction converges fast only on its own side of the mean.
        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1 - ($a + $b) * $x / ($a + 1);
        $d = 1 / (abs($d) < $tiny ? $tiny : $d);
        $h = $d;
        for ($m = 1; $m <= 500; $m++) {
            foreach ([
                $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m)),
                -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1)),
            ] as $term) {
                $d = 1 + $term * $d;
                $d = 1 / (abs($d) < $tiny ? $tiny : $d);
                $c = 1 + $term / $c;
                $c = abs($c) < $tiny ? $tiny : $c;
                $h *= $d * $c;
            }
            if (abs($d * $c - 1) < 1e-14) {
                break;
            }
        }

        return $h;
    }
}
