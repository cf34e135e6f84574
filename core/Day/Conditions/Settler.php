<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use DateTimeImmutable;
use DateTimeZone;
use OldEddy\Basics\Said;
use OldEddy\Day\Season\Spawning;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\StageTable;
use OldEddy\Day\Season\YearDirection;
use OldEddy\Day\Sun\SunDay;
use OldEddy\Day\Water\PoolLevel;
use OldEddy\Day\Water\SeasonalWater;

/** Settles what was left open: computes what follows from the rest and names every assumption. Basis: our own choice. */
final class Settler
{
    /** Where nobody said where: the latitude of our own scenario. */
    private const ASSUMED_LAT = 37.0;

    private const ASSUMED_MINUTE = 540;

    private const ASSUMED_VISIBILITY_FT = 4.0;

    private const ASSUMED_WIND_MPH = 5.0;

    /** @var list<Assumption> */
    private array $assumed = [];

    private function __construct(private readonly Conditions $told)
    {
    }

    /** Everything settled, for the water at the day's spot. */
    public static function settle(Conditions $told): Settled
    {
        return (new self($told->atItsSpot()))->settled();
    }

    private function settled(): Settled
    {
        $told = $this->told;
        $lat = $told->lat ?? $this->assume('lat', self::ASSUMED_LAT, 'Place unknown: 37° north assumed for season and sun.');
        $northernDay = $this->northernDay($lat);
        $direction = YearDirection::on($northernDay, $told->tempTrendFPerDay);
        $minute = $told->minuteOfDay ?? $this->assume('time', self::ASSUMED_MINUTE, 'Time unknown: 9 in the morning assumed.');
        $sunDay = $this->sunDay($lat);
        $sun = $sunDay?->at($minute);
        $tempF = $told->tempF ?? $this->temperature($northernDay, $lat);
        [$visibility, $normal] = $this->visibilities();
        $forecast = Forecast::at($told->forecast, $minute);
        $front = $told->front ?? FrontFinder::find($told->pressureSeries) ?? $forecast->front
            ?? Front::from($this->assume('weather.front', 'stable', 'Front unknown: stable weather assumed.'));
        $spot = $told->spot;
        if ($spot === null) {
            $this->assume('spot', 'open', 'No spot named: the plan says which structures and depths to look for.');
        }

        return new Settled(
            species: $told->species,
            stageGiven: $told->stage,
            northernDay: $northernDay,
            direction: $direction,
            spawning: $told->date === null ? null : Spawning::of($told->species, $lat),
            minuteOfDay: $minute,
            sunDay: $sunDay,
            sunElevationDeg: $sun?->elevationDeg,
            sunAzimuthDeg: $sun?->azimuthDeg,
            lowLight: $sun !== null && $sun->isLow(),
            waterbody: $told->waterbody ?? Waterbody::from($this->assume('waterbody', 'reservoir', 'Kind of water unknown: a reservoir assumed.')),
            tempF: $tempF,
            tempTrendFPerDay: $told->tempTrendFPerDay ?? $this->assume('water.temp_trend_f_per_day', 0.0, 'Trend unknown: steady temperature assumed.'),
            visibilityFt: $visibility,
            normalVisibilityFt: $normal,
            levelChangeFtPerWeek: $told->levelChangeFtPerWeek ?? $this->assume('water.level_change_ft_per_week', 0.0, 'Level unknown: steady level assumed.'),
            levelFt: PoolLevel::ft($told->levelFt, $told->poolFt, $told->poolReferenceFt),
            current: $told->current ?? $this->current(),
            inflow: $told->inflow ?? $this->noInflow(),
            daysSinceStorm: $told->daysSinceStorm,
            sky: $told->sky ?? $forecast->sky ?? Sky::from($this->assume('weather.sky', 'partly', 'Sky unknown: partly cloudy assumed.')),
            windMph: $told->windMph ?? $forecast->windMph ?? $this->assume('weather.wind_mph', self::ASSUMED_WIND_MPH, Said::of('Wind unknown: {5 mph} assumed.')),
            windFromDeg: $told->windFromDeg ?? $forecast->windFromDeg,
            front: $front,
            spot: $this->bottomed($spot?->asItStands() ?? new Spot),
            forage: $this->forage(),
            observed: $told->observed,
            pressure: $told->pressure ?? Pressure::from($this->assume('pressure', 'normal', 'Fishing pressure unknown: normal assumed.')),
            mode: $told->mode ?? Mode::Cast,
            platform: $told->platform ?? Platform::Boat,
            rods: $told->rods ?? 5,
            owned: $told->owned,
            schools: $told->schools,
            assumed: $this->assumed,
            ownSuccess: $told->ownSuccess,
            visibilityHistory: $told->visibilityHistory,
            dayTemps: $told->dayTemps,
            box: $told->box,
            windDays: $told->windDays,
            marks: $told->marks,
            seenPrey: $told->seenPrey,
        );
    }

    /** @return list<Forage> what was said, and what was seen (C16) */
    private function forage(): array
    {
        $forage = $this->told->forage;
        foreach ($this->told->seenPrey as $prey) {
            if (! in_array($prey->forage, $forage, true)) {
                $forage[] = $prey->forage;
            }
        }

        return $forage;
    }

    /** The bottom as the sounder shows it, where nobody said more (F24). */
    private function bottomed(Spot $spot): Spot
    {
        $hard = $this->told->marks->hardBottom;

        return $hard === null || $spot->bottom !== null ? $spot : $spot->with(['bottom' => $hard ? Bottom::Hard : Bottom::Mud]);
    }

    /** The day of the year; southern dates are moved by half a year. Without a date the stage's own season stands in. */
    private function northernDay(float $lat): int
    {
        if ($this->told->date === null) {
            return StageTable::of($this->told->species)->usualDay($this->told->stage ?? Stage::Summer);
        }
        $day = (int) (new DateTimeImmutable($this->told->date))->format('z') + 1;

        return $lat < 0 ? ($day + 181) % 365 + 1 : $day;
    }

    private function sunDay(float $lat): ?SunDay
    {
        if ($this->told->date === null) {
            return null;
        }
        $lon = $this->told->lon;
        $zone = $this->told->timezone;
        if ($zone === null) {
            // Local mean time by the meridian, near enough for light and shade.
            $offset = (int) round(($lon ?? 0.0) / 15);
            $zone = sprintf('%s%02d:00', $offset < 0 ? '-' : '+', abs($offset));
            $this->assume('timezone', $zone, 'Time zone unknown: taken from the meridian.');
        }
        $zone = new DateTimeZone($zone);
        if ($lon === null) {
            // The zone's standard meridian.
            $lon = $zone->getOffset(new DateTimeImmutable($this->told->date.' 12:00 UTC')) / 240;
            $this->assume('lon', $lon, 'Longitude unknown: the middle of the time zone assumed.');
        }

        return new SunDay($this->told->date, $zone, $lat, $lon);
    }

    private function temperature(int $northernDay, float $lat): float
    {
        $stage = $this->told->stage;
        if ($stage !== null) {
            $temp = StageTable::of($this->told->species)->usualF($stage);

            return $this->assume('water.temp_f', $temp, Said::of('Temperature unknown: {%.0f °F} assumed, usual for %s.', $temp, $stage->words()));
        }
        $temp = SeasonalWater::temperatureF($northernDay, abs($lat));

        return $this->assume('water.temp_f', $temp, Said::of('Temperature unknown: {%.0f °F} assumed from date and latitude.', $temp));
    }

    /** @return array{float, float} today's and the normal visibility, feet */
    private function visibilities(): array
    {
        $today = $this->told->visibilityFt;
        $normal = $this->told->normalVisibilityFt;
        if ($today === null) {
            $today = $normal ?? self::ASSUMED_VISIBILITY_FT;
            $this->assume(
                'water.visibility_ft',
                $today,
                Said::of('Visibility unknown: {%.1f ft} assumed%s.', $today, $normal === null ? '' : ', as usual here'),
            );
        }
        if ($normal === null) {
            $normal = max(0.1, $today);
            $this->assume('water.normal_visibility_ft', $normal, 'Normal visibility unknown: today is taken as usual.');
        }

        return [$today, $normal];
    }

    private function current(): Current
    {
        $river = $this->told->waterbody === Waterbody::River;

        return Current::from(
            $this->assume(
                'water.current',
                $river ? 'slight' : 'none',
                $river ? 'Current unknown: slight assumed in a river.' : 'Current unknown: none assumed.',
            ),
        );
    }

    private function noInflow(): Inflow
    {
        $this->assume('water.inflow.running', false, 'Inflow unknown: none assumed.');

        return new Inflow;
    }

    /**
     * @template T of string|float|int|bool
     *
     * @param  T  $value
     * @return T
     */
    private function assume(string $path, string|float|int|bool $value, string|Said $text): string|float|int|bool
    {
        $this->assumed[] = new Assumption($path, $value, $text);

        return $value;
    }
}
