<?php

declare(strict_types=1);

namespace App\Day;

use OldEddy\Contract\FieldKind;
use OldEddy\Contract\FieldTable;

/** The conditions form: every field, in the order in which an angler takes the water in. Keys, words, limits and options are the core's. */
final class FieldSheet
{
    private const COMPASS = ['0' => 'N', '45' => 'NE', '90' => 'E', '135' => 'SE', '180' => 'S', '225' => 'SW', '270' => 'W', '315' => 'NW'];

    private const YES_NO = ['1' => 'yes', '0' => 'no'];

    /** Labels shorter than the key, where a row of them is long. */
    private const SHORT = ['approaching' => 'coming', 'post_1' => '1st day after', 'post_2' => '2nd day after'];

    /** Choices that open, since they are many. */
    private const LISTS = ['species', 'spot.structure', 'stage'];

    private const REQUIRED = ['species', 'date'];

    /** These stand with the picture, not in a group. */
    public const AT_THE_PICTURE = ['weather.sky', 'spot.cover'];

    /** What the program asks for, in the order's own words. */
    private const QUESTIONS = [
        'water.temp_f' => 'How warm is the water?', 'water.visibility_ft' => 'How clear is the water?', 'water.normal_visibility_ft' => 'And how is it usually?',
        'water.level_change_ft_per_week' => 'Is the water rising or falling?', 'water.current' => 'Does the water run?', 'weather.sky' => 'What is the sky like?',
        'weather.wind_mph' => 'How hard does it blow?', 'weather.front' => 'Is a front about?', 'pressure' => 'Is it fished hard?',
        'forage' => 'What do they feed on?', 'spot' => 'What do you stand in front of?',
    ];

    /** @var array<string, list<string>> the fields by heading */
    private const GROUPS = [
        'The day' => ['species', 'date', 'time', 'waterbody'],
        'The water' => [
            'water.temp_f', 'water.temp_trend_f_per_day', 'water.visibility_ft', 'water.normal_visibility_ft', 'water.level_change_ft_per_week',
            'water.level_ft', 'water.pool_ft', 'water.pool_reference_ft',
            'water.current', 'water.inflow.running', 'water.inflow.relative_temp', 'water.inflow.muddy', 'water.days_since_storm',
        ],
        'The sky' => ['weather.sky', 'weather.wind_mph', 'weather.wind_from_deg', 'weather.front'],
        'The spot' => [
            'spot.structure', 'spot.cover', 'spot.bottom', 'spot.shallow_ft', 'spot.deep_ft', 'spot.depth_nearby_ft', 'spot.shaded', 'spot.shade_width_ft',
            'spot.cast_bearing_deg', 'spot.dock.kind', 'spot.dock.part', 'spot.dock.depth_ft',
        ],
        'Seen today' => [
            'forage', 'seen_prey.0.prey', 'seen_prey.0.color', 'observed', 'sounder.fish_ft', 'sounder.bait_ft', 'sounder.bottom', 'sounder.thermocline_ft',
            'pressure', 'stage', 'mode', 'platform', 'rods',
        ],
        'The place' => ['lat', 'lon'],
    ];

    /** @var array<string, array{float|int, float|int, int}> step, metric step, where stepping begins while nothing is said */
    private const STEPS = [
        'water.temp_f' => [1, 0.5, 60], 'water.temp_trend_f_per_day' => [0.2, 0.1, 0], 'water.visibility_ft' => [0.5, 0.1, 4],
        'water.normal_visibility_ft' => [0.5, 0.1, 4],
        'water.level_change_ft_per_week' => [0.5, 0.1, 0], 'water.level_ft' => [0.5, 0.1, 0], 'water.pool_ft' => [0.1, 0.05, 640],
        'water.pool_reference_ft' => [0.1, 0.05, 640], 'water.days_since_storm' => [1, 1, 0],
        'weather.wind_mph' => [1, 2, 5], 'sounder.fish_ft' => [1, 0.5, 14], 'sounder.bait_ft' => [1, 0.5, 14], 'sounder.thermocline_ft' => [1, 0.5, 22],
        'spot.shallow_ft' => [1, 0.25, 2], 'spot.deep_ft' => [1, 0.25, 8], 'spot.depth_nearby_ft' => [1, 0.5, 15], 'spot.shade_width_ft' => [1, 0.5, 8],
        'spot.dock.depth_ft' => [1, 0.25, 5], 'rods' => [1, 1, 5], 'lat' => [0.5, 0.5, 37], 'lon' => [0.5, 0.5, -80],
    ];

    /** @var array<string, Control>|null */
    private static ?array $byPath = null;

    /** @var array<string, list<Control>>|null */
    private static ?array $groups = null;

    /** @return array<string, list<Control>> by heading */
    public static function groups(): array
    {
        return self::$groups ??= array_map(static fn (array $paths): array => array_map(self::control(...), $paths), self::GROUPS);
    }

    /** The field with this path, or null. */
    public static function field(string $path): ?Control
    {
        return self::byPath()[$path] ?? null;
    }

    /** @return array<string, Control> every field by its path */
    public static function byPath(): array
    {
        return self::$byPath ??= array_column(array_merge(...array_values(self::groups())), null, 'path');
    }

    /** Where on the page of the day a path is said: its own control, or the first of its group. */
    public static function anchor(string $path): string
    {
        return (self::field($path) ?? self::field("{$path}.structure"))?->id() ?? 'reading';
    }

    /** The question for an unknown. */
    public static function question(string $path): string
    {
        return self::QUESTIONS[$path];
    }

    /** What a path is called on the page. */
    public static function name(string $path): string
    {
        return self::field($path)->label ?? ucfirst(str_replace(['.', '_'], ' ', $path));
    }

    private static function control(string $path): Control
    {
        $field = FieldTable::one('day', $path);
        $required = in_array($path, self::REQUIRED, true);
        if (str_ends_with($path, '_deg')) {
            return new Control($field, 'choice', self::COMPASS);
        }

        return match ($field->kind) {
            FieldKind::Number, FieldKind::Whole => new Control($field, 'stepper', [], ...self::STEPS[$path]),
            FieldKind::YesNo => new Control($field, 'switch', self::YES_NO),
            FieldKind::One => new Control($field, in_array($path, self::LISTS, true) ? 'select' : 'choice', self::labels($field->options), required: $required),
            FieldKind::Some => new Control($field, 'choices', self::labels($field->options)),
            default => new Control($field, $field->kind->value, required: $required),
        };
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, string>
     */
    private static function labels(array $keys): array
    {
        return array_combine($keys, array_map(static fn (string $key): string => self::SHORT[$key] ?? str_replace('_', ' ', $key), $keys));
    }
}
