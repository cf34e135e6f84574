<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;

/** The orders of trial that the handbook gives between near neighbours. Basis: rules L1, L3, L5 and L6. */
final class TrialOrders
{
    /** @return list<TrialOrder> those that hold today, the more general first */
    public static function of(Reading $reading): array
    {
        if (! $reading->day->species->isBass()) {
            return [];
        }

        return array_values(array_filter([
            self::grass($reading),
            self::currentOverRock($reading),
            self::shadeLine($reading),
            self::mud($reading),
        ]));
    }

    private static function grass(Reading $reading): ?TrialOrder
    {
        $spot = $reading->day->spot;
        $stain = $reading->day->visibilityFt < 5;

        return match (true) {
            $spot->has(Cover::GrassMatted) => new TrialOrder('L1', ['hollow_frog', 'punch_rig', 'creature_texas_rig', 'flipping_jig', 'swim_jig'], 'in matted grass'),
            $spot->has(Cover::GrassDying) => new TrialOrder('L1', ['bladed_jig', 'swim_jig', 'paddletail_swimbait'], 'in dying grass, popped free'),
            $spot->has(Cover::GrassSubmerged) => new TrialOrder('L1', ['swim_jig', 'bladed_jig', 'paddletail_swimbait'], 'inside the grass'),
            $spot->has(Cover::GrassEdge) && $stain => new TrialOrder('L1', ['bladed_jig', 'paddletail_swimbait', 'swim_jig'], 'along a grass edge in stain'),
            $spot->has(Cover::GrassEdge) => new TrialOrder('L1', ['paddletail_swimbait', 'bladed_jig', 'swim_jig'], 'along a grass edge in clear water'),
            default => null,
        };
    }

    private static function currentOverRock(Reading $reading): ?TrialOrder
    {
        $spot = $reading->day->spot;
        $rock = $spot->has(Cover::Rock) || $spot->structure === Structure::GravelBar;

        return $rock && $reading->day->current->feetPerSecond() >= 1.5
            ? new TrialOrder('L3', ['swim_jig', 'squarebill_crankbait', 'lipless_crankbait', 'jerkbait'], 'over rock in current') : null;
    }

    private static function shadeLine(Reading $reading): ?TrialOrder
    {
        $day = $reading->day;
        if (! $day->spot->isShaded() || ! ShadeCounts::matters($day) || $day->spot->isDock()) {
            return null;
        }
        $still = ['shaky_head', 'finesse_jig', 'drop_shot', 'small_mushroom_jig'];

        return match (true) {
            $day->visibilityFt < 1.5 => new TrialOrder('L6', ['squarebill_crankbait', 'spinnerbait', 'buzzbait'], 'along the shade in murk'),
            $day->visibilityFt <= 4 && ! $day->isWindy() => new TrialOrder('L6', ['finesse_jig', 'shaky_head', 'small_mushroom_jig', 'drop_shot', 'paddletail_swimbait'], 'on the shade line'),
            $day->isCalm() => new TrialOrder('L6', $still, 'on a windless shade line'),
            default => null,
        };
    }

    private static function mud(Reading $reading): ?TrialOrder
    {
        $day = $reading->day;
        $shallow = $reading->stand->shallowFt <= 6 && $reading->stand->column !== Column::Suspended;
        if ($day->clarity !== Clarity::Mud || $day->tempF < 50 || ! $shallow || ($day->spot->isShaded() && ShadeCounts::matters($day))) {
            return null;
        }
        $order = ['spinnerbait', 'bladed_jig', 'swim_jig', 'squarebill_crankbait', 'flipping_jig', 'drop_shot'];
        if ($day->spot->structure === Structure::Flat && $day->spot->isBare()) {
            array_unshift($order, 'lipless_crankbait');
        }

        return new TrialOrder('L5', $order, 'in shallow warm mud');
    }
}
