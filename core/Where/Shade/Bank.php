<?php

declare(strict_types=1);

namespace OldEddy\Where\Shade;

/** A stretch of bank with what stands on it: its line (longitude, latitude), how high that is above the water and how far set back, feet. */
final readonly class Bank
{
    /** @param  list<array{float, float}>  $line */
    public function __construct(public array $line, public float $heightFt, public float $setbackFt = 0.0)
    {
    }
}
