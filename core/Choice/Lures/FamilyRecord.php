<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Reading\Column;
use UnexpectedValueException;

/** Makes a family out of its record in families/. */
final class FamilyRecord
{
    /** How well a hook comes through a cover that the record does not name, by exposure. */
    private const COVER_BY_EXPOSURE = [
        'treble' => [
            'lily_pads' => 0.3, 'reeds' => 0.15, 'grass_submerged' => 0.6, 'grass_edge' => 0.95, 'grass_matted' => 0.02, 'grass_dying' => 0.65,
            'wood' => 0.7, 'laydown' => 0.65, 'stumps' => 0.8, 'brush' => 0.45, 'flooded_bushes' => 0.4, 'standing_timber' => 0.75, 'dock' => 0.9,
            'rock' => 1.0, 'shade' => 1.0, 'overhang' => 0.85, 'none' => 1.05,
        ],
        'exposed' => [
            'lily_pads' => 0.45, 'reeds' => 0.4, 'grass_submerged' => 0.7, 'grass_edge' => 1.05, 'grass_matted' => 0.05, 'grass_dying' => 0.7,
            'wood' => 0.65, 'laydown' => 0.6, 'stumps' => 0.8, 'brush' => 0.5, 'flooded_bushes' => 0.5, 'standing_timber' => 0.75, 'dock' => 1.0,
            'rock' => 1.0, 'shade' => 1.05, 'overhang' => 0.95, 'none' => 1.1,
        ],
        'guarded' => [
            'lily_pads' => 0.9, 'reeds' => 0.95, 'grass_submerged' => 0.95, 'grass_edge' => 1.0, 'grass_matted' => 0.4, 'grass_dying' => 0.95,
            'wood' => 1.1, 'laydown' => 1.1, 'stumps' => 1.1, 'brush' => 1.0, 'flooded_bushes' => 1.05, 'standing_timber' => 1.05, 'dock' => 1.05,
            'rock' => 1.0, 'shade' => 1.05, 'overhang' => 1.0, 'none' => 0.85,
        ],
        'weedless' => [
            'lily_pads' => 1.1, 'reeds' => 1.1, 'grass_submerged' => 1.05, 'grass_edge' => 1.0, 'grass_matted' => 0.8, 'grass_dying' => 1.0,
            'wood' => 1.05, 'laydown' => 1.05, 'stumps' => 1.05, 'brush' => 1.05, 'flooded_bushes' => 1.05, 'standing_timber' => 1.0, 'dock' => 1.05,
            'rock' => 0.95, 'shade' => 1.05, 'overhang' => 1.05, 'none' => 0.85,
        ],
    ];

    /** What a record may leave out, and what that means. */
    private const USUAL = [
        'structures' => [], 'stages' => [], 'jobs' => [], 'dive_tiers_ft' => [], 'sink_ft_s' => null, 'bulk' => 0.0, 'stands_off_ft' => 0.0,
        'draws_ft' => 0.0, 'draws_keen_ft' => 0.0, 'rattle' => false, 'thump' => false, 'deflects' => false, 'compact' => false, 'big' => false,
        'low_action' => false, 'trolled' => false, 'start_in' => [], 'big_in' => [], 'soft' => false, 'fixed_oz' => [], 'most_over_plants_oz' => null, 'trailers' => null, 'blades' => null,
    ];

    /** What it must say. */
    private const NEEDED = [
        'text', 'depth_ft', 'temp_f', 'columns', 'speed_ft_s', 'vibration', 'sound', 'flash', 'sight', 'exposure', 'snag', 'role', 'covers', 'species',
        'forage', 'lengths_in', 'weights_oz', 'hook', 'trailer', 'line', 'rod', 'buoyancy', 'cadences', 'colors', 'cast',
    ];

    /**
     * The family of a record; the keys and their units stand in the classes of this folder.
     *
     * @param  array<string, mixed>  $record
     *
     * @throws UnexpectedValueException for a key that is missing, or that nothing reads
     */
    public static function family(string $key, string $group, array $record): LureFamily
    {
        $wrong = [...array_diff(self::NEEDED, array_keys($record)), ...array_diff(array_keys($record), self::NEEDED, array_keys(self::USUAL))];
        if ($wrong !== []) {
            throw new UnexpectedValueException("The record of {$key} lacks or does not know: ".implode(', ', $wrong).'.');
        }
        $r = $record + self::USUAL;

        return new LureFamily(
            key: $key,
            group: $group,
            text: $r['text'],
            role: Role::from($r['role']),
            columns: array_map(Column::from(...), $r['columns']),
            year: new YearSpan($r['temp_f'][0], $r['temp_f'][1], $r['temp_f'][2], $r['temp_f'][3], $r['stages']),
            hydraulics: new Hydraulics(
                $r['depth_ft'][0], $r['depth_ft'][1], $r['speed_ft_s'][0], $r['speed_ft_s'][1],
                Buoyancy::from($r['buoyancy']), $r['dive_tiers_ft'], $r['sink_ft_s'], $r['bulk'], $r['stands_off_ft'],
            ),
            appeal: new Appeal(
                $r['vibration'], $r['sound'], $r['flash'], $r['sight'], $r['draws_ft'], $r['draws_keen_ft'],
                $r['rattle'], $r['thump'], $r['deflects'], $r['compact'], $r['big'], $r['low_action'],
            ),
            rigging: new Rigging(
                Exposure::from($r['exposure']), $r['snag'], $r['lengths_in'], $r['big_in'], $r['soft'], $r['weights_oz'], $r['start_in'], $r['fixed_oz'],
                $r['most_over_plants_oz'], $r['hook'], $r['trailer'], $r['trailers'], $r['blades'], $r['line'], $r['rod'],
            ),
            habitat: new Habitat($r['covers'] + self::COVER_BY_EXPOSURE[$r['exposure']], $r['structures'], $r['species']),
            forage: $r['forage'],
            cadences: $r['cadences'],
            colorGroup: $r['colors'],
            cast: $r['cast'],
            trolled: $r['trolled'],
            jobs: array_map(Job::from(...), $r['jobs']),
        );
    }
}
