<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\CoverFit;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** How the lure comes through the cover at the spot, or through the cover to look for. Basis: rules L1, L2, L4, factors our own. */
final class CoverFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        $known = $reading->day->spot->covers !== [] || $reading->day->spot->structure !== null;
        $fit = CoverFit::of($lure, $reading);
        $effect = $known ? $fit : $fit ** 0.5;
        $names = implode(', ', array_map(static fn (Cover $c): string => $c === Cover::None ? 'open water' : $c->words(), $reading->covers));
        $treble = $lure->exposure === Exposure::Treble && $fit < CoverFit::HANGS_UP;
        $text = match (true) {
            $treble => "Will snag in {$names}.",
            $fit >= 1.2 => "Made for {$names}.",
            $fit >= 0.95 => "Comes through {$names}.",
            default => "Poor in {$names}.",
        };

        return new Effect('cover', $effect, $text, $treble ? 'L4' : ($reading->day->spot->hasPlants() ? 'L1' : 'L2'));
    }
}
