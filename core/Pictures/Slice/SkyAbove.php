<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

use OldEddy\Day\Conditions\Platform;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Reading\Reading;

/** What stands over the water line: sky, sun and wind of the day, and from what the angler casts. Degrees and miles an hour. */
final readonly class SkyAbove
{
    private function __construct(
        public Sky $sky,
        public ?float $sunDeg,
        public float $sunAhead,
        public bool $lowLight,
        public float $windMph,
        public Platform $platform,
    ) {
    }

    /** Of a reading's day; the sun's height is null where no place or time is known. */
    public static function of(Reading $reading): self
    {
        $day = $reading->day;

        return new self($day->sky, $day->sunElevationDeg, self::ahead($reading), $day->lowLight, $day->windMph, $day->platform);
    }

    /** How far the sun stands ahead of the cast: 1 in line with it, -1 behind the angler, 0 abeam or where no direction is known. */
    public static function ahead(Reading $reading): float
    {
        $cast = $reading->day->spot->castBearingDeg;
        $sun = $reading->day->sunAzimuthDeg;

        return $cast === null || $sun === null ? 0.0 : cos(deg2rad($sun - $cast));
    }
}
