<?php

declare(strict_types=1);

namespace OldEddy\Basics\Chance;

/** Student's t distribution. Basis: published, by the incomplete beta function (Abramowitz and Stegun 26.5.27; value from memory). */
final class StudentT
{
    /** The share of the distribution (0 to 1) under a value, with so many degrees of freedom (over 0). */
    public static function shareUnder(float $t, float $degrees): float
    {
        $tail = IncompleteBeta::regularized($degrees / ($degrees + $t * $t), $degrees / 2, 0.5) / 2;

        return $t > 0 ? 1 - $tail : $tail;
    }
}
