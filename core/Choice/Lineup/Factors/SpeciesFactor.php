<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** How usual the lure is for the species. Basis: handbook 03, factors our own. */
final class SpeciesFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        $fit = $lure->suits($reading->day->species);

        return new Effect('species', $fit, match (true) {
            $fit >= 1.1 => 'A first choice for '.$reading->day->species->words().'.',
            $fit >= 0.9 => 'Usual for '.$reading->day->species->words().'.',
            default => 'Not much used for '.$reading->day->species->words().'.',
        }, 'FAMILIES');
    }
}
