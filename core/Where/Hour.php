<?php

declare(strict_types=1);

namespace OldEddy\Where;

use OldEddy\Conditions\Settled;
use OldEddy\Conditions\Spot;
use OldEddy\Evidence\Prior;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/** An hour of the day for the ranking of spots: its reading, the level over the reference in feet, the usual contacts per cast. */
final readonly class Hour
{
    private function __construct(public int $minute, public Reading $reading, public float $levelFt, public Prior $usual)
    {
    }

    /** A minute (0 to 1439) of a day; the reading is the lake's, not a spot's. */
    public static function of(Settled $day, int $minute, Prior $usual = new Prior): self
    {
        $sun = $day->sunDay?->at($minute);
        $then = $day->with(['minuteOfDay' => $minute, 'sunElevationDeg' => $sun?->elevationDeg, 'sunAzimuthDeg' => $sun?->azimuthDeg, 'lowLight' => $sun !== null && $sun->isLow(), 'spot' => new Spot]);

        return new self($minute, WaterReader::read($then), $day->riseFt(), $usual);
    }
}
