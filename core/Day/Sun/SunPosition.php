<?php

declare(strict_types=1);

namespace OldEddy\Day\Sun;

use DateTimeImmutable;

/**
 * Where the sun stands: azimuth clockwise from north and elevation above the horizon, in degrees. The elevation is the
 * true one, without refraction. Basis: published, the NOAA solar equations after Meeus (coefficients from memory).
 */
final readonly class SunPosition
{
    /** Low light: the sun under this elevation, about the first and last hour (rule W16; degrees, our own cut point). */
    public const LOW_DEG = 10.0;

    private function __construct(public float $azimuthDeg, public float $elevationDeg)
    {
    }

    /** Whether it is so low, or down, that the light is low. */
    public function isLow(): bool
    {
        return $this->elevationDeg < self::LOW_DEG;
    }

    /** At an instant, for degrees north (−90 to 90) and degrees east (−180 to 180). */
    public static function at(DateTimeImmutable $instant, float $lat, float $lon): self
    {
        $julianDay = $instant->getTimestamp() / 86400 + 2440587.5;
        $t = ($julianDay - 2451545.0) / 36525;
        [$declination, $equationOfTimeMin] = self::declinationAndEquationOfTime($t);

        $utcMinutes = fmod($instant->getTimestamp() / 60, 1440);
        $trueSolarMinutes = fmod($utcMinutes + $equationOfTimeMin + 4 * $lon + 2880, 1440);
        $hourAngle = deg2rad($trueSolarMinutes / 4 - 180);
        $phi = deg2rad($lat);

        $sinElevation = sin($phi) * sin($declination) + cos($phi) * cos($declination) * cos($hourAngle);
        $azimuth = rad2deg(atan2(
            -sin($hourAngle) * cos($declination),
            cos($phi) * sin($declination) - sin($phi) * cos($declination) * cos($hourAngle),
        ));

        return new self(fmod($azimuth + 360, 360), rad2deg(asin(max(-1.0, min(1.0, $sinElevation)))));
    }

    /** @return array{float, float} declination in radians, equation of time in minutes, for Julian centuries since 2000 */
    private static function declinationAndEquationOfTime(float $t): array
    {
        $meanLongitude = deg2rad(fmod(280.46646 + $t * (36000.76983 + $t * 0.0003032), 360));
        $anomaly = deg2rad(fmod(357.52911 + $t * (35999.05029 - 0.0001537 * $t), 360));
        $eccentricity = 0.016708634 - $t * (0.000042037 + 0.0000001267 * $t);
        $centre = sin($anomaly) * (1.914602 - $t * (0.004817 + 0.000014 * $t))
            + sin(2 * $anomaly) * (0.019993 - 0.000101 * $t) + sin(3 * $anomaly) * 0.000289;
        $node = deg2rad(125.04 - 1934.136 * $t);
        $apparentLongitude = $meanLongitude + deg2rad($centre - 0.00569 - 0.00478 * sin($node));
        $obliquity = deg2rad(23 + (26 + (21.448 - $t * (46.815 + $t * (0.00059 - $t * 0.001813))) / 60) / 60 + 0.00256 * cos($node));

        $declination = asin(sin($obliquity) * sin($apparentLongitude));
        $y = tan($obliquity / 2) ** 2;
        $equation = $y * sin(2 * $meanLongitude) - 2 * $eccentricity * sin($anomaly)
            + 4 * $eccentricity * $y * sin($anomaly) * cos(2 * $meanLongitude)
            - 0.5 * $y * $y * sin(4 * $meanLongitude) - 1.25 * $eccentricity ** 2 * sin(2 * $anomaly);

        return [$declination, 4 * rad2deg($equation)];
    }
}
