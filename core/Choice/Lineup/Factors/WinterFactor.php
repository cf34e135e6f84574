<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\JobFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** The winter five, and the two that come next. Basis: rule L7, factors our own. */
final readonly class WinterFactor extends JobFactor
{
    public static function on(Reading $reading): ?self
    {
        return $reading->stage->stage === Stage::Winter && $reading->day->species->isBass() ? new self([
            [Job::WinterFive, new Effect('winter', 1.3, 'One of the winter five.', 'L7')],
            [Job::WinterNext, new Effect('winter', 1.12, 'Next after the winter five.', 'L7')],
        ]) : null;
    }
}
