<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** Soft stick worms in spring where goby or minnow alone are eaten. Basis: school spring_worms, factor our own. */
final class SchoolFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {

        if (! $lure->softWorm || ! in_array($reading->stage->stage, [Stage::EarlyPrespawn, Stage::Prespawn, Stage::Spawn], true)) {
            return null;
        }
        $worms = $reading->day->schools->chosen('spring_worms') ?? ($reading->day->eatsOnlyMinnowShapes() ? 'no' : 'yes');

        return $worms === 'yes' ? null
            : new Effect('school', 0.35, 'Minnow shapes only until the spawn is over.', 'SCHOOLS', 'spring_worms: no');
    }
}
