<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Reading\Reading;

/** What they eat steers the shape. Basis: rule L9, factors our own. */
final class ForageFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if ($reading->day->forage === []) {
            return null;
        }
        foreach ($reading->day->forage as $forage) {
            if (in_array($forage->value, $lure->forage, true)) {
                return new Effect('forage', 1.22, 'They eat '.$forage->words().', which it copies.', 'L9');
            }
        }
        if ($reading->day->eats(Forage::Insects) && $lure->compact) {
            return new Effect('forage', 1.1, 'Small food, small lure.', 'L9');
        }

        return $lure->forage === [] ? null : new Effect('forage', 0.92, 'It copies nothing they eat today.', 'L9');
    }
}
