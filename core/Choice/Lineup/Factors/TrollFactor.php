<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Reading\Reading;

/** Drawn behind the boat or cast. Basis: handbook 09, factors our own. */
final class TrollFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if ($reading->day->mode !== Mode::Troll) {
            return null;
        }

        return $lure->trolled ? new Effect('troll', 1.5, 'Made to be trolled.', 'T3') : new Effect('troll', 0.9, 'A diver can be trolled too.', 'T3');
    }
}
