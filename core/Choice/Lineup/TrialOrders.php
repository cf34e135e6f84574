<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;
use OldEddy\Reading\ShadeLine;

/** Which orders of trial hold today. The orders stand in orders.php. Basis: rules L1, L3, L5 and L6. */
final class TrialOrders
{
    /** Cut points of L1 and L5: grass edges are fished as stained under it, feet; shallow warm mud, feet and °F. */
    private const EDGE_STAIN_UNDER_FT = 5.0;

    private const MUD_TO_FT = 6.0;

    private const MUD_FROM_F = 50;

    /** @return list<TrialOrder> those that hold today, the more general first */
    public static function of(Reading $reading): array
    {
        if (! $reading->day->species->isBass()) {
            return [];
        }
        $names = array_filter([self::grass($reading), self::currentOverRock($reading), self::shadeLine($reading), self::mud($reading)]);

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
