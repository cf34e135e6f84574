<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\TargetClock;
use OldEddy\Log\Next\TimeLeft;

/** A spot that could be on the day's route: what a stop is worth by the hour of arrival (24 values, 0 or more), minutes of a stop, whether it must be on it. */
final readonly class Stop
{
    private const MOVING_MIN = 10;

    private const USUAL_MIN = 15;

    private const PICKING_MIN = 25;

    /** Targets that a spot has to cast at. */
    private const TARGETS = 3;

    /** @param  list<float>  $worth  by hour 0 to 23; hours between are drawn straight */
    public function __construct(public string $name, public array $worth, public float $minutes, public bool $locked = false)
    {
    }

    /**
     * Minutes of a stop by the tempo that was chosen: 10 on the move, 25 picking apart, else about three targets of it, each given as
     * many casts as one's own clock of bites says, 10 to 25 (S2, S3, M14; our own numbers).
     */
    public static function minutesBy(Schools $schools, ?TargetClock $clock = null): int
    {
        return match ($schools->chosen('tempo')) {
            'cover_water' => self::MOVING_MIN,
            'pick_apart' => self::PICKING_MIN,
            default => $clock === null ? self::USUAL_MIN
                : (int) max(self::MOVING_MIN, min(self::PICKING_MIN, 5 * round(self::TARGETS * TimeLeft::minutesOf($clock->leaveAfter()) / 5))),
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
