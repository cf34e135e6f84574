<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\JobFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** The day after a front. Basis: rule W14, factors our own. */
final readonly class FrontFactor extends JobFactor
{
    public static function on(Reading $reading): ?self
    {
        $spot = $reading->day->spot;
        if (! $reading->day->front->isPost() || $spot->isBare() || ! $reading->day->species->isBass()) {
            return null;
        }
        $jobs = [[Job::FrontPockets, new Effect('front', 1.2, 'Put into every pocket of the cover.', 'W14')]];
        if ($spot->has(Cover::GrassEdge)) {
            $jobs[] = [Job::FrontWeedLine, new Effect('front', 1.6, 'Slow-rolled along the outside weed line after a front.', 'W14')];
        }

        return new self($jobs);
    }
}
