<?php

declare(strict_types=1);

namespace OldEddy\Year;

use DateTimeImmutable;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;

/** A day as other days are held against it (rules Y1, Y2): its date, water, sky and stage. */
final readonly class PastDay
{
    private int $dayOfYear;

    /** Days of a year, for dates of other years. */
    private const YEAR = 365.25;

    /** Smaller differences are not told, °F and feet. Basis: own choice. */
    private const TOLD_F = 1.0;

    private const TOLD_FT = 0.3;

    /**
     * @param  int  $id  as it is kept
     * @param  string  $date  such as "2026-04-12"
     * @param  ?int  $water  the lake, where it is a marked one
     * @param  ?float  $levelFt  of the water over its reference, where it was said
     */
    public function __construct(
        public int $id,
        public string $date,
        public ?int $water,
        public Species $species,
        public Waterbody $waterbody,
        public Stage $stage,
        public float $tempF,
        public Clarity $clarity,
        public ClarityShift $shift,
        public Front $front,
        public float $windMph,
        public Sky $sky,
        public bool $lowLight,
        public ?float $levelFt = null,
    ) {
        $this->dayOfYear = (int) (new DateTimeImmutable($date))->format('z');
    }

    /** A day as it was settled and read. */
    public static function of(int $id, string $date, ?int $water, Settled $day, Stage $stage): self
    {
        return new self(
            $id, $date, $water, $day->species, $day->waterbody, $stage, $day->tempF, $day->clarity, $day->clarityShift, $day->front, $day->windMph, $day->sky,
            $day->lowLight, $day->levelFt,
        );
    }

    /** Whether its water is as warm as another's, as far as a thermometer on a boat tells. */
    public function isAsWarmAs(self $other): bool
    {
        return abs($this->tempF - $other->tempF) < self::TOLD_F;
    }

    /** Feet by which the water stands higher on another day (lower: minus); 0 where nobody would see it, null where one was not said. */
    public function riseTo(self $other): ?float
    {
        $feet = $this->levelFt === null || $other->levelFt === null ? null : $other->levelFt - $this->levelFt;

        return $feet !== null && abs($feet) < self::TOLD_FT ? 0.0 : $feet;
    }

    /** Days between its place in the year and another's, 0 to about 183. */
    public function daysOfYearTo(self $other): float
    {
        $apart = abs($this->dayOfYear - $other->dayOfYear);

        return min($apart, self::YEAR - $apart);
    }
}
