<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

/** Where the rod tip is held: it sets how much of the winding lifts the lure. Basis: own choice. */
enum RodTip: string
{
    case Low = 'low';
    case High = 'high';

    /** Feet a second of lift for each foot a second of winding. */
    public function lift(): float
    {
        return match ($this) {
            self::Low => 0.42,
            self::High => 0.62,
        };
    }
}
