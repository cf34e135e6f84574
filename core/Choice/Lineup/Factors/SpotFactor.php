<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeCounts;

/** Particular places that call for particular lures. Basis: handbook 03 (families) and rule L6, factors our own. */
final class SpotFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $day = $reading->day;
        if ($day->spot->isShaded() && ShadeCounts::matters($day) && ! $day->spot->isDock()) {
            $named = match (true) {
                $day->visibilityFt < 1.5 => ['squarebill_crankbait', 'spinnerbait', 'buzzbait'],
                $day->visibilityFt <= 4 => ['finesse_jig', 'shaky_head'],
                default => ['paddletail_swimbait', 'walking_topwater', 'popper'],
            };
            if (in_array($lure->key, $named, true)) {
                return new Effect('place', 1.6, Said::of('The shade line at {%.1f ft} of visibility.', $day->visibilityFt), 'L6');
            }
            if ($day->isCalm() && in_array($lure->key, ['shaky_head', 'drop_shot', 'small_mushroom_jig', 'finesse_jig'], true)) {
                return new Effect('place', 1.2, 'A windless shade line: slower.', 'L6');
            }
        }
        if ($day->spot->has(Cover::LilyPads) && $lure->key === 'hollow_frog' && ($day->spot->depthNearbyFt ?? 0) > ($day->spot->deepFt ?? 99)) {
            return new Effect('place', 1.15, 'Pads with deeper water beside them.', 'FAMILIES');
        }
        if ($lure->key === 'stick_worm' && $day->tempF >= 56 && $day->tempF <= 65 && $reading->stand->deepFt <= 9 && ! $day->spot->isBare()) {
            return new Effect('place', 1.3, 'Deadly around every shallow cover at this temperature.', 'FAMILIES');
        }

        return null;
    }
}
