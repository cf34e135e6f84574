<?php

declare(strict_types=1);

namespace OldEddy\Where\Shade;

use OldEddy\Where\Lake\Position;

/** Shade along a piece of bank: from where to where, the direction its bank faces (degrees), and how wide it is (feet, over 0). */
final readonly class ShoreStrip
{
    public function __construct(public Position $from, public Position $to, public float $facesDeg, public float $widthFt)
    {
    }

    /** Whether it is as wide as fish like it (S21). */
    public function isBest(): bool
    {
        return $this->widthFt >= ShadeDay::BEST_FT[0] && $this->widthFt <= ShadeDay::BEST_FT[1];
    }
}
