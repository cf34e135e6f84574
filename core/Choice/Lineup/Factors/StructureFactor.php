<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Whether the lure suits the structure. Basis: handbook 03, factors our own. */
final class StructureFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        $structure = $reading->day->spot->structure;
        if ($structure !== null) {
            return new Effect('structure', $lure->on($structure), ucfirst($structure->words()).' is ground for it.', 'FAMILIES');
        }
        $first = $reading->stand->structures[0] ?? null;

        return $first === null ? null : new Effect('structure', $lure->on($first) ** 0.5, ucfirst($first->words()).', the first place to look, is ground for it.', 'FAMILIES');
    }
}
