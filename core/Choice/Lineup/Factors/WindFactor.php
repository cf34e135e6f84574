<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Lures\Role;
use OldEddy\Reading\Reading;

/** Wind, cloud and murk. Basis: rule W17, factors our own. */
final class WindFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $day = $reading->day;
        if ($lure->key === 'spinnerbait' && $day->isWindy() && $day->sky->isCovered() && $day->visibilityFt < 4) {
            return new Effect('wind', 1.4, 'Wind, clouds and murk: the spinnerbait first.', 'W17');
        }
        if ($lure->isSurface() && $day->windMph > 12 && $lure->sound < 0.6) {
            return new Effect('wind', 0.65, Said::of('{%.0f mph} of chop hides a surface lure.', $day->windMph), 'W17');
        }
        if ($day->isCalm()) {
            return $lure->isMoving() && ! $lure->isSurface() ? new Effect('wind', 0.9, 'Calm: slower lures.', 'W17') : new Effect('wind', 1.1, 'Calm suits it.', 'W17');
        }
        if ($day->isWindy()) {
            return match (true) {
                $lure->isMoving() && ! $lure->isSurface() => new Effect('wind', 1.12, Said::of('{%.0f mph}: moving lures.', $day->windMph), 'W17'),
                $lure->role === Role::Finesse => new Effect('wind', 0.88, Said::of('{%.0f mph} bows the line of light lures.', $day->windMph), 'W17'),
                default => null,
            };
        }

        return null;
    }
}
