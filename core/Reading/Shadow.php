<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Direction;
use OldEddy\Day\Conditions\Settled;

/**
 * The angler's own shadow on the water, while the sun is low enough to throw a long one. Basis: rule W18, common
 * practice; the limits of 45° and 30° are the rule's.
 */
final readonly class Shadow
{
    private const SUN_UNDER_DEG = 45.0;

    private const OFF_CAST_DEG = 30.0;

    private function __construct(public float $towardDeg)
    {
    }

    /** The shadow at the day's minute; null when the sun is down, 45° high or more, covered or unknown. */
    public static function of(Settled $day): ?self
    {
        $sun = $day->sunElevationDeg;

        return $sun === null || $day->sunAzimuthDeg === null || $sun <= 0 || $sun >= self::SUN_UNDER_DEG || $day->sky->isCovered()
            ? null : new self(Direction::back($day->sunAzimuthDeg));
    }

    /** How far off a cast (compass direction) the shadow falls, degrees 0 to 180. */
    public function offDeg(float $castDeg): float
    {
        return abs(Direction::turn($castDeg, $this->towardDeg));
    }

    /** Whether it falls on a cast towards this compass direction. */
    public function spoils(float $castDeg): bool
    {
        return $this->offDeg($castDeg) < self::OFF_CAST_DEG;
    }

    /** @return array{float, float} compass directions from and to, clockwise, between which no cast should go */
    public function spoiltDeg(): array
    {
        return [fmod($this->towardDeg - self::OFF_CAST_DEG + 360, 360), fmod($this->towardDeg + self::OFF_CAST_DEG, 360)];
    }
}
