<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

/** The shape of the bottom at a place: slope in per cent, height over the surroundings in feet (under 0: a hole), bend of the depth line in 1/m. */
final readonly class Shape
{
    public function __construct(public float $slopePercent, public float $heightFt, public float $bend)
    {
    }

    /** The shape at a position, or null where the bottom is not known. */
    public static function at(Ground $bottom, float $lat, float $lon): ?self
    {
        [$col, $row] = $bottom->grid->cellAt($lat, $lon);
        if ($col < 0 || $row < 0 || $col >= $bottom->grid->cols || $row >= $bottom->grid->rows) {
            return null;
        }
        $i = $row * $bottom->grid->cols + $col;

        return $bottom->slope[$i] === null || $bottom->bend[$i] === null || $bottom->height[$i] === null ? null : new self(
            $bottom->slope[$i],
            $bottom->height[$i],
            $bottom->bend[$i],
        );
    }

    /** How alike two shapes are, 0 to 1. Basis: our own choice: each difference against what a boat's length makes of it. */
    public function likeness(self $other): float
    {
        return exp(-abs($this->slopePercent - $other->slopePercent) / 8 - abs($this->heightFt - $other->heightFt) / 4 - abs($this->bend - $other->bend) * 25);
    }
}
