<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

use OldEddy\Basics\Curve;
use OldEddy\Choice\Lures\LureFamily;

/** How fast a lure sinks, feet a second. Basis: rule D3, our own choice (values from memory). */
final class SinkRate
{
    /** Ounces => feet a second for a slim jig, ascending. */
    private const BY_OUNCES = [[0.0, 0.6], [0.125, 1.2], [0.25, 1.8], [0.375, 2.3], [0.5, 2.8], [0.75, 3.5], [1.0, 4.2]];

    /** A bulky trailer takes a quarter off. */
    private const BULK_SHARE = 0.25;

    /** For a weight in ounces (0 or more) and a bulk of 0 to 1. Grows with weight, shrinks with bulk. */
    public static function feetPerSecond(float $ounces, float $bulk = 0.0): float
    {
        $slim = $ounces > 1.0 ? 4.2 * $ounces ** 0.57 : Curve::through(self::BY_OUNCES, $ounces);

        return $slim * (1 - self::BULK_SHARE * $bulk);
    }

    /** For a lure family at a weight in ounces; families with a rate of their own keep it. */
    public static function of(LureFamily $lure, float $ounces): float
    {
        return $lure->hydraulics->sinkFtS ?? self::feetPerSecond($ounces, $lure->hydraulics->bulk);
    }
}
