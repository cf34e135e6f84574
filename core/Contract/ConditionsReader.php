<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use DateTimeImmutable;
use DateTimeZone;
use OldEddy\Basics\Problem\Fields;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Conditions;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\DockPart;
use OldEddy\Day\Conditions\EarlierReading;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\ForecastHour;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Inflow;
use OldEddy\Day\Conditions\Marks;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\OwnSuccess;
use OldEddy\Day\Conditions\Platform;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\PressureReading;
use OldEddy\Day\Conditions\Prey;
use OldEddy\Day\Conditions\PreyColor;
use OldEddy\Day\Conditions\RelativeTemp;
use OldEddy\Day\Conditions\Section;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\SoundedBottom;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Conditions\WindDay;
use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\PoolLevel;

/** Turns decoded JSON into Conditions, or says by field what is wrong. Ranges are our own: what water can be. */
final class ConditionsReader
{
    private const MOST_EARLIER = 60;

    private const LONGEST_NAME = 60;

    private const MOST_OWN_CASTS = 1_000_000;

    /**
     * @param  array<array-key, mixed>  $values  as in the contract of the plan
     *
     * @throws InvalidInput with every problem found
     */
    public static function read(array $values): Conditions
    {
        $in = Fields::of($values);
        $species = $in->oneOf('species', Species::class);
        if ($species === null && $in->take('species') === null) {
            $in->problem('species', 'is required.');
        }
        $stage = $in->oneOf('stage', Stage::class);
        $date = self::date($in);
        if (($values['date'] ?? null) === null && ($values['stage'] ?? null) === null) {
            $in->problem('date', 'is required unless a stage is given.');
        }
        $water = $in->object('water') ?? Fields::of([]);
        $weather = $in->object('weather') ?? Fields::of([]);
        $made = [
            'date' => $date,
            'minuteOfDay' => self::time($in),
            'timezone' => self::timezone($in),
            'lat' => self::number($in, 'lat'),
            'lon' => self::number($in, 'lon'),
            'waterbody' => $in->oneOf('waterbody', Waterbody::class),
            'stage' => $stage,
            ...self::waterOf($water),
            'levelChangeFtPerWeek' => self::number($water, 'water.level_change_ft_per_week'),
            'levelFt' => self::number($water, 'water.level_ft'),
            ...self::pool($water),
            'current' => $water->oneOf('current', Current::class),
            'inflow' => self::inflow($water),
            'daysSinceStorm' => self::number($water, 'water.days_since_storm'),
            'sky' => $weather->oneOf('sky', Sky::class),
            'windMph' => self::number($weather, 'weather.wind_mph'),
            'windFromDeg' => self::number($weather, 'weather.wind_from_deg'),
            'front' => $weather->oneOf('front', Front::class),
            'pressureSeries' => self::pressureSeries($weather),
            'spot' => self::spot($in),
            'forage' => $in->someOf('forage', Forage::class),
            'observed' => $in->someOf('observed', Observed::class),
            'pressure' => $in->oneOf('pressure', Pressure::class),
            'mode' => $in->oneOf('mode', Mode::class),
            'platform' => $in->oneOf('platform', Platform::class),
            'rods' => self::whole($in, 'rods'),
            ...BoxReader::read($in),
            'schools' => self::schools($in),
            'sections' => self::sections($in),
            'ownSuccess' => self::ownSuccess($in),
            'byHour' => $in->boolean('hours') ?? false,
            'forecast' => self::forecast($in),
            'visibilityHistory' => self::earlier($in, 'visibility_history', 'water.visibility_ft', $date),
            'dayTemps' => self::earlier($in, 'day_temps', 'water.temp_f', $date),
            'windDays' => self::windDays($in, $date),
            'marks' => self::marks($in),
            'seenPrey' => self::seenPrey($in),
        ];
        $water->refuseOthers();
        $weather->refuseOthers();
        $in->finish();
        assert($species instanceof Species);

        return new Conditions($species, ...$made);
    }

    /** A number of the day within its limits, or null with the problem noted. */
    private static function number(Fields $in, string $path): ?float
    {
        $field = FieldTable::one('day', $path);

        return $in->number($field->key(), $field->least, $field->most, $field->unit);
    }

    private static function whole(Fields $in, string $path): ?int
    {
        $field = FieldTable::one('day', $path);

        return $in->integer($field->key(), (int) $field->least, (int) $field->most);
    }

    /** A calendar date, or null with the problem noted. */
    public static function date(Fields $in): ?string
    {
        $date = $in->text('date', 10);
        if ($date === null) {
            return null;
        }
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $date, $m) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1]) || (int) $m[1] < 1900) {
            $in->problem('date', "must be a day of the calendar, written YYYY-MM-DD; {$date} is none.");

            return null;
        }

        return $date;
    }

    private static function time(Fields $in): ?int
    {
        $time = $in->text('time', 8);
        if ($time === null) {
            return null;
        }
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)(?::[0-5]\d)?$/', $time, $m) !== 1) {
            $in->problem('time', 'must be a time of day, written HH:MM.');

            return null;
        }

        return (int) $m[1] * 60 + (int) $m[2];
    }

    /** The name of a time zone, or null with the problem noted. */
    public static function timezone(Fields $in): ?string
    {
        $name = $in->text('timezone', (int) FieldTable::one('day', 'timezone')->most);
        if ($name === null) {
            return null;
        }
        try {
            return (new DateTimeZone($name))->getName();
        } catch (\Exception|\ValueError) {
            $in->problem('timezone', 'must be the name of a time zone, such as America/New_York.');

            return null;
        }
    }

    /** @return array{tempF: ?float, tempTrendFPerDay: ?float, visibilityFt: ?float, normalVisibilityFt: ?float} */
    private static function waterOf(Fields $water): array
    {
        return [
            'tempF' => self::number($water, 'water.temp_f'),
            'tempTrendFPerDay' => self::number($water, 'water.temp_trend_f_per_day'),
            'visibilityFt' => self::number($water, 'water.visibility_ft'),
            'normalVisibilityFt' => self::number($water, 'water.normal_visibility_ft'),
        ];
    }

    /** @return array{poolFt: ?float, poolReferenceFt: ?float} */
    private static function pool(Fields $water): array
    {
        $pool = self::number($water, 'water.pool_ft');
        $reference = self::number($water, 'water.pool_reference_ft');
        $level = FieldTable::one('day', 'water.level_ft');
        $against = PoolLevel::ft(null, $pool, $reference);
        if ($against !== null && ($against < $level->least || $against > $level->most)) {
            $water->problem('pool_ft', "must lie within {$level->most} ft of pool_reference_ft.");
        }

        return ['poolFt' => $pool, 'poolReferenceFt' => $reference];
    }

    /** @return list<OwnSuccess> */
    private static function ownSuccess(Fields $in): array
    {
        $own = [];
        foreach ($in->objects('own_success', count(Catalog::keys())) as $one) {
            $lure = LureField::read($one);
            $casts = $one->integer('casts', 0, self::MOST_OWN_CASTS);
            $contacts = $one->number('contacts', 0, self::MOST_OWN_CASTS);
            if ($casts === null || $contacts === null) {
                $one->problem('', 'needs casts and contacts.');
            }
            $one->refuseOthers();
            $own[] = new OwnSuccess((string) $lure, $casts ?? 0, $contacts ?? 0.0);
        }

        return $own;
    }

    /** @return list<EarlierReading> what was measured on days before the day itself */
    private static function earlier(Fields $in, string $key, string $path, ?string $date): array
    {
        $readings = [];
        foreach ($in->objects($key, self::MOST_EARLIER) as $one) {
            $on = self::date($one);
            $value = self::number($one, $path);
            if ($on === null || $value === null) {
                $one->problem('', 'needs date and '.FieldTable::one('day', $path)->key().'.');
            }
            $one->refuseOthers();
            $days = $on === null || $date === null ? -1 : (int) (new DateTimeImmutable($on))->diff(new DateTimeImmutable($date))->format('%r%a');
            if ($days > 0 && $value !== null) {
                $readings[] = new EarlierReading((float) $days, $value);
            }
        }

        return $readings;
    }

    private static function marks(Fields $in): Marks
    {
        $sounder = $in->object('sounder') ?? Fields::of([]);
        $bottom = $sounder->oneOf('bottom', SoundedBottom::class);
        $marks = new Marks(
            self::number($sounder, 'sounder.fish_ft'), self::number($sounder, 'sounder.bait_ft'), $bottom?->isHard(),
            self::number($sounder, 'sounder.thermocline_ft'),
        );
        $sounder->refuseOthers();

        return $marks;
    }

    /** @return list<Prey> */
    private static function seenPrey(Fields $in): array
    {
        $seen = [];
        foreach ($in->objects('seen_prey', count(Forage::cases())) as $one) {
            $prey = $one->oneOf('prey', Forage::class);
            $color = $one->oneOf('color', PreyColor::class);
            if ($prey === null && $color !== null) {
                $one->problem('prey', 'is required: whose color is it?');
            }
            $one->refuseOthers();
            if ($prey !== null) {
                $seen[] = new Prey($prey, $color);
            }
        }

        return $seen;
    }

    /** @return list<WindDay> from before the day and of the day itself */
    private static function windDays(Fields $in, ?string $date): array
    {
        $days = [];
        foreach ($in->objects('wind_days', self::MOST_EARLIER) as $one) {
            $on = self::date($one);
            [$mph, $from] = [self::number($one, 'weather.wind_mph'), self::number($one, 'weather.wind_from_deg')];
            if ($on === null || $mph === null || $from === null) {
                $one->problem('', 'needs date, wind_mph and wind_from_deg.');
            }
            $one->refuseOthers();
            $ago = $on === null || $date === null ? -1 : (int) (new DateTimeImmutable($on))->diff(new DateTimeImmutable($date))->format('%r%a');
            if ($ago >= 0 && $mph !== null && $from !== null) {
                $days[] = new WindDay($ago, $mph, $from);
            }
        }

        return $days;
    }

    /** @return list<ForecastHour> */
    private static function forecast(Fields $in): array
    {
        $hours = [];
        foreach ($in->objects('forecast', 96) as $one) {
            $minute = self::time($one);
            if ($minute === null && ! $one->sent('time')) {
                $one->problem('time', 'is required, written HH:MM.');
            }
            $hours[] = new ForecastHour(
                $minute ?? 0, $one->oneOf('sky', Sky::class), self::number($one, 'weather.wind_mph'), self::number($one, 'weather.wind_from_deg'),
                $one->number('pressure_hpa', 850, 1100, 'hPa'),
            );
            $one->number('air_f', -60, 140, '°F');
            $one->refuseOthers();
        }

        return $hours;
    }

    /** @return list<Section> */
    private static function sections(Fields $in): array
    {
        $sections = [];
        foreach ($in->objects('sections', 12) as $one) {
            $name = $one->text('name', self::LONGEST_NAME);
            if ($name === null || trim($name) === '') {
                $one->problem('name', 'is required.');
            }
            $sections[] = new Section((string) $name, ...[...self::waterOf($one), 'stage' => $one->oneOf('stage', Stage::class)]);
            $one->refuseOthers();
        }

        return $sections;
    }

    private static function inflow(Fields $water): ?Inflow
    {
        $inflow = $water->object('inflow');
        if ($inflow === null) {
            return null;
        }
        $made = new Inflow(
            $inflow->boolean('running') ?? false,
            $inflow->oneOf('relative_temp', RelativeTemp::class) ?? RelativeTemp::Same,
            $inflow->boolean('muddy') ?? false,
        );
        $inflow->refuseOthers();

        return $made;
    }

    /** @return list<PressureReading> newest first */
    private static function pressureSeries(Fields $weather): array
    {
        $series = [];
        foreach ($weather->objects('pressure_series', 200) as $item) {
            $hours = $item->number('hours_ago', 0, 240, 'hours');
            $hpa = $item->number('hpa', 850, 1100, 'hPa');
            $item->refuseOthers();
            if ($hours === null || $hpa === null) {
                $item->problem('', 'needs hours_ago and hpa.');

                continue;
            }
            $series[] = new PressureReading($hours, $hpa);
        }
        usort($series, static fn (PressureReading $a, PressureReading $b): int => $a->hoursAgo <=> $b->hoursAgo);

        return $series;
    }

    private static function spot(Fields $in): ?Spot
    {
        $spot = $in->object('spot');
        if ($spot === null) {
            return null;
        }
        [$shallow, $deep] = self::depths($spot);
        $made = new Spot(
            $spot->oneOf('structure', Structure::class),
            $spot->someOf('cover', Cover::class),
            $spot->oneOf('bottom', Bottom::class),
            $shallow,
            $deep,
            self::number($spot, 'spot.depth_nearby_ft'),
            self::dock($spot),
            $spot->boolean('shaded'),
            self::number($spot, 'spot.shade_width_ft'),
            self::number($spot, 'spot.cast_bearing_deg'),
            section: $spot->text('section', self::LONGEST_NAME),
        );
        $spot->refuseOthers();

        return $made;
    }

    /** @return array{?float, ?float} */
    private static function depths(Fields $spot): array
    {
        $pair = $spot->take('depth_ft');
        if ($pair === null) {
            return [null, null];
        }
        $fine = is_array($pair) && array_is_list($pair) && count($pair) === 2
            && (is_int($pair[0]) || is_float($pair[0])) && (is_int($pair[1]) || is_float($pair[1]));
        if (! $fine) {
            $spot->problem('depth_ft', 'must be two numbers: shallowest and deepest, in feet.');

            return [null, null];
        }
        [$least, $most] = [FieldTable::one('day', 'spot.shallow_ft')->least, FieldTable::one('day', 'spot.deep_ft')->most];
        if ($pair[0] < $least || $pair[1] > $most || $pair[0] > $pair[1]) {
            $spot->problem('depth_ft', "must run from the shallower to the deeper depth, between {$least} and {$most} ft.");

            return [null, null];
        }

        return [(float) $pair[0], (float) $pair[1]];
    }

    private static function dock(Fields $spot): ?Dock
    {
        $dock = $spot->object('dock');
        if ($dock === null) {
            return null;
        }
        $made = new Dock(
            $dock->oneOf('kind', DockKind::class) ?? DockKind::Floating,
            $dock->oneOf('part', DockPart::class),
            self::number($dock, 'spot.dock.depth_ft'),
        );
        $dock->refuseOthers();

        return $made;
    }

    /** The chosen schools, or the defaults with the problems noted. */
    public static function schools(Fields $in): Schools
    {
        $schools = $in->object('schools');
        if ($schools === null) {
            return new Schools;
        }
        $chosen = [];
        foreach (Schools::CHOICES as $key => $choices) {
            $school = $schools->take($key);
            if ($school === null) {
                continue;
            }
            $school = is_scalar($school) ? (string) $school : '';
            if (in_array($school, $choices, true)) {
                $chosen[$key] = $school;
            } else {
                $schools->problem($key, 'must be one of: '.implode(', ', $choices).'.');
            }
        }
        $schools->refuseOthers();

        return new Schools($chosen);
    }
}
