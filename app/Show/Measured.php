<?php

declare(strict_types=1);

namespace App\Show;

/** A value of the boat's instruments in the angler's units. */
final class Measured
{
    /** A value by its path in the day's conditions, with its name. */
    public static function of(string $path, mixed $value, Units $units): string
    {
        $name = Word::of((string) preg_replace('/^.*\.|_(ft|f|mph|deg|hpa)$/', '', $path));
        if (! is_numeric($value)) {
            return $name;
        }

        return $name.' '.match ($path) {
            'water.temp_f' => $units->temp((float) $value),
            'weather.wind_mph' => self::words('wind_mph', (float) $value, $units),
            default => (string) $value,
        };
    }

    public static function words(string $key, float $value, Units $units): string
    {
        return match ($key) {
            'depth_ft' => $units->depth($value),
            'water_temp_f' => $units->temp($value),
            'speed_mph', 'wind_mph' => round($units->show('speed', $value), 1).' '.$units->word('speed'),
            'course_deg', 'wind_from_deg' => round($value).'°',
            'pressure_hpa' => round($value, 1).' hPa',
            default => sprintf('%.5f°', $value),
        };
    }
}
