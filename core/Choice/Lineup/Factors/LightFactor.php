<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Low light brings fish up. Basis: rules W15 and W16, factors our own. */
final class LightFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if ($lure->isSurface() && $reading->day->tempF >= 58) {
            if ($reading->day->lowLight) {
                return new Effect('light', 1.25, 'Low light: fish look up.', 'W16');
            }
            if ($reading->day->sky->value === 'clear' && ! $reading->day->clarity->isClear()) {
                return new Effect('light', 0.85, 'Bright sun holds them down.', 'W15');
            }
        }

        return null;
    }
}
