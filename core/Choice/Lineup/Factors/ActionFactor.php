<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Little action in the cold, strong action in warm or murky water. Basis: rule L12, factors our own. */
final class ActionFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if ($reading->day->tempF < 45) {
            return $lure->lowAction ? new Effect('action', 1.12, 'Hardly any action, as cold fish want it.', 'L12') : null;
        }
        $murky = $reading->day->visibilityFt < 3;
        if ($lure->vibration >= 0.8 && $murky && $reading->day->tempF >= 50) {
            return new Effect('action', 1.1, 'Strong vibration for murky water.', 'L12');
        }

        return $lure->lowAction && $murky && $reading->day->tempF >= 60 ? new Effect('action', 0.9, 'Too little action for warm murky water.', 'L12') : null;
    }
}
