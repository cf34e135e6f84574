<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

/** A run and the stop after it: index of the stop, minutes under way, minutes of the day from and to, fuel burnt on the way. */
final readonly class Leg
{
    public function __construct(public int $stop, public float $runMin, public float $at, public float $to, public float $fuel)
    {
    }
}
