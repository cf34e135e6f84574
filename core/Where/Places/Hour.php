<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Day\Sun\SunPosition;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/**
 * An hour of the day for the ranking of spots: its reading, where the sun stands (null where unknown), the level over the
 * reference in feet, the usual contacts per cast.
 */
final readonly class Hour
{
    /** @param  array<string, self>  $sections  the same hour in sections with water of their own, by name */
    private function __construct(
        public int $minute, public Reading $reading, public ?SunPosition $sun, public float $levelFt, public Prior $usual, private array $sections,
    ) {
    }

    /**
     * A minute (0 to 1439) of a day. The reading is the water's, not a spot's: fish stand no deeper than its deepest place
     * (feet today, null where unknown).
     *
     * @param  array<string, Settled>  $sections  the day in sections with water of their own, by name (W10)
     */
    public static function of(Settled $day, int $minute, ?float $deepestFt = null, Prior $usual = new Prior, array $sections = []): self
    {
        $there = array_map(static fn (Settled $s): self => self::of($s, $minute, $deepestFt, $usual), $sections);
        $then = $day->atMinute($minute, ['spot' => $deepestFt === null ? new Spot : new Spot(shallowFt: 0.0, deepFt: $deepestFt)]);

        return new self($minute, WaterReader::read($then), $day->sunDay?->at($minute), $day->riseFt(), $usual, $there);
    }

    /** This hour where a place lies. */
    public function at(Place $place): self
    {
        return $this->sections[$place->section ?? ''] ?? $this;
    }

    /** The reading at a place this hour: what Read says where it is the spot of the day. */
    public function readingAt(Place $place): Reading
    {
        $day = $this->reading->day;

        return WaterReader::read($day->with(['spot' => SpotOfDay::of($place, $day, $this->minute)]));
    }
}
