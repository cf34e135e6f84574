<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Retrieve\Pace;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Presentation;

/** The places and rods of the practice water. All names are invented. */
final class DrillWater
{
    /** Name, structure, cover, part of the cover, light once the sun is up, depth of the water in feet; in their order along the bank. */
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

    /** Lure, colors, weights in ounces, retrieves. */
    private const RODS = [
        ['spinnerbait', ['bright', 'natural_baitfish', 'dark_contrast'], [0.375, 0.5], ['medium', 'slow_roll', 'burn_and_bulge']],
        ['lipless_crankbait', ['craw_red', 'natural_baitfish'], [0.25, 0.5], ['burn_and_kill', 'lift_fall']],
        ['squarebill_crankbait', ['natural_craw', 'bright'], [0.375, 0.5], ['wind_hit_pause']],
        ['jerkbait', ['natural_baitfish', 'bright'], [0.375, 0.5], ['jerk_pause']],
        ['casting_jig', ['natural_craw', 'dark_contrast'], [0.25, 0.375, 0.5], ['crawl_rest', 'hop_bottom']],
        ['stick_worm', ['natural_craw', 'dark_contrast'], [null], ['slack_fall']],
        ['shaky_head', ['natural_craw', 'dark_contrast'], [0.125, 0.1875], ['shake_pause']],
    ];

    /** Everything that could be fished on the practice water. */
    public static function choices(): Choices
    {
        return new Choices(
            array_map(static fn (array $p): Fishable => new Fishable(...$p, fits: self::fits(Cover::from($p[2]))), self::PLACES),
            self::presentations(),
        );
    }

    /** @return list<Presentation> each rod as it is rigged in the morning */
    public static function rods(): array
    {
        $rods = [];
        foreach (self::presentations() as $one) {
            $rods[$one->lure] ??= $one;
        }

        return array_values($rods);
    }

    /** @return list<Presentation> */
    private static function presentations(): array
    {
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (self::RODS as [$lure, $colors, $weights, $retrieves]) {
                foreach ($retrieves as $retrieve) {
                    foreach ($colors as $color) {
                        foreach ($weights as $oz) {
                            $all[] = new Presentation(
                                $lure, $color, $retrieve, (float) Pace::usualFtS($retrieve), Catalog::get($lure)->appeal->compact, weightOz: $oz, rod: $lure,
                            );
                        }
                    }
                }
            }
        }

        return $all;
    }

    /** @return array<string, float> how each lure of the rods comes through a cover */
    private static function fits(Cover $cover): array
    {
        $fits = [];
        foreach (self::RODS as [$lure]) {
            $fits[$lure] = Catalog::get($lure)->through($cover);
        }

        return $fits;
    }
}
