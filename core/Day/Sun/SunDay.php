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

    private function crossing(bool $rising): ?int
    {
        $before = $this->at(0)->elevationDeg;
        for ($minute = 10; $minute < 1440; $minute += 10) {
            $now = $this->at($minute)->elevationDeg;
            if ($rising ? ($before < self::HORIZON_DEG && $now >= self::HORIZON_DEG) : ($before >= self::HORIZON_DEG && $now < self::HORIZON_DEG)) {
                return $minute - (int) round(10 * ($now - self::HORIZON_DEG) / ($now - $before));
            }
            $before = $now;
        }

        return null;
    }
}
