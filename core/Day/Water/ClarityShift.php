<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

use OldEddy\Basics\Words;

/** Today's visibility against the normal of this water (rule W1). */
enum ClarityShift: string
{
    use Words;

    case SharplyDown = 'sharply_down';
    case Down = 'down';
    case AsUsual = 'as_usual';
    case Up = 'up';

    /**
     * The shift for two visibilities in feet; the normal one must be over 0. Ratio up to 0.25 is sharply down,
     * to 0.6 down, to 1.5 as usual, above up. Basis: W1, cut points our own.
     */
    public static function between(float $todayFt, float $normalFt): self
    {
        $ratio = $todayFt / $normalFt;

        return match (true) {
            $ratio <= 0.25 + 1e-9 => self::SharplyDown,
            $ratio <= 0.6 + 1e-9 => self::Down,
            $ratio <= 1.5 + 1e-9 => self::AsUsual,
            default => self::Up,
        };
    }
}
