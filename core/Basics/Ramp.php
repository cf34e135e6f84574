<?php

declare(strict_types=1);

namespace OldEddy\Basics;

/** A threshold that is a slope: no number of the water turns an answer over by a tenth (own choice of the widths). */
final class Ramp
{
    /** 0 up to $from, 1 from $to on, smooth between. */
    public static function up(float $x, float $from, float $to): float
    {
        $share = max(0.0, min(1.0, ($x - $from) / ($to - $from)));

        return $share * $share * (3 - 2 * $share);
    }

    /** 1 up to $from, 0 from $to on. */
    public static function down(float $x, float $from, float $to): float
    {
        return 1 - self::up($x, $from, $to);
    }
}
