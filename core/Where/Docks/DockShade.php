<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Settled;

/**
 * The shade that a dock throws beside itself: on which side, in which direction (degrees clockwise from straight out),
 * how wide (feet, 0 to 40). Basis: rules S15, S22; the heights of the decks are our own.
 */
final readonly class DockShade
{
    private const MOST_FT = 40.0;

    /** Under this angle between sun and dock the shade lies before or behind it rather than beside it, degrees. */
    private const END_ON_DEG = 25.0;

    private function __construct(public DockSide $side, public float $awryDeg, public float $widthFt)
    {
    }

    /** The shade at the day's minute; null when the sun is down, covered or unknown, or nobody said where the dock points. */
    public static function of(DockPlan $dock, Settled $day): ?self
    {
        if ($dock->facesDeg === null || $day->sunAzimuthDeg === null || ($day->sunElevationDeg ?? 0.0) <= 0 || $day->sky->isCovered()) {
            return null;
        }
        $awry = fmod($day->sunAzimuthDeg + 180 - $dock->facesDeg + 720, 360);
        $beside = abs(sin(deg2rad($awry)));
        $side = match (true) {
            $beside >= sin(deg2rad(self::END_ON_DEG)) => $awry < 180 ? DockSide::Right : DockSide::Left,
            default => $awry < 90 || $awry > 270 ? DockSide::Outer : DockSide::Bank,
        };
        $deckFt = $dock->kind === DockKind::Floating ? 1.5 : 3.5;

        return new self($side, $awry, min(self::MOST_FT, $deckFt / tan(deg2rad((float) $day->sunElevationDeg))));
    }
}
