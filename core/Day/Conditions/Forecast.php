<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** What a forecast says of a minute: the latest hour that speaks of each thing, and the front out of its pressure. Basis: rules W13 and W24. */
final readonly class Forecast
{
    /** So many hours of pressure say what the front does. */
    private const PRESSURES = 3;

    private function __construct(public ?Sky $sky = null, public ?float $windMph = null, public ?float $windFromDeg = null, public ?Front $front = null)
    {
    }

    /**
     * At a minute of the day (0 to 1439); nothing before its first hour.
     *
     * @param  list<ForecastHour>  $hours  in any order
     */
    public static function at(array $hours, int $minute): self
    {
        $past = array_values(array_filter($hours, static fn (ForecastHour $h): bool => $h->minute <= $minute));
        usort($past, static fn (ForecastHour $a, ForecastHour $b): int => $b->minute <=> $a->minute);
        $latest = static function (string $what) use ($past): mixed {
            foreach ($past as $hour) {
                if ($hour->{$what} !== null) {
                    return $hour->{$what};
                }
            }

            return null;
        };
        $pressures = array_values(array_filter($past, static fn (ForecastHour $h): bool => $h->hpa !== null));
        $series = array_map(static fn (ForecastHour $h): PressureReading => new PressureReading(($minute - $h->minute) / 60, (float) $h->hpa), $pressures);

        return new self($latest('sky'), $latest('windMph'), $latest('windFromDeg'), count($series) >= self::PRESSURES ? FrontFinder::find($series) : null);
    }
}
