<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

/** Stand-in water temperatures for a day on which nobody measured. Basis: our own choice, coefficients from memory. */
final class SeasonalWater
{
    /** Day of the year on which northern lakes are coldest. */
    private const COLDEST_DAY = 32;

    /** Surface temperature in °F for a day of the year (1 to 366, northern reckoning) at a distance from the equator in degrees. */
    public static function temperatureF(int $northernDay, float $absLatitude): float
    {
        $mean = 62.5 - 1.1 * ($absLatitude - 37);
        $swing = 20.0 + 0.25 * ($absLatitude - 37);
        $wave = cos(2 * M_PI * ($northernDay - self::COLDEST_DAY) / 365.25);

        return round(max(34.0, min(90.0, $mean - $swing * $wave)), 1);
    }
}
