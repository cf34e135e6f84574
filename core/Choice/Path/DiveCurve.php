<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

/** The running depth of a diving plug. Basis: rule D2, our own choice (coefficients from memory). */
final class DiveCurve
{
    /** 12 lb fluorocarbon, millimetres: the line that ratings are reckoned at. */
    private const RATED_LINE_MM = 0.30;

    private const RATED_CAST_FT = 120.0;

    /** Running depth in feet for a rated depth in feet, a line in millimetres and a cast in feet. */
    public static function runningDepthFt(float $ratedFt, float $lineMm, float $castFt): float
    {
        return $ratedFt * self::lineFactor($lineMm) * self::castFactor($castFt);
    }

    /** The rated depth in feet that runs at a wanted depth in feet on this line and cast. */
    public static function ratedFor(float $runningFt, float $lineMm, float $castFt): float
    {
        return $runningFt / (self::lineFactor($lineMm) * self::castFactor($castFt));
    }

    /** 4 % shallower per 0.02 mm of thicker line, deeper for thinner. */
    private static function lineFactor(float $lineMm): float
    {
        return max(0.5, 1 - 0.04 * ($lineMm - self::RATED_LINE_MM) / 0.02);
    }

    private static function castFactor(float $castFt): float
    {
        return min(1.0, max(1.0, $castFt) / self::RATED_CAST_FT) ** 0.5;
    }
}
