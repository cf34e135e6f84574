<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Reading\Reading;
use OldEddy\Reading\Sides;
use OldEddy\Reading\WaterReader;

/**
 * Which single change of the conditions puts another lure first: found by trying each, not by guessing. Basis: own
 * choice of the changes worth trying; all else is the ordinary reading and ranking.
 */
final class WhatWouldChange
{
    /** @return list<Flip> those that flip the first choice */
    public static function of(Reading $reading, string $first): array
    {
        $flips = [];
        // On a border the one side has a first choice of its own: going on to it is no change.
        $now = [$first, LureRanking::firstOf($reading)];
        foreach (self::changes($reading->day) as $key => [$words, $changes]) {
            $there = WaterReader::read($reading->day->with($changes));
            // The quick look finds what may flip; what is said is the first of the plan of that day.
            $then = LureRanking::firstOf($there);
            if (! in_array($then, $now, true) && Sides::of($there->day) !== []) {
                $then = LureRanking::of($there)->first();
            }
            if (! in_array($then, $now, true)) {
                $flips[] = new Flip($key, $words, $then);
            }
        }

        return $flips;
    }

    /** @return array<string, string|Said> every change that can be tried on a day, in words */
    public static function switches(Settled $day): array
    {
        return array_map(static fn (array $change): string|Said => $change[0], self::changes($day));
    }

    /** The day with one of its switches thrown; null for a switch that it does not have. */
    public static function thrown(Settled $day, string $switch): ?Settled
    {
        $change = self::changes($day)[$switch] ?? null;

        return $change === null ? null : $day->with($change[1]);
    }

    /** @return array<string, array{string|Said, array<string, mixed>}> what to say, what to change, by the name of the switch */
    private static function changes(Settled $day): array
    {
        $foot = max(1.0, round($day->visibilityFt * 0.5));
        $changes = [
            'clearer' => [Said::of('{%.0f ft} more visibility', $foot), ['visibilityFt' => $day->visibilityFt + $foot]],
            'warmer' => ['five degrees warmer', ['tempF' => $day->tempF + 5]],
            'colder' => ['five degrees colder', ['tempF' => max(32.0, $day->tempF - 5)]],
            'front' => [$day->front->isPost() ? 'the front over' : 'the first day after a front', ['front' => $day->front->isPost() ? Front::Stable : Front::Post1]],
            'sky' => [$day->sky->isCovered() ? 'bright sun' : 'clouds', ['sky' => $day->sky->isCovered() ? Sky::Clear : Sky::Overcast]],
            'wind' => [$day->isWindy() ? 'calm' : Said::of('a {12 mph} wind'), ['windMph' => $day->isWindy() ? 2.0 : 12.0]],
        ];
        if ($day->visibilityFt > 0.5) {
            $changes['murkier'] = [Said::of('{%.0f ft} less visibility', $foot), ['visibilityFt' => max(0.3, $day->visibilityFt - $foot)]];
        }
        if (! $day->spot->isShaded() && ! $day->sky->isCovered() && $day->spot->structure !== null) {
            $changes['shade'] = ['shade on the spot', ['spot' => self::shaded($day->spot)]];
        }

        return $changes;
    }

    private static function shaded(Spot $spot): Spot
    {
        return $spot->with(['shaded' => true, 'shadeWidthFt' => 8.0]);
    }
}
