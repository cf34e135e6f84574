<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Ramp;
use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\Spawning;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\YearDirection;
use OldEddy\Day\Sun\SunDay;
use OldEddy\Day\Water\Clarity;
use OldEddy\Day\Water\ClarityShift;

/**
 * The conditions of the day with nothing left open: said, computed or assumed, the assumptions named. Units as in
 * Conditions; the sun in degrees, the day of the year in northern reckoning (1 to 366).
 */
final readonly class Settled
{
    private const STORM_SHOWS_DAYS = 5;

    /** From here it counts as windy. */
    public const WINDY_MPH = 8;

    /** Under so much a day, and a week, nobody calls it a change. Basis: own choice. */
    private const STEADY_F_PER_DAY = 0.05;

    private const STEADY_FT_PER_WEEK = 0.1;

    public const MOVES_FISH_FT_PER_WEEK = 0.5;

    public Clarity $clarity;

    public ClarityShift $clarityShift;

    /**
     * @param  ?Spawning  $spawning  what the calendar allows; null without a date
     * @param  list<Forage>  $forage
     * @param  list<Observed>  $observed
     * @param  ?list<string>  $owned
     * @param  array<string, list<Owned>>  $box  by family
     * @param  list<Assumption>  $assumed
     * @param  list<OwnSuccess>  $ownSuccess
     * @param  list<EarlierReading>  $visibilityHistory
     * @param  list<EarlierReading>  $dayTemps
     * @param  list<WindDay>  $windDays
     * @param  list<Prey>  $seenPrey
     */
    public function __construct(
        public Species $species,
        public ?Stage $stageGiven,
        public int $northernDay,
        public YearDirection $direction,
        public int $minuteOfDay,
        public ?SunDay $sunDay,
        public ?float $sunElevationDeg,
        public ?float $sunAzimuthDeg,
        public bool $lowLight,
        public Waterbody $waterbody,
        public float $tempF,
        public float $tempTrendFPerDay,
        public float $visibilityFt,
        public float $normalVisibilityFt,
        public float $levelChangeFtPerWeek,
        public ?float $levelFt,
        public Current $current,
        public Inflow $inflow,
        public ?float $daysSinceStorm,
        public Sky $sky,
        public float $windMph,
        public ?float $windFromDeg,
        public Front $front,
        public Spot $spot,
        public array $forage,
        public array $observed,
        public Pressure $pressure,
        public Mode $mode,
        public Platform $platform,
        public int $rods,
        public ?array $owned,
        public Schools $schools,
        public array $assumed,
        public ?Spawning $spawning = null,
        public array $ownSuccess = [],
        public array $visibilityHistory = [],
        public array $dayTemps = [],
        public array $box = [],
        public array $windDays = [],
        public Marks $marks = new Marks,
        public array $seenPrey = [],
    ) {
        $this->clarity = Clarity::fromVisibility($visibilityFt);
        $this->clarityShift = ClarityShift::between($visibilityFt, $normalVisibilityFt);
    }

    /**
     * The same day with some of its conditions changed.
     *
     * @param  array<string, mixed>  $changes  by the constructor's names
     */
    public function with(array $changes): self
    {
        $same = get_object_vars($this);
        unset($same['clarity'], $same['clarityShift']);

        return new self(...[...$same, ...$changes]);
    }

    /**
     * This day at another minute (0 to 1439): its sun stands where it stands then, and the light is low or not.
     *
     * @param  array<string, mixed>  $changes  what else is other then, by name of the property
     */
    public function atMinute(int $minute, array $changes = []): self
    {
        $sun = $this->sunDay?->at($minute);

        return $this->with([
            'minuteOfDay' => $minute, 'sunElevationDeg' => $sun?->elevationDeg, 'sunAzimuthDeg' => $sun?->azimuthDeg,
            'lowLight' => $sun !== null && $sun->isLow(), ...$changes,
        ]);
    }

    /** Feet by which today's level is above (plus) the one that the lake's depths are for; 0 where nobody said (W12). */
    public function riseFt(): float
    {
        return $this->levelFt ?? 0.0;
    }

    /** Whether the water neither warms nor cools. */
    public function isTempSteady(): bool
    {
        return abs($this->tempTrendFPerDay) < self::STEADY_F_PER_DAY;
    }

    /** Whether it neither rises nor falls. */
    public function isLevelSteady(): bool
    {
        return abs($this->levelChangeFtPerWeek) < self::STEADY_FT_PER_WEEK;
    }

    /** Whether it rises so fast that fish move with it (rule W12; cut point our own). */
    public function isRising(): bool
    {
        return $this->levelChangeFtPerWeek >= self::MOVES_FISH_FT_PER_WEEK;
    }

    /** Whether it falls so fast. */
    public function isFalling(): bool
    {
        return $this->levelChangeFtPerWeek <= -self::MOVES_FISH_FT_PER_WEEK;
    }

    /** Its temperature after so many days (0 or more) that go on as these do, °F. */
    public function tempIn(int $days): float
    {
        return $this->tempF + $days * $this->tempTrendFPerDay;
    }

    /** Whether this field (its path in the contract) was assumed rather than said. */
    public function assumes(string $path): bool
    {
        foreach ($this->assumed as $assumption) {
            if ($assumption->path === $path) {
                return true;
            }
        }

        return false;
    }

    /** Whether the fish eat one of these today. */
    public function eats(Forage ...$forage): bool
    {
        foreach ($forage as $one) {
            if (in_array($one, $this->forage, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether somebody said what they eat, and it is no crawfish: then nothing speaks of one (rule C16). */
    public function eatsNoCrawfish(): bool
    {
        return $this->forage !== [] && ! $this->eats(Forage::Crawfish);
    }

    /** Whether the angler saw this. */
    public function saw(Observed $observed): bool
    {
        return in_array($observed, $this->observed, true);
    }

    /** Whether the bait is goby or minnow alone, where minnow shapes rule (school spring_worms). */
    public function eatsOnlyMinnowShapes(): bool
    {
        return $this->forage !== [] && array_udiff(
            $this->forage,
            [Forage::Goby, Forage::Minnow],
            static fn (Forage $a, Forage $b): int => $a->value <=> $b->value,
        ) === [];
    }

    /** Whether a storm of the last days still shows in the water (rule W5; five days our own). */
    public function isMuddiedByStorm(): bool
    {
        return $this->daysSinceStorm !== null && $this->daysSinceStorm <= self::STORM_SHOWS_DAYS
            && in_array($this->clarityShift, [ClarityShift::Down, ClarityShift::SharplyDown], true);
    }

    /** How much it is night, 0 to 1: from the sun 4° under the horizon to 8° under it (rule W26, ramp our own). */
    public function night(): float
    {
        return $this->sunElevationDeg === null ? 0.0 : Ramp::down($this->sunElevationDeg, -8.0, -4.0);
    }

    /** Whether it is night: the sun more than 6° under (rule W26). */
    public function isNight(): bool
    {
        return $this->night() > 0.5;
    }

    /** Whether the surface is calm enough to ask for slower lures: under 4 mph (rule W17; cut point our own). */
    public function isCalm(): bool
    {
        return $this->windMph < 4;
    }

    /** Whether there is wind or chop: 8 mph or more (rule W17; cut point our own). */
    public function isWindy(): bool
    {
        return $this->windMph >= self::WINDY_MPH;
    }

    /** Wind, clouds and murk together: under 4 ft of visibility (rule W17; cut point our own). */
    public function isWindAndMurk(): bool
    {
        return $this->isWindy() && $this->sky->isCovered() && $this->visibilityFt < 4;
    }
}
