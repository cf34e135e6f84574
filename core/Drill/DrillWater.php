<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Presentation;

/** The places and rods of the practice water. All names are invented; paces in feet a second are those of the cadences. */
final class DrillWater
{
    /** Name, structure, cover, part of the cover, light, depth in feet. */
    private const PLACES = [
        ['Cart landing', 'flat', 'reeds', 'edge', 'sun', 2.5], ['Heron corner', 'flat', 'reeds', 'middle', 'shade', 3.0],
        ['Long reed bank', 'secondary_point', 'reeds', 'edge', 'sun', 5.0], ['Fallen oak', 'secondary_point', 'laydown', 'edge', 'shade', 3.0],
        ['Twin trunks', 'bluff_transition', 'laydown', 'middle', 'sun', 7.0], ['Washed log', 'creek_bend', 'laydown', 'edge', 'shade', 5.0],
        ['Boathouse', 'dock', 'dock', 'edge', 'shade', 5.0], ['Long walkway', 'dock', 'dock', 'middle', 'shade', 2.5],
        ['Deep slips', 'dock', 'dock', 'edge', 'sun', 9.0], ['Stone toe', 'riprap', 'rock', 'edge', 'sun', 5.0],
        ['Anvil rock', 'main_point', 'rock', 'edge', 'sun', 9.0], ['Shaded ledges', 'bluff_transition', 'rock', 'edge', 'shade', 7.0],
        ['Coontail rim', 'flat', 'grass_edge', 'edge', 'sun', 7.0], ['Weedy saddle', 'saddle', 'grass_edge', 'edge', 'sun', 9.0],
        ['Still corner', 'notch', 'grass_edge', 'middle', 'shade', 5.0],
    ];

    /** Lure, color, cadence, mean pace in feet a second, whether small. */
    private const RODS = [
        [
            'spinnerbait', 'bright', 'medium', 2.6, false,
        ], ['lipless_crankbait', 'craw_red', 'burn_and_kill', 4.0, false], ['squarebill_crankbait', 'natural_craw', 'wind_hit_pause', 2.0, false],
        [
            'jerkbait', 'natural_baitfish', 'jerk_pause', 1.0, false,
        ], ['casting_jig', 'natural_craw', 'crawl_rest', 0.4, false], ['stick_worm', 'natural_craw', 'slack_fall', 0.2, false],
        ['shaky_head', 'natural_craw', 'crawl_rest', 0.3, true],
    ];

    /** Everything that could be fished on the practice water. */
    public static function choices(): Choices
    {
        return new Choices(
            array_map(static fn (array $p): Fishable => new Fishable(...$p), self::PLACES),
            array_map(static fn (array $r): Presentation => new Presentation($r[0], $r[1], $r[2], $r[3], $r[4]), self::RODS),
        );
    }
}
