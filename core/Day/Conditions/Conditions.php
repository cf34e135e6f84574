<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;

/** What the angler said of the day, as said: everything but the species may be unknown (null). */
final readonly class Conditions
{
    /**
     * @param  ?string  $date  calendar date, YYYY-MM-DD
     * @param  ?int  $minuteOfDay  0 to 1439, local time
     * @param  ?string  $timezone  a name of the time zone database
     * @param  ?float  $lat  degrees north, −90 to 90
     * @param  ?float  $lon  degrees east, −180 to 180
     * @param  ?float  $tempF  surface temperature, °F
     * @param  ?float  $tempTrendFPerDay  °F a day, warming positive
     * @param  ?float  $visibilityFt  how deep a white lure stays visible, feet
     * @param  ?float  $normalVisibilityFt  the same on a usual day of this water, feet
     * @param  ?float  $levelChangeFtPerWeek  feet a week, rising positive
     * @param  ?float  $levelFt  feet of today's level above (plus) or below the level that the lake's depths are for
     * @param  ?float  $daysSinceStorm  days since the last storm that muddied the creeks
     * @param  ?float  $windMph  statute miles an hour
     * @param  ?float  $windFromDeg  where the wind comes from, degrees clockwise from north
     * @param  list<PressureReading>  $pressureSeries
     * @param  list<Forage>  $forage
     * @param  list<Observed>  $observed
     * @param  ?int  $rods  rods to rig, 1 to 12
     * @param  ?list<string>  $owned  lure families in the box; null for all
     * @param  array<string, list<Owned>>  $box  what is known of the lures in it, by family
     * @param  list<OwnSuccess>  $ownSuccess  what one's own days gave, by lure (M24)
     * @param  bool  $byHour  whether the plan is asked for hour by hour
     * @param  list<EarlierReading>  $visibilityHistory  feet, of the days before (W21)
     * @param  list<EarlierReading>  $dayTemps  °F, of the days before (W25)
     * @param  list<ForecastHour>  $forecast  of the day (W24)
     * @param  list<Section>  $sections  parts of the lake with water of their own
     * @param  list<WindDay>  $windDays  the wind of the days before
     * @param  ?float  $poolFt  feet as the gauge of the pool says them today (W22)
     * @param  ?float  $poolReferenceFt  the same at the level that the lake's depths are for
     * @param  list<Prey>  $seenPrey  what they eat, as it was seen today (C16)
     */
    public function __construct(
        public Species $species,
        public ?string $date = null,
        public ?int $minuteOfDay = null,
        public ?string $timezone = null,
        public ?float $lat = null,
        public ?float $lon = null,
        public ?Waterbody $waterbody = null,
        public ?Stage $stage = null,
        public ?float $tempF = null,
        public ?float $tempTrendFPerDay = null,
        public ?float $visibilityFt = null,
        public ?float $normalVisibilityFt = null,
        public ?float $levelChangeFtPerWeek = null,
        public ?float $levelFt = null,
        public ?Current $current = null,
        public ?Inflow $inflow = null,
        public ?float $daysSinceStorm = null,
        public ?Sky $sky = null,
        public ?float $windMph = null,
        public ?float $windFromDeg = null,
        public ?Front $front = null,
        public array $pressureSeries = [],
        public ?Spot $spot = null,
        public array $forage = [],
        public array $observed = [],
        public ?Pressure $pressure = null,
        public ?Mode $mode = null,
        public ?Platform $platform = null,
        public ?int $rods = null,
        public ?array $owned = null,
        public array $box = [],
        public Schools $schools = new Schools,
        public array $sections = [],
        public array $ownSuccess = [],
        public bool $byHour = false,
        public array $forecast = [],
        public array $visibilityHistory = [],
        public array $dayTemps = [],
        public ?float $poolFt = null,
        public ?float $poolReferenceFt = null,
        public array $windDays = [],
        public Marks $marks = new Marks,
        public array $seenPrey = [],
    ) {
    }

    /** The same water and weather on another date (YYYY-MM-DD). */
    public function onDate(string $date): self
    {
        return $this->with(['date' => $date]);
    }

    /** The same day at another spot. */
    public function at(Spot $spot): self
    {
        return $this->with(['spot' => $spot]);
    }

    /** The same day in a section of the lake, by its name: what is known of its water goes before what is known of the lake's (rule W10). */
    public function inSection(string $name): self
    {
        foreach ($this->sections as $section) {
            if ($section->name === $name) {
                return $this->with([...$section->own(), 'sections' => []]);
            }
        }

        return $this;
    }

    /** The same day where its spot lies. */
    public function atItsSpot(): self
    {
        return $this->spot?->section === null ? $this : $this->inSection($this->spot->section);
    }

    /** The same day on the lake as a whole, wherever its spot lies. */
    public function overall(): self
    {
        return $this->spot?->section === null ? $this : $this->at($this->spot->with(['section' => null]));
    }

    /** @param  array<string, mixed>  $changes  by the names of the fields */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
