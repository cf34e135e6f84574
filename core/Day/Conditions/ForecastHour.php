<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** What is forecast for a minute of the day (0 to 1439): sky, wind in mph and its direction in degrees, pressure in hPa; null where nothing is. Rule W24. */
final readonly class ForecastHour
{
    public function __construct(public int $minute, public ?Sky $sky, public ?float $windMph, public ?float $windFromDeg, public ?float $hpa)
    {
    }
}
