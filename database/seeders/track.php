<?php

declare(strict_types=1);

// A morning on the demo lake as the boat's instruments saw it: from Signal point along the bank to Gravel hook, over the
// depths that the lake has there.
$leg = static fn (int $at, float $lat, float $lon, float $depthFt, float $tempF, float $windMph, float $fromDeg, float $hPa): array => [
    'at' => $at, 'lat' => $lat, 'lon' => $lon, 'depth_ft' => $depthFt, 'water_temp_f' => $tempF, 'wind_mph' => $windMph, 'wind_from_deg' => $fromDeg,
    'pressure_hpa' => $hPa,
];

return [
    $leg(0, 36.9042, -80.0973, 11.8, 50.2, 9.0, 198, 1011.6),
    $leg(240, 36.9037, -80.0967, 7.6, 50.3, 10.0, 200, 1011.5),
    $leg(600, 36.9024, -80.0949, 10.4, 50.0, 11.0, 203, 1011.2),
    $leg(780, 36.9009, -80.0929, 22.1, 49.8, 12.0, 205, 1011.0),
    $leg(1200, 36.8991, -80.0916, 21.7, 50.4, 10.5, 202, 1010.7),
];
