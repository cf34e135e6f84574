<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Smaller after fronts, under pressure, in clear calm. Basis: rules L10 and W14, factors our own. */
final class SizeFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if (! SpecChooser::asksForSmaller($reading)) {
            return null;
        }
        $front = $reading->day->front->isPost();
        if ($lure->compact) {
            return new Effect('size', $front ? 1.25 : 1.15, $front ? 'Small and compact, as after a front.' : 'Small and compact for wary fish.', $front ? 'W14' : 'L10');
        }

        return $lure->big ? new Effect('size', 0.6, 'Too big for wary fish.', 'L10') : null;
    }
}
