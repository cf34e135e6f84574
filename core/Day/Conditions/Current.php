<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** How strongly the water moves. */
enum Current: string
{
    use Words;

    case None = 'none';
    case Slight = 'slight';
    case Moderate = 'moderate';
    case Strong = 'strong';

    /** Rough surface speed in feet per second. Basis: own choice. */
    public function feetPerSecond(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Slight => 0.5,
            self::Moderate => 1.5,
            self::Strong => 3.0,
        };
    }

    /** Whether the water moves at all. */
    public function runs(): bool
    {
        return $this !== self::None;
    }

    /** Whether it moves enough to carry a lure along: moderate or strong. Basis: rules L3, R5; cut point our own. */
    public function isReal(): bool
    {
        return $this === self::Moderate || $this === self::Strong;
    }
}
