<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\JobFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Conditions\Dock;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** Docks by kind and depth. Basis: rules S11, S12 and S19, factors our own. */
final readonly class DockFactor extends JobFactor
{
    public static function on(Reading $reading): ?self
    {
        $dock = $reading->day->spot->dock;
        if ($dock === null) {
            return null;
        }
        $depth = $dock->depthFt ?? $reading->day->spot->deepFt ?? Dock::USUAL_FT;
        $jobs = match (true) {
            $dock->kind === DockKind::Piling => self::posts($reading),
            $depth < Dock::BOTTOM_UNDER_FT => [
                [Job::DockBottom, new Effect('dock', 1.3, Said::of('Floating dock over {%.0f ft}: they are on the bottom.', $depth), 'S11')],
            ],
            $depth > Dock::FLOATS_OVER_FT => self::floats($depth),
            default => [],
        };

        return $jobs === [] ? null : new self($jobs);
    }

    /** @return list<array{Job, Effect}> */
    private static function posts(Reading $reading): array
    {
        $jobs = [[Job::DockPosts, new Effect('dock', 1.3, 'Skipped to the posts, where they hold on the bottom.', 'S12')]];
        if (in_array($reading->stage->stage, [Stage::EarlyFall, Stage::Fall], true)) {
            $jobs[] = [Job::DockPostsFall, new Effect('dock', 1.3, 'Piling docks in fall.', 'S12')];
        }

        return $jobs;
    }

    /** @return list<array{Job, Effect}> */
    private static function floats(float $depth): array
    {
        $jobs = [[Job::DockFloats, new Effect('dock', 1.3, Said::of('Floating dock over {%.0f ft}: swim it just beneath the floats.', $depth), 'S11')]];
        if ($depth >= Dock::DEEP_FROM_FT) {
            array_unshift($jobs, [Job::DockDeep, new Effect('dock', 1.3, 'Deep dock: suspended fish.', 'S19')]);
        }

        return $jobs;
    }
}
