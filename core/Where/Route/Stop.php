<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Day\Schools\Schools;

/** A spot that could be on the day's route: what a stop is worth by the hour of arrival (24 values, 0 or more), minutes of a stop, whether it must be on it. */
final readonly class Stop
{
    /** @param  list<float>  $worth  by hour 0 to 23; hours between are drawn straight */
    public function __construct(public string $name, public array $worth, public float $minutes, public bool $locked = false)
    {
    }

    /** Minutes of a stop by the tempo that was chosen: 10 on the move, 15 by default, 25 picking apart (S2, S3; our own numbers). */
    public static function minutesBy(Schools $schools): int
    {
        return match ($schools->chosen('tempo')) {
            'cover_water' => 10,
            'pick_apart' => 25,
            default => 15,
        };
    }

    /** What a stop that begins at a minute of the day is worth. */
    public function worthAt(float $minute): float
    {
        $hour = max(0.0, min(22.999, $minute / 60));
        $whole = (int) $hour;

        return $this->worth[$whole] + ($hour - $whole) * ($this->worth[$whole + 1] - $this->worth[$whole]);
    }
}
