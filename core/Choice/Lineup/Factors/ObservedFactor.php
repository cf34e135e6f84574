<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Lures\Role;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Reading\Reading;

/** What was seen today. Basis: handbook 03 and rule R17, factors our own. */
final class ObservedFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $day = $reading->day;
        if ($day->saw(Observed::Schooling) && in_array($lure->key, ['paddletail_swimbait', 'walking_topwater', 'flutter_spoon', 'popper', 'jerkbait'], true)) {
            return new Effect('seen', 1.3, 'For fish schooling on bait.', 'FAMILIES');
        }
        if ($day->saw(Observed::Beds) && in_array($lure->key, ['tube', 'creature_texas_rig', 'stick_worm'], true)) {
            return new Effect('seen', 1.15, 'One for fish on beds, where that is allowed.', 'R10');
        }
        if ($day->saw(Observed::Follows) && $lure->role !== Role::Search) {
            return new Effect('seen', 1.12, 'They followed: something slower.', 'F14');
        }

        return null;
    }
}
