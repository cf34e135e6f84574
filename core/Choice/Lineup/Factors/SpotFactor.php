<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\JobFactor;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;
use OldEddy\Reading\ShadeLine;

/** Particular places that call for particular lures. Basis: rules FAMILIES and L6, factors our own. */
final readonly class SpotFactor extends JobFactor
{
    /** When stick worms are deadly around shallow cover, °F and feet. */
    private const SPRING_COVER_F = [56, 65];

    private const SPRING_COVER_FT = 9;

    public static function on(Reading $reading): ?self
    {
        $day = $reading->day;
        $jobs = self::shade($reading);
        if ($day->spot->has(Cover::LilyPads) && ($day->spot->depthNearbyFt ?? 0) > ($day->spot->deepFt ?? 99)) {
            $jobs[] = [Job::PadsByDeep, new Effect('place', 1.15, 'Pads with deeper water beside them.', 'FAMILIES')];
        }
        [$from, $to] = self::SPRING_COVER_F;
        $spring = $day->tempF >= $from && $day->tempF <= $to && $reading->stand->deepFt <= self::SPRING_COVER_FT;
        if ($day->species->isBass() && $spring && ! $day->spot->isBare()) {
            $jobs[] = [Job::ShallowCoverSpring, new Effect('place', 1.3, 'Deadly around every shallow cover at this temperature.', 'FAMILIES')];
        }

        return $jobs === [] ? null : new self($jobs);
    }

    /** @return list<array{Job, Effect}> */
    private static function shade(Reading $reading): array
    {
        // What is shown along a shade line was learned about bass (F19).
        $line = $reading->day->species->isBass() ? ShadeLine::fished($reading->day) : null;
        if ($line === null) {
            return [];
        }
        $jobs = [[match ($line) {
            ShadeLine::Murk => Job::ShadeMurk,
            ShadeLine::Stain => Job::ShadeStain,
            ShadeLine::Clear => Job::ShadeClear,
        }, new Effect('place', 1.6, Said::of('The shade line at {%.1f ft} of visibility.', $reading->day->visibilityFt), 'L6')]];
        if ($reading->day->isCalm()) {
            $jobs[] = [Job::ShadeCalm, new Effect('place', 1.2, 'A windless shade line: slower.', 'L6')];
        }

        return $jobs;
    }
}
