<?php

declare(strict_types=1);

namespace OldEddy\Contract;

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
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Inflow;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Platform;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\PressureReading;
use OldEddy\Day\Conditions\RelativeTemp;
use OldEddy\Day\Conditions\Section;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;

/** Turns decoded JSON into Conditions, or says by field what is wrong. Ranges are our own: what water can be. */
final class ConditionsReader
{
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
            'lat' => $in->number('lat', -90, 90, 'degrees'),
            'lon' => $in->number('lon', -180, 180, 'degrees'),
            'waterbody' => $in->oneOf('waterbody', Waterbody::class),
            'stage' => $stage,
            ...self::waterOf($water),
            'levelChangeFtPerWeek' => $water->number('level_change_ft_per_week', -60, 60, 'ft a week'),
            'levelFt' => $water->number('level_ft', -200, 200, 'ft'),
            'current' => $water->oneOf('current', Current::class),
            'inflow' => self::inflow($water),
            'daysSinceStorm' => $water->number('days_since_storm', 0, 60, 'days'),
            'sky' => $weather->oneOf('sky', Sky::class),
            'windMph' => $weather->number('wind_mph', 0, 120, 'mph'),
            'windFromDeg' => $weather->number('wind_from_deg', 0, 360, 'degrees'),
            'front' => $weather->oneOf('front', Front::class),
            'pressureSeries' => self::pressureSeries($weather),
            'spot' => self::spot($in),
            'forage' => $in->someOf('forage', Forage::class),
            'observed' => $in->someOf('observed', Observed::class),
            'pressure' => $in->oneOf('pressure', Pressure::class),
            'mode' => $in->oneOf('mode', Mode::class),
            'platform' => $in->oneOf('platform', Platform::class),
            'rods' => $in->integer('rods', 1, 12),
            'owned' => self::owned($in),
            'schools' => self::schools($in),
            'sections' => self::sections($in),
        ];
        $water->refuseOthers();
        $weather->refuseOthers();
        $in->finish();
        assert($species instanceof Species);

        return new Conditions($species, ...$made);
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
        $name = $in->text('timezone', 64);
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
            'tempF' => $water->number('temp_f', 30, 104, '°F'),
            'tempTrendFPerDay' => $water->number('temp_trend_f_per_day', -15, 15, '°F a day'),
            'visibilityFt' => $water->number('visibility_ft', 0, 130, 'ft'),
            'normalVisibilityFt' => $water->number('normal_visibility_ft', 0.1, 130, 'ft'),
        ];
    }

    /** @return list<Section> */
    private static function sections(Fields $in): array
    {
        $sections = [];
        foreach ($in->objects('sections', 12) as $one) {
            $name = $one->text('name', 60);
            if ($name === null || trim($name) === '') {
                $one->problem('name', 'is required.');
            }
            $sections[] = new Section((string) $name, ...self::waterOf($one));
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
            $spot->number('depth_nearby_ft', 0, 1000, 'ft'),
            self::dock($spot),
            $spot->boolean('shaded'),
            $spot->number('shade_width_ft', 0, 500, 'ft'),
            $spot->number('cast_bearing_deg', 0, 360, 'degrees'),
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
        if ($pair[0] < 0 || $pair[1] > 1000 || $pair[0] > $pair[1]) {
            $spot->problem('depth_ft', 'must run from the shallower to the deeper depth, between 0 and 1000 ft.');

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
            $dock->number('depth_ft', 0.1, 200, 'ft'),
        );
        $dock->refuseOthers();

        return $made;
    }

    /** @return ?list<string> */
    private static function owned(Fields $in): ?array
    {
        $owned = $in->take('owned');
        if ($owned === null) {
            return null;
        }
        if (! is_array($owned) || ! array_is_list($owned)) {
            $in->problem('owned', 'must be a list of lure families, or null for all.');

            return null;
        }
        if ($owned === []) {
            $in->problem('owned', 'must name at least one lure family; leave it null for all.');

            return null;
        }
        $known = [];
        foreach ($owned as $i => $key) {
            if (is_string($key) && Catalog::has($key)) {
                $known[$key] = $key;
            } else {
                $in->problem("owned.{$i}", 'must be a lure family of the catalog.');
            }
        }

        return array_values($known);
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
