<?php

declare(strict_types=1);

// A morning on the demo lake as the boat's instruments saw it: from Signal point along the bank to Gravel hook.
$leg = static fn (int $at, float $lat, float $lon, float $depthFt, float $tempF, float $windMph, float $fromDeg, float $hPa): array => [
    'at' => $at, 'lat' => $lat, 'lon' => $lon, 'depth_ft' => $depthFt, 'water_temp_f' => $tempF, 'wind_mph' => $windMph, 'wind_from_deg' => $fromDeg, 'pressure_hpa' => $hPa,
];

return [
    $leg(0, 36.9021, -80.1042, 14.0, 50.2, 9.0, 198, 1011.6),
    $leg(240, 36.9026, -80.1031, 8.5, 50.3, 10.0, 200, 1011.5),
    $leg(600, 36.9034, -80.1016, 22.0, 50.0, 11.0, 203, 1011.2),
    $leg(780, 36.9058, -80.0988, 31.0, 49.8, 12.0, 205, 1011.0),
    $leg(1200, 36.9063, -80.0979, 12.0, 50.4, 10.5, 202, 1010.7),
];
