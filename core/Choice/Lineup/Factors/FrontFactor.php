<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** The day after a front. Basis: handbook 03 and rule W14, factors our own. */
final class FrontFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if (! $reading->day->front->isPost()) {
            return null;
        }
        if ($lure->key === 'spinnerbait' && $reading->day->spot->has(Cover::GrassEdge)) {
            return new Effect('front', 1.6, 'Slow-rolled along the outside weed line after a front.', 'W14');
        }
        if (in_array($lure->key, ['flipping_jig', 'creature_texas_rig', 'hollow_frog'], true) && ! $reading->day->spot->isBare()) {
            return new Effect('front', 1.2, 'Put into every pocket of the cover.', 'W14');
        }

        return null;
    }
}
