<?php

declare(strict_types=1);

namespace OldEddy\Where\Shade;

use OldEddy\Day\Sun\SunPosition;

/**
 * The shade that trees, a wall or a bluff throw on the water. The bank faces a compass direction (degrees, from the bank
 * out over the water); the object stands so high above the water and so far back from the waterline, in feet.
 * Basis: rule S22, our own geometry.
 */
final readonly class BankShade
{
    /** Near sunrise and sunset shade grows without end; more than this is "all of it". */
    private const MOST_FT = 2000.0;

    public function __construct(public float $facesDeg, public float $heightFt, public float $setbackFt = 0.0)
    {
    }

    /** Width of the shade on the water in feet, 0 to 2000; 0 when the sun is down or stands before the bank. */
    public function widthFt(SunPosition $sun): float
    {
        // How far the sun stands behind the bank: 1 straight behind, 0 along the waterline.
        $behind = -cos(deg2rad($sun->azimuthDeg - $this->facesDeg));
        if ($sun->elevationDeg <= 0 || $behind <= 0) {
            return 0.0;
        }

        return max(0.0, min(self::MOST_FT, $this->heightFt / tan(deg2rad($sun->elevationDeg)) * $behind - $this->setbackFt));
    }
}
