<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Words;

/** How far out on its side a line runs. Basis of the feet: own choice, what boards are let out to. */
enum Station: string
{
    use Words;

    case Flat = 'flat';
    case Inside = 'inside';
    case Middle = 'middle';
    case Outside = 'outside';

    /** Feet to the side of the boat's middle, on a board or without one. */
    public function asideFt(Carrier $carrier): float
    {
        return $carrier !== Carrier::Board ? 5.0 : match ($this) {
            self::Flat => 5.0, self::Inside => 30.0, self::Middle => 60.0, self::Outside => 90.0
        };
    }
}
