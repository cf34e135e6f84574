<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\Clarity;
use OldEddy\Reading\Reading;

/** Chooses weight, length, trailer and blades. Basis: rules D4, D5, L10, L12, C7; the cut points between are our own. */
final class SpecChooser
{
    /** The rigging of a lure worked at a depth in feet on this day. */
    public static function choose(LureFamily $lure, Reading $reading, float $depthFt): Spec
    {
        return new Spec(
            self::weight($lure, $reading, $depthFt),
            self::length($lure, $reading),
            Said::of($lure->hook),
            self::trailer($lure, $reading),
            self::blades($lure, $reading),
            $lure->rattles && ! self::wantsSilence($reading),
        );
    }

    /** School loudness: silent for new arrivals in shallow water or under pressure, rattle under 1.5 ft visibility. */
    public static function wantsSilence(Reading $reading): bool
    {
        $chosen = $reading->day->schools->chosen('loudness');
        if ($chosen !== null) {
            return $chosen === 'silent';
        }
        $newlyIn = in_array($reading->stage->stage, [Stage::Prespawn, Stage::Spawn], true) && $reading->stand->shallowFt <= 4;

        return $reading->day->visibilityFt >= 1.5 && ($newlyIn || $reading->day->pressure === Pressure::Heavy);
    }

    /** The family weight nearest to what the depth asks for. */
    public static function weight(LureFamily $lure, Reading $reading, float $depthFt): float
    {
        if ($lure->weightsOz === [0.0]) {
            return 0.0;
        }
        if ($reading->day->species === Species::Muskellunge && $lure->key === 'inline_spinner') {
            return 1.0;
        }

        return self::nearest($lure->weightsOz, self::wantedOz($lure, $reading, $depthFt));
    }

    /** D4: the depth asks for the weight; current, wind and reeds for more, a front for less. */
    private static function wantedOz(LureFamily $lure, Reading $reading, float $depthFt): float
    {
        $ounces = match (true) {
            $depthFt <= 3 => 0.125,
            $depthFt <= 8 => 0.25,
            $depthFt <= 12 => 0.375,
            $depthFt <= 20 => 0.5,
            default => 0.75,
        };
        if ($lure->exposure->value === 'guarded') {
            // Skirts and guards slow the fall: the all-round jig is 3/8 oz, spinnerbaits deep are 3/4.
            $ounces = match (true) {
                $depthFt <= 10 => 0.375,
                $depthFt <= 15 => 0.5,
                default => $lure->isMoving() ? 0.75 : 0.5,
            };
        }
        $spot = $reading->day->spot;
        if ($spot->has(Cover::Reeds, Cover::GrassSubmerged) && $lure->exposure->value !== 'exposed') {
            $ounces = max($ounces, 0.5);
        }
        $ounces += [0.0, 0.0, 0.125, 0.5][(int) array_search($reading->day->current, $reading->day->current::cases(), true)];
        if ($reading->day->front->isPost() && ! $lure->isMoving()) {
            $ounces *= 0.75;
        }
        if ($spot->hasPlants() && $depthFt <= 4 && $lure->key === 'paddletail_swimbait') {
            return min($ounces, 0.375);
        }

        return $ounces;
    }

    /** L10: start in the middle, smaller for fronts, pressure and clear calm; 3.5 in for smallmouth swimbaits. */
    private static function length(LureFamily $lure, Reading $reading): float
    {
        if ($lure->key === 'paddletail_swimbait') {
            $start = match (true) {
                $reading->day->species->group() === 'toothy' => 5.0,
                $reading->day->species === Species::SmallmouthBass => 3.5,
                $reading->day->species->group() === 'panfish' => 2.8,
                default => 4.0,
            };
            $lengths = $lure->lengthsIn;
            $index = (int) array_search($start, $lengths, true);
        } else {
            $lengths = $lure->lengthsIn;
            $index = intdiv(count($lengths) - 1, 2) + ($reading->mood->isActive() && count($lengths) > 1 ? 1 : 0);
        }
        if (self::asksForSmaller($reading)) {
            $index--;
        }

        return $lengths[max(0, min(count($lengths) - 1, $index))];
    }

    /** L10, W14: fronts, pressure, clear calm. */
    public static function asksForSmaller(Reading $reading): bool
    {
        return $reading->day->front->isPost() || $reading->day->pressure === Pressure::Heavy
            || ($reading->day->clarity->isClear() && $reading->day->isCalm());
    }

    /** L12 and handbook 03: little kick in cold water. */
    private static function trailer(LureFamily $lure, Reading $reading): ?string
    {
        if ($lure->trailer === null) {
            return null;
        }
        if (in_array($lure->key, ['flipping_jig', 'casting_jig', 'football_jig', 'finesse_jig'], true)) {
            return match (true) {
                $reading->day->tempF < 55 => $lure->key === 'finesse_jig' ? 'small plain chunk' : 'bulky chunk with little kick',
                $reading->day->tempF < 75 => 'craw or grub with little kick',
                default => 'kicking craw',
            };
        }

        return $lure->trailer;
    }

    /** C7. */
    private static function blades(LureFamily $lure, Reading $reading): ?string
    {
        $clarity = $reading->day->clarity;
        $metal = match ($clarity) {
            Clarity::Clear, Clarity::Gin => 'silver',
            Clarity::Fair => $reading->day->sky->isCovered() ? 'gold' : 'silver',
            default => 'gold',
        };
        if ($lure->key === 'underspin_swimbait' || $lure->key === 'bladed_jig') {
            return $lure->key === 'bladed_jig' ? "{$metal} blade" : "small {$metal} blade";
        }
        if ($lure->key === 'inline_spinner') {
            return $clarity->isClear() ? 'silver blade' : 'painted or gold blade';
        }
        if ($lure->key !== 'spinnerbait') {
            return null;
        }
        $cold = $reading->day->tempF < 55;

        return match ($clarity) {
            Clarity::Mud => 'painted Colorado, white, chartreuse or orange-red',
            Clarity::Stained => $cold ? 'gold Colorado' : 'gold Colorado with a gold willow',
            Clarity::Fair => $cold ? 'silver and gold Indiana' : 'silver and gold willow',
            default => 'silver willow',
        };
    }

    /** @param  non-empty-list<float>  $values */
    private static function nearest(array $values, float $wanted): float
    {
        $best = $values[0];
        foreach ($values as $value) {
            if (abs($value - $wanted) < abs($best - $wanted) - 1e-9) {
                $best = $value;
            }
        }

        return $best;
    }
}
