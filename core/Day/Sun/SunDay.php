<?php

declare(strict_types=1);

namespace OldEddy\Day\Sun;

use DateTimeImmutable;
use DateTimeZone;

/** The sun's way over one local day at one place. Basis as for SunPosition. */
final readonly class SunDay
{
    /** The elevation at which the upper edge of the disk touches the horizon, with mean refraction (published, degrees). */
    private const HORIZON_DEG = -0.833;

    private DateTimeImmutable $midnight;

    /** For a calendar date YYYY-MM-DD in a time zone, degrees north and degrees east. */
    public function __construct(string $date, DateTimeZone $zone, private float $lat, private float $lon)
    {
        $this->midnight = new DateTimeImmutable($date.' 00:00', $zone);
    }

    /** The sun at a minute of the local day. */
    public function at(int $minute): SunPosition
    {
        return SunPosition::at($this->midnight->setTime(intdiv($minute, 60), $minute % 60), $this->lat, $this->lon);
    }

    /** Local minute of sunrise, 0 to 1439, or null where the sun does not rise that day. */
    public function sunriseMinute(): ?int
    {
        return $this->crossing(true);
    }

    /** Local minute of sunset, 0 to 1439, or null where the sun does not set that day. */
    public function sunsetMinute(): ?int
    {
        return $this->crossing(false);
    }

    /** The hour of it is looked for first, then the ten minutes; a sun that is up for less than an hour is found by these alone. */
    private function crossing(bool $rising): ?int
    {
        $hour = $this->crossed($rising, 0, 1380, 60)[0] ?? null;
        $crossed = ($hour === null ? null : $this->crossed($rising, $hour - 60, $hour, 10)) ?? $this->crossed($rising, 0, 1430, 10);
        if ($crossed === null) {
            return null;
        }
        [$minute, $before, $now] = $crossed;

        return $minute - (int) round(10 * ($now - self::HORIZON_DEG) / ($now - $before));
    }

    /** @return ?array{int, float, float} the minute by which the sun has crossed the horizon, its elevation a step before and then */
    private function crossed(bool $rising, int $from, int $to, int $step): ?array
    {
        $before = $this->at($from)->elevationDeg;
        for ($minute = $from + $step; $minute <= $to; $minute += $step) {
            $now = $this->at($minute)->elevationDeg;
            if ($rising ? ($before < self::HORIZON_DEG && $now >= self::HORIZON_DEG) : ($before >= self::HORIZON_DEG && $now < self::HORIZON_DEG)) {
                return [$minute, $before, $now];
            }
            $before = $now;
        }

        return null;
    }
}
