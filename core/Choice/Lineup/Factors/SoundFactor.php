<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Rattle or silence. Basis: school loudness and rule F10, factors our own. */
final class SoundFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $chosen = $reading->day->schools->chosen('loudness');
        $loud = $lure->sound >= 0.5;
        if (SpecChooser::wantsSilence($reading)) {
            return $loud ? new Effect('sound', 0.88, 'Loud for wary shallow or pressured fish.', 'F10', 'loudness: silent') : null;
        }
        if ($reading->day->visibilityFt < 1.5 || $chosen === 'rattle') {
            return $loud ? new Effect('sound', 1.1, 'Its noise is found where sight fails.', 'W4', 'loudness: rattle') : null;
        }

        return null;
    }
}
