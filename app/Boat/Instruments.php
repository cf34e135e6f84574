<?php

declare(strict_types=1);

namespace App\Boat;

use App\Models\Trip;
use OldEddy\Boat\Quantity;
use OldEddy\Where\Lake\Position;

/** What a boat's instruments said just now. */
final class Instruments
{
    /** What they said last holds for so many seconds. */
    private const FRESH_S = 120;

    /** What one of them says; null where it is silent. */
    public static function say(Trip $trip, Quantity $what): ?float
    {
        $said = $trip->boat['values'][$what->value] ?? null;

        return $said === null || abs(now()->getTimestamp() - (float) $said['second']) > self::FRESH_S ? null : (float) $said['value'];
    }

    /** Where they have the boat; null where they are silent. */
    public static function position(Trip $trip): ?Position
    {
        [$lat, $lon] = [self::say($trip, Quantity::Lat), self::say($trip, Quantity::Lon)];

        return $lat === null || $lon === null ? null : new Position($lat, $lon);
    }
}
