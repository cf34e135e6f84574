<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;

/** The light on the water at a minute of the day, as a stint is logged with it. Basis: rules W15, W16. */
final class Brightness
{
    /** "low" at dawn, dusk and under cloud; "sun" under a clear sky; null where sky or sun are not known (minute 0 to 1439). */
    public static function at(Settled $day, int $minute): ?string
    {
        $skyIsKnown = ! $day->assumes('weather.sky');

        return match (true) {
            $day->sunDay?->at($minute)->isLow() === true, $skyIsKnown && $day->sky->isCovered() => 'low',
            $skyIsKnown && $day->sky === Sky::Clear => 'sun',
            default => null,
        };
    }
}
