<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Show\Units;
use OldEddy\Contract\FieldTable;
use OldEddy\Day\Conditions\Settled;

/**
 * Where the hand takes hold of the picture: for each handle the field it says, its value as shown, and how the value lies in the
 * picture: where zero would be and how far one unit reaches, in shares of the picture's height.
 */
final readonly class Handles
{
    /** The season's scale goes from here to there, °F. */
    public const COLDEST_F = 33.0;

    public const WARMEST_F = 95.0;

    /** How a handle steps, US and metric, and how far a hand takes it, feet. */
    private const DOWN = [
        'water.visibility_ft' => [0.5, 0.1, 0.1, 40.0], 'spot.deep_ft' => [0.5, 0.25, 1.0, 150.0], 'spot.shallow_ft' => [0.5, 0.25, 0.0, 150.0],
        'water.level_ft' => [0.5, 0.1, -30.0, 30.0],
    ];

    /** The white lure hangs here, and the map's level is taken hold of there, as shares of the section. */
    private const LURE_AT = 0.2;

    private const LEVEL_AT = 0.985;

    /** @return array<string, array{zero: float, per: float, left: float, value: float, least: float, most: float, step: float, unit: string, words: string}> */
    public static function of(SliceDrawing $draw, Settled $day, Units $units): array
    {
        $scene = $draw->scene;
        [, [$deepAt, $deepFt], [$shallowAt, $shallowFt]] = $scene->bottom;
        $lies = [
            'water.visibility_ft' => [self::LURE_AT * $scene->lengthFt, $day->visibilityFt], 'spot.deep_ft' => [$deepAt, $day->spot->deepFt ?? $deepFt],
            'spot.shallow_ft' => [$shallowAt, $day->spot->shallowFt ?? $shallowFt], 'water.level_ft' => [self::LEVEL_AT * $scene->lengthFt, $day->levelFt ?? 0.0],
        ];
        $handles = [];
        foreach (self::DOWN as $path => [$step, $metricStep, $least, $most]) {
            [$at, $feet] = $lies[$path];
            $handles[$path] = [
                'zero' => round(100 * $draw->line / $draw->height, 3),
                'per' => round(100 * $draw->downPerFt() * $units->take('depth', 1.0) / $draw->height, 4),
                'left' => round(100 * $draw->x($at) / $draw->width, 2),
                'value' => $units->show('depth', $feet), 'least' => $units->show('depth', $least), 'most' => $units->show('depth', $most),
                'step' => $units->metric ? $metricStep : $step, 'unit' => $units->word('depth'), 'words' => FieldTable::one('day', $path)->words,
            ];
        }
        [$cold, $warm] = [$units->show('temp', self::COLDEST_F), $units->show('temp', self::WARMEST_F)];

        return $handles + ['water.temp_f' => [
            'zero' => round(100 * $warm / ($warm - $cold), 3), 'per' => round(-100 / ($warm - $cold), 4), 'left' => 50.0, 'value' => $units->show('temp', $day->tempF),
            'least' => $cold, 'most' => $warm, 'step' => $units->metric ? 0.5 : 1.0, 'unit' => $units->word('temp'),
            'words' => FieldTable::one('day', 'water.temp_f')->words,
        ]];
    }
}
