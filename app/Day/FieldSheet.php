<?php

declare(strict_types=1);

namespace App\Day;

use BackedEnum;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\DockPart;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Platform;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\RelativeTemp;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;

/** The conditions form: every field, in the order in which an angler takes the water in. Keys and options are the core's. */
final class FieldSheet
{
    private const COMPASS = ['0' => 'N', '45' => 'NE', '90' => 'E', '135' => 'SE', '180' => 'S', '225' => 'SW', '270' => 'W', '315' => 'NW'];

    private const YES_NO = ['1' => 'yes', '0' => 'no'];

    /** @var array<string, list<Field>>|null */
    private static ?array $groups = null;

    /** @return array<string, list<Field>> by heading */
    public static function groups(): array
    {
        return self::$groups ??= [
            'The day' => [
                new Field('species', 'Fish', 'select', self::options(Species::class), required: true),
                new Field('date', 'Date', 'date', required: true),
                new Field('time', 'Time', 'time'),
                new Field('waterbody', 'Water', 'choice', self::options(Waterbody::class)),
            ],
            'The water' => [
                new Field('water.temp_f', 'Surface temperature', 'stepper', quantity: 'temp', step: 1, metricStep: 0.5, start: 60),
                new Field('water.temp_trend_f_per_day', 'Trend a day', 'stepper', quantity: 'temp_change', step: 0.2, metricStep: 0.1),
                new Field('water.visibility_ft', 'Visibility today', 'stepper', quantity: 'depth', step: 0.5, metricStep: 0.1, start: 4),
                new Field('water.normal_visibility_ft', 'Usual visibility here', 'stepper', quantity: 'depth', step: 0.5, metricStep: 0.1, start: 4),
                new Field('water.level_change_ft_per_week', 'Level in a week', 'stepper', quantity: 'depth', step: 0.5, metricStep: 0.1),
                new Field('water.level_ft', 'Level against the map', 'stepper', quantity: 'depth', step: 0.5, metricStep: 0.1, start: 0),
                new Field('water.current', 'Current', 'choice', self::options(Current::class)),
                new Field('water.inflow.running', 'Creek running in', 'switch', self::YES_NO),
                new Field('water.inflow.relative_temp', 'Inflow is', 'choice', self::options(RelativeTemp::class)),
                new Field('water.inflow.muddy', 'Inflow muddy', 'switch', self::YES_NO),
                new Field('water.days_since_storm', 'Days since the storm', 'stepper', step: 1),
            ],
            'The sky' => [
                new Field('weather.sky', 'Sky', 'choice', self::options(Sky::class)),
                new Field('weather.wind_mph', 'Wind', 'stepper', quantity: 'speed', step: 1, metricStep: 2, start: 5),
                new Field('weather.wind_from_deg', 'Wind from', 'choice', self::COMPASS),
                new Field('weather.front', 'Front', 'choice', [
                    'stable' => 'stable', 'approaching' => 'coming', 'passing' => 'passing',
                    'post_1' => '1st day after', 'post_2' => '2nd day after', 'recovering' => 'recovering',
                ]),
            ],
            'The spot' => [
                new Field('spot.structure', 'Structure', 'select', self::options(Structure::class)),
                new Field('spot.cover', 'Cover', 'choices', self::options(Cover::class)),
                new Field('spot.bottom', 'Bottom', 'choice', self::options(Bottom::class)),
                new Field('spot.shallow_ft', 'Shallowest', 'stepper', quantity: 'depth', step: 1, metricStep: 0.25, start: 2),
                new Field('spot.deep_ft', 'Deepest', 'stepper', quantity: 'depth', step: 1, metricStep: 0.25, start: 8),
                new Field('spot.depth_nearby_ft', 'Deepest close by', 'stepper', quantity: 'depth', step: 1, metricStep: 0.5, start: 15),
                new Field('spot.shaded', 'In the shade', 'switch', self::YES_NO),
                new Field('spot.shade_width_ft', 'Shade width', 'stepper', quantity: 'depth', step: 1, metricStep: 0.5, start: 8),
                new Field('spot.cast_bearing_deg', 'Casting toward', 'choice', self::COMPASS),
                new Field('spot.dock.kind', 'Dock', 'choice', self::options(DockKind::class)),
                new Field('spot.dock.part', 'Dock part', 'choice', self::options(DockPart::class)),
                new Field('spot.dock.depth_ft', 'Depth at the dock', 'stepper', quantity: 'depth', step: 1, metricStep: 0.25, start: 5),
            ],
            'Seen today' => [
                new Field('forage', 'Forage', 'choices', self::options(Forage::class)),
                new Field('observed', 'Signs', 'choices', self::options(Observed::class)),
                new Field('pressure', 'Fishing pressure', 'choice', self::options(Pressure::class)),
                new Field('stage', 'Stage, if you know better', 'select', self::options(Stage::class)),
                new Field('platform', 'From', 'choice', self::options(Platform::class)),
                new Field('rods', 'Rods to rig', 'stepper', step: 1, start: 5),
            ],
            'The box' => [
                new Field('owned', 'Lures you have; none marked means all', 'choices', array_map(fn (LureFamily $lure): string => $lure->name(), Catalog::all())),
            ],
            'The place' => [
                new Field('lat', 'Degrees north', 'stepper', step: 0.5, metricStep: 0.5, start: 37),
                new Field('lon', 'Degrees east', 'stepper', step: 0.5, metricStep: 0.5, start: -80),
            ],
        ];
    }

    /** The field with this path, or null. */
    public static function field(string $path): ?Field
    {
        foreach (self::groups() as $fields) {
            foreach ($fields as $field) {
                if ($field->path === $path) {
                    return $field;
                }
            }
        }

        return null;
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     * @return array<string, string>
     */
    private static function options(string $enum): array
    {
        $options = [];
        foreach ($enum::cases() as $case) {
            $options[(string) $case->value] = str_replace('_', ' ', (string) $case->value);
        }

        return $options;
    }
}
