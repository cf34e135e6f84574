<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Drill\Compared;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\Habit\FollowsAdvice;
use OldEddy\Drill\Habit\RandomChanges;
use OldEddy\Drill\Habit\SameLure;
use OldEddy\Drill\HiddenDay;
use OldEddy\Drill\Outing;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Offer;
use PHPUnit\Framework\TestCase;

/** The simulated lake: the advice against fixed habits, with rates and pattern known to the water alone. */
final class DrillTest extends TestCase
{
    public function test_the_advice_earns_more_than_every_fixed_habit_and_finds_the_pattern(): void
    {
        $choices = DrillWater::choices();
        $mean = Compared::habits(1, 40, 300, $choices);
        foreach (['same_lure', 'random_changes', 'cover_water'] as $habit) {
            self::assertGreaterThan(1.4 * $mean[$habit], $mean['advice'], $habit);
        }
        $byChance = 0.0;
        for ($seed = 1; $seed <= 40; $seed++) {
            $byChance += Outing::fish(HiddenDay::of($seed, $choices), new RandomChanges($seed), 300)->shareInPattern(HiddenDay::of($seed, $choices), 75) / 40;
        }
        self::assertGreaterThan(3 * $byChance, $mean['found'], 'the last quarter of the day lies in the hidden pattern far more often than by chance');
    }

    public function test_at_the_end_of_the_day_the_pattern_names_what_the_water_hid(): void
    {
        $choices = DrillWater::choices();
        [$named, $days] = [0, 24];
        for ($seed = 1; $seed <= $days; $seed++) {
            $day = HiddenDay::of($seed, $choices);
            $pattern = Pattern::in(Evidence::weigh(Outing::fish($day, new FollowsAdvice, 300)->stints));
            $named += $pattern->shared(['cover' => $day->cover, 'depth' => $day->depth] + ($day->slow ? ['speed' => 'slow'] : [])) > 0 ? 1 : 0;
        }
        self::assertGreaterThan($days / 2, $named);
    }

    public function test_without_a_pattern_hardly_any_trip_confirms_one(): void
    {
        self::assertLessThan(0.05, Compared::falselyConfirmed(1000, 120, 300, DrillWater::choices()));
    }

    public function test_a_hidden_day_is_the_same_for_everybody(): void
    {
        $choices = DrillWater::choices();
        [$a, $b] = [HiddenDay::of(7, $choices), HiddenDay::of(7, $choices)];
        $offer = new Offer($choices->places[3], $choices->presentations[1]);
        self::assertSame($a->told(), $b->told());
        for ($cast = 1; $cast <= 200; $cast++) {
            self::assertSame($a->answer($offer, $cast), $b->answer($offer, $cast));
        }
        $told = array_map(static fn (int $seed): string => HiddenDay::of($seed, $choices)->told(), range(1, 60));
        self::assertGreaterThan(10, count(array_unique($told)));
    }

    public function test_fish_bite_at_the_rate_the_water_has(): void
    {
        $choices = DrillWater::choices();
        foreach ([1, 5, 11] as $seed) {
            $day = HiddenDay::of($seed, $choices);
            foreach ($day->places() as $place) {
                foreach ($choices->presentations as $presentation) {
                    $offer = new Offer($place, $presentation);
                    $bites = count(array_filter(range(1, 6000), static fn (int $cast): bool => $day->answer($offer, $cast) !== null));
                    $rate = $day->perCast($offer);
                    self::assertEqualsWithDelta($rate, $bites / 6000, 5 * sqrt($rate / 6000));
                }
            }
        }
        self::assertEqualsWithDelta(1 / 40, HiddenDay::of(3, $choices, false)->perCast(new Offer($choices->places[0], $choices->presentations[0])), 1e-12);
    }

    public function test_time_is_spent_on_runs_and_knots(): void
    {
        $choices = DrillWater::choices();
        $same = Outing::fish(HiddenDay::of(2, $choices), new SameLure(0), 200);
        self::assertCount(8, $same->stints, '20 casts and 6 for the run, eight times');
        self::assertSame(200 - 7 * 6, $same->casts());
        $advised = Outing::fish(HiddenDay::of(2, $choices), new FollowsAdvice, 200);
        self::assertLessThanOrEqual(200, $advised->casts());
        self::assertGreaterThan(1, count(array_unique(array_map(static fn (Stint $s): string => $s->levels['spot'], $advised->stints))));
    }
}
