<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;
use OldEddy\Reading\ShadeLine;

/** Which orders of trial hold today. The orders stand in orders.php. Basis: rules L1, L3, L5, L6, L13 and L14. */
final class TrialOrders
{
    /** Cut points of L1 and L5: grass edges are fished as stained under it, feet; shallow warm mud, feet and °F. */
    private const EDGE_STAIN_UNDER_FT = 5.0;

    private const MUD_TO_FT = 6.0;

    private const MUD_FROM_F = 50;

    /** @return list<TrialOrder> those that hold today, the more general first */
    public static function of(Reading $reading): array
    {
        $names = match (true) {
            $reading->day->species->isBass() => [
                self::grass($reading), self::reeds($reading), self::currentOverRock($reading), self::shadeLine($reading), self::mud($reading),
            ],
            $reading->day->species === Species::NorthernPike => [self::pike($reading)],
            default => [],
        };
        $names = array_filter($names);

        return array_values(array_map(self::named(...), $names));
    }

    /**
     * An order by its name.
     *
     * @param  string  $name  a key of orders.php
     */
    public static function named(string $name): TrialOrder
    {
        static $rows = null;
        $rows ??= require __DIR__.'/orders.php';

        return new TrialOrder(...$rows[$name]);
    }

    private static function grass(Reading $reading): ?string
    {
        $spot = $reading->day->spot;

        return match (true) {
            $spot->has(Cover::GrassMatted) => 'matted_grass',
            $spot->has(Cover::GrassDying) => 'dying_grass',
            $spot->has(Cover::GrassSubmerged) => 'inside_grass',
            $spot->has(Cover::GrassEdge) => $reading->day->visibilityFt < self::EDGE_STAIN_UNDER_FT ? 'grass_edge_stain' : 'grass_edge_clear',
            default => null,
        };
    }

    /** L13: over and along the reeds first; into the thickest after a front. */
    private static function reeds(Reading $reading): ?string
    {
        return $reading->day->spot->has(Cover::Reeds) ? ($reading->day->front->isPost() ? 'reeds_front' : 'reeds') : null;
    }

    /** L14: by season, by what can be seen, past cover and over weed. */
    private static function pike(Reading $reading): ?string
    {
        $day = $reading->day;
        $past = $day->spot->structure === Structure::Bridge || $day->spot->has(Cover::Reeds, Cover::Dock, Cover::Shade);

        return match (true) {
            $reading->isAt(Stage::Winter) => 'pike_winter',
            $day->clarity->isClear() && $day->spot->hasPlants() => 'pike_clear',
            in_array($day->clarity, [Clarity::Mud, Clarity::Stained], true) && $past => 'pike_colored',
            default => null,
        };
    }

    private static function currentOverRock(Reading $reading): ?string
    {
        $spot = $reading->day->spot;
        $rock = $spot->has(Cover::Rock) || $spot->structure === Structure::GravelBar;

        return $rock && $reading->day->current->isReal() ? 'rock_in_current' : null;
    }

    private static function shadeLine(Reading $reading): ?string
    {
        $day = $reading->day;
        $line = ShadeLine::fished($day);

        return match (true) {
            $line === null => null,
            $line === ShadeLine::Murk => 'shade_murk',
            $line === ShadeLine::Stain && ! $day->isWindy() => 'shade_stain',
            $day->isCalm() => 'shade_calm',
            default => null,
        };
    }

    private static function mud(Reading $reading): ?string
    {
        $day = $reading->day;
        $shallow = $reading->stand->shallowFt <= self::MUD_TO_FT && $reading->stand->column !== Column::Suspended;
        if ($day->clarity !== Clarity::Mud || $day->tempF < self::MUD_FROM_F || ! $shallow || ($day->spot->isShaded() && ShadeCounts::matters($day))) {
            return null;
        }

        return $day->spot->structure === Structure::Flat && $day->spot->isBare() ? 'mud_flat' : 'mud';
    }
}
