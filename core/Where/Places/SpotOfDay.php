<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockPart;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Spot;

/** A marked place as the spot of a day: its depths at today's level, its shade at a minute, its dock. Rules W12, S22. */
final class SpotOfDay
{
    /** Wider shade than this is no shade line any more, feet. Basis: our own choice. */
    private const WIDEST_SHADE_FT = 300.0;

    /** A dock's part always has some water in the reading, feet. Basis: our own choice. */
    private const LEAST_DOCK_FT = 0.5;

    /** @param  int  $minute  of the day, 0 to 1439 */
    public static function of(Place $place, Settled $day, int $minute): Spot
    {
        $rise = $day->riseFt();
        [$shallow, $deep] = $place->depthAt($rise) ?? [null, null];
        $dock = $place->dock?->atLevel($rise);
        $width = $place->shade() === null ? null : $place->shadeFtAt($day, $minute);

        return new Spot(
            structure: $place->structure,
            covers: $place->covers,
            bottom: $place->bottom,
            shallowFt: $shallow,
            deepFt: $deep,
            depthNearbyFt: $place->depthNearbyFt === null ? null : max(0.0, $place->depthNearbyFt + $rise),
            dock: $dock === null ? null : new Dock($dock->kind, DockPart::Inside, max(self::LEAST_DOCK_FT, $dock->insideFt)),
            shaded: $width === null ? null : $width > 0,
            shadeWidthFt: $width === null || $width <= 0 ? null : round(min(self::WIDEST_SHADE_FT, $width), 1),
            section: $place->section,
        );
    }
}
