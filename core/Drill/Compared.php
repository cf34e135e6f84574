<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Drill\Habit\CoversWater;
use OldEddy\Drill\Habit\FollowsAdvice;
use OldEddy\Drill\Habit\Guide;
use OldEddy\Drill\Habit\Habit;
use OldEddy\Drill\Habit\RandomChanges;
use OldEddy\Drill\Habit\SameLure;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Choices;

/** The next-move advice against fixed habits, over many hidden days. */
final class Compared
{
    /** The advice against every habit, in minutes of an outing. */
    public const DAY_MIN = 480.0;

    /**
     * Mean weighted contacts of an outing by habit. Under "met" the share of the last quarter of the casts that the advice made in
     * the whole pattern, under "wins" the share of the days on which it beats every habit.
     *
     * @param  float  $minutes  of each outing
     * @return array{advice: float, guide: float, same_lure: float, random_changes: float, cover_water: float, met: float, wins: float}
     */
    public static function habits(int $firstSeed, int $days, float $minutes, Choices $water): array
    {
        $sum = ['advice' => 0.0, 'guide' => 0.0, 'same_lure' => 0.0, 'random_changes' => 0.0, 'cover_water' => 0.0, 'met' => 0.0, 'wins' => 0.0];
        for ($seed = $firstSeed; $seed < $firstSeed + $days; $seed++) {
            $day = HiddenDay::of($seed, $water);
            $advised = Outing::fish($day, new FollowsAdvice, $minutes);
            $others = [
                'guide' => new Guide, 'same_lure' => new SameLure($seed), 'random_changes' => new RandomChanges($seed), 'cover_water' => new CoversWater,
            ];
            $others = array_map(static fn (Habit $h): float => Outing::fish($day, $h, $minutes)->weight(), $others);
            $sum['advice'] += $advised->weight() / $days;
            foreach ($others as $habit => $weight) {
                $sum[$habit] += $weight / $days;
            }
            $sum['met'] += $advised->shareInPattern() / $days;
            $sum['wins'] += ($advised->weight() > max($others) ? 1 : 0) / $days;
        }

        return $sum;
    }

    /** The share (0 to 1) of outings on which a pattern is called confirmed after any stint, on days that have none. */
    public static function falselyConfirmed(int $firstSeed, int $days, float $minutes, Choices $water): float
    {
        $false = 0;
        for ($seed = $firstSeed; $seed < $firstSeed + $days; $seed++) {
            $stints = Outing::fish(HiddenDay::of($seed, $water, false), new FollowsAdvice, $minutes)->stints;
            $false += self::everConfirmed($stints) ? 1 : 0;
        }

        return $false / $days;
    }

    /** @param  list<\OldEddy\Log\Evidence\Stint>  $stints */
    private static function everConfirmed(array $stints): bool
    {
        for ($n = 2; $n <= count($stints); $n++) {
            if (Pattern::in(Evidence::weigh(array_slice($stints, 0, $n)))->verdict === Verdict::Confirmed) {
                return true;
            }
        }

        return false;
    }
}
