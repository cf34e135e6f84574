<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\JobFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** Soft stick worms in spring where goby or minnow alone are eaten. Basis: school spring_worms, factor our own. */
final readonly class SchoolFactor extends JobFactor
{
    public static function on(Reading $reading): ?self
    {
        $spring = in_array($reading->stage->stage, [Stage::EarlyPrespawn, Stage::Prespawn, Stage::Spawn], true);
        $worms = $reading->day->schools->chosen('spring_worms') ?? ($reading->day->eatsOnlyMinnowShapes() ? 'no' : 'yes');

        return ! $spring || $worms === 'yes' ? null
            : new self([[Job::SoftWorm, new Effect('school', 0.35, 'Minnow shapes only until the spawn is over.', 'SCHOOLS', 'spring_worms: no')]]);
    }
}
