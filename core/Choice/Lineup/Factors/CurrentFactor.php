<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\Reading;

/** Moving water. Basis: rules L3 and D5, factors our own. */
final class CurrentFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $flow = $reading->day->current->feetPerSecond();
        if ($flow < 0.5) {
            return null;
        }
        $spot = $reading->day->spot;
        $rock = $spot->has(Cover::Rock) || in_array($spot->structure, [Structure::GravelBar, Structure::RockPile, Structure::Riprap], true);
        if ($rock && $lure->exposure->value === 'treble') {
            return new Effect('current', 0.65, 'Current sweeps trebles into the rock.', 'L3');
        }
        if ($rock && $lure->key === 'swim_jig') {
            return new Effect('current', 1.4, 'Weedless over rock in current.', 'L3');
        }
        if ($lure->weightsOz === [0.0] && $flow >= 1.5) {
            return new Effect('current', 0.6, 'Unweighted, it cannot hold the bottom in this current.', 'D5');
        }
        if ($lure->key === 'jig_plastic_minnow') {
            return new Effect('current', 1.2, 'Heavy enough to feel bottom in current.', 'D5');
        }

        return null;
    }
}
