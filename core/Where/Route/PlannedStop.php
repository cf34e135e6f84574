<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

/** A stop of the day's route: its spot, minutes of the day from and to, minutes under way to it, the fuel of that, and how far it is, feet. */
final readonly class PlannedStop
{
    public function __construct(
        public int $spot, public string $name, public int $at, public int $to, public float $runMin, public float $fuel, public float $runFt,
    ) {
    }
}
