<?php

declare(strict_types=1);

namespace OldEddy\Boat;

use OldEddy\Basics\Words;

/** What a boat's instruments tell. */
enum Quantity: string
{
    use Words;

    case Lat = 'lat';
    case Lon = 'lon';
    case DepthFt = 'depth_ft';
    case WaterTempF = 'water_temp_f';
    case SpeedMph = 'speed_mph';
    case CourseDeg = 'course_deg';
    case HeadingDeg = 'heading_deg';
    case WindMph = 'wind_mph';
    case WindFromDeg = 'wind_from_deg';
    case PressureHpa = 'pressure_hpa';

    /** Seconds after which a value is stale. Basis: our own choice; the air changes more slowly than the boat moves. */
    public function staleAfterS(): int
    {
        return match ($this) {
            self::Lat, self::Lon, self::SpeedMph, self::CourseDeg, self::HeadingDeg => 15,
            self::DepthFt => 10,
            self::WindMph, self::WindFromDeg => 60,
            self::WaterTempF, self::PressureHpa => 600,
        };
    }

    /** @return array{float, float} what is possible, both ends included */
    public function limits(): array
    {
        return match ($this) {
            self::Lat => [-90.0, 90.0],
            self::Lon => [-180.0, 180.0],
            self::DepthFt => [0.0, 6000.0],
            self::WaterTempF => [28.0, 110.0],
            self::SpeedMph => [0.0, 120.0],
            self::CourseDeg, self::HeadingDeg, self::WindFromDeg => [0.0, 360.0],
            self::WindMph => [0.0, 150.0],
            self::PressureHpa => [850.0, 1100.0],
        };
    }
}
