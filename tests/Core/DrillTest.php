<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Drill\Casting;
use OldEddy\Drill\Compared;
use OldEddy\Drill\Cost;
use OldEddy\Drill\DrillHour;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\Habit\FollowsAdvice;
use OldEddy\Drill\Habit\Guide;
use OldEddy\Drill\Habit\Habit;
use OldEddy\Drill\Habit\RandomChanges;
use OldEddy\Drill\Habit\SameLure;
use OldEddy\Drill\HiddenDay;
use OldEddy\Drill\Outing;
use OldEddy\Drill\Reckoning;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\TimeLeft;
use PHPUnit\Framework\TestCase;

/** The simulated lake: the advice against fixed habits, with rates and pattern known to the water alone. */
final class DrillTest extends TestCase
{
    public function test_the_advice_earns_more_than_every_fixed_habit(): void
    {
        $mean = Compared::habits(1, 16, Compared::DAY_MIN, DrillWater::choices());
        foreach (['guide', 'same_lure', 'random_changes', 'cover_water'] as $habit) {
            self::assertGreaterThan(1.3 * $mean[$habit], $mean['advice'], $habit);
        }
        self::assertGreaterThan(0.25, $mean['wins'], 'by chance one of five would win one day in five');
    }

    public function test_lure_and_place_are_better_chosen_than_by_chance(): void
    {
        // What the water would give on rested places says how well they were chosen.
        $chosen = static function (callable $habit): float {
            $promised = $casts = 0.0;
            for ($seed = 1; $seed <= 12; $seed++) {
                $day = HiddenDay::of($seed, DrillWater::choices());
                foreach (Outing::fish($day, $habit($seed), Compared::DAY_MIN)->stints as $stint) {
                    $minute = 60 * ((int) substr($stint->at, 11, 2) - 6) + (int) substr($stint->at, 14, 2);
                    $choices = $day->choices($minute);
                    $offer = new Offer($choices->place($stint->levels['spot']) ?? self::fail(), $choices->presentation($stint) ?? self::fail());
                    $promised += $stint->casts * $day->perCast($offer, $minute);
                    $casts += $stint->casts;
                }
            }

            return $promised / $casts;
        };
        self::assertGreaterThan(1.6 * $chosen(static fn (int $seed): Habit => new RandomChanges($seed)), $chosen(static fn (): Habit => new FollowsAdvice));
    }

    public function test_without_a_pattern_hardly_any_trip_confirms_one(): void
    {
        self::assertLessThan(0.05, Compared::falselyConfirmed(1000, 40, Compared::DAY_MIN, DrillWater::choices()));
    }

    public function test_a_hidden_day_is_the_same_for_everybody(): void
    {
        [$a, $b] = [self::day(7), self::day(7)];
        $offer = self::offer($a, 3, 1);
        self::assertSame((string) $a->told(), (string) $b->told());
        for ($cast = 1; $cast <= 200; $cast++) {
            self::assertSame($a->answer($offer, $cast), $b->answer($offer, $cast));
        }
        $told = array_map(static fn (int $seed): string => (string) self::day($seed)->told(), range(1, 60));
        self::assertGreaterThan(40, count(array_unique($told)));
    }

    public function test_fish_bite_at_the_rate_the_water_has(): void
    {
        foreach ([1, 5, 11] as $seed) {
            $day = self::day($seed);
            foreach ([0, 4, 9] as $place) {
                $offer = self::offer($day, $place, 5);
                $expected = array_sum(array_map(static fn (int $cast): float => $day->perCast($offer, $cast * 0.75), range(1, 6000)));
                $bites = count(array_filter(range(1, 6000), static fn (int $cast): bool => $day->answer($offer, $cast) !== null));
                self::assertEqualsWithDelta($expected, $bites, 5 * sqrt($expected));
            }
        }
        $even = HiddenDay::of(3, DrillWater::choices(), false);
        self::assertEqualsWithDelta(1 / 40, $even->perCast(self::offer($even, 0, 0), 10), 1e-12);
    }

    public function test_every_part_of_the_pattern_multiplies_the_rate(): void
    {
        $day = self::day(5);
        foreach ([10, 300] as $minute) {
            foreach ($day->choices($minute)->places as $place) {
                foreach ($day->choices($minute)->presentations as $shown) {
                    $offer = new Offer($place, $shown);
                    $rate = 0.008 * min(1.0, $place->fits[$shown->lure]);
                    foreach ($day->parts($minute) as $part) {
                        $rate *= $part->isMetBy($offer->levels()) ? $part->times : 1.0;
                    }
                    self::assertEqualsWithDelta(min(0.35, $rate), $day->perCast($offer, $minute), 1e-12);
                }
            }
        }
        $hidden = array_map(static fn ($part): string => $part->factor, $day->parts(300));
        self::assertSame(['cover', 'speed', 'color', 'weight', 'water_depth', 'light'], $hidden, 'color, weight and retrieve are hidden too');
    }

    public function test_a_place_is_spent_by_fishing_and_rests(): void
    {
        $day = self::day(5);
        $offer = self::offer($day, 0, 0);
        $fresh = $day->perCast($offer, 10);
        self::assertLessThan(0.6 * $fresh, $day->perCast($offer, 10, 30.0));
        self::assertGreaterThan(0.29 * $fresh, $day->perCast($offer, 10, 1000.0), 'something is always left');
        self::assertLessThan(1.0, HiddenDay::rested(30.0, 480.0));
    }

    public function test_light_turns_at_its_hour(): void
    {
        $day = self::day(9);
        $lights = static fn (float $minute): array => array_values(array_unique(array_map(static fn ($p): ?string => $p->light, $day->choices($minute)->places)));
        self::assertSame(['low'], $lights($day->sunUpMin - 1));
        self::assertEqualsCanonicalizing(['sun', 'shade'], $lights($day->sunUpMin));
    }

    public function test_ways_and_knots_take_their_time(): void
    {
        $day = self::day(2);
        $casting = new Casting($day);
        $first = self::offer($day, 0, 0);
        $casting->change($first);
        self::assertSame(0.0, $casting->minute(), 'the day begins at the first place');
        $casting->cast($first);
        self::assertEqualsWithDelta(0.75, $casting->minute(), 1e-9);
        $there = $day->choices(1, $first->place->name)->places[3];
        $casting->change(new Offer($there, $first->presentation));
        self::assertEqualsWithDelta(0.75 + $there->travelMin, $casting->minute(), 0.4);
        $before = $casting->minute();
        $casting->change(new Offer($there, $day->choices(1)->presentations[1]));
        self::assertEqualsWithDelta($before + 0.75, $casting->minute(), 1e-9);
        $same = Outing::fish($day, new SameLure(0), 120);
        self::assertLessThanOrEqual(120 / 0.75, $same->casts());
        self::assertGreaterThan(4, count($same->stints));
    }

    public function test_the_guide_repeats_what_paid_and_runs_its_likes(): void
    {
        $day = self::day(2);
        $offer = self::offer($day, 0, 0);
        $stint = static fn (Offer $o, string $at, int $casts, array $contacts): Stint => new Stint($at, $o->levels(), null, $casts, null, $contacts, $o->place->waterDepthFt, $o->presentation->weightOz);
        $guide = new Guide;
        $hour = static fn (array $log): DrillHour => new DrillHour($log, null, $day->choices(200, 'Cart landing'), new TimeLeft(200, 480));
        $guide->next($hour([]));
        $paid = $stint($offer, '2026-05-02T08:00', 12, [new Contact(ContactKind::Caught, atCast: 2)]);
        $next = $guide->next($hour([$paid]));
        self::assertSame($offer->presentation->levels(), $next->presentation->levels(), 'what paid');
        self::assertSame('reeds', $next->place->cover, 'at its like');
        self::assertNotSame('Cart landing', $next->place->name);
    }

    public function test_afterwards_every_choice_is_held_against_the_best_of_its_hour(): void
    {
        $day = self::day(4);
        $outing = Outing::fish($day, new Guide, 240);
        $reckoned = Reckoning::of($day, $outing->stints);
        self::assertSame([0, 0.0], $reckoned->curve[0]);
        self::assertEqualsWithDelta([$outing->casts(), $outing->weight()], $reckoned->curve[count($reckoned->curve) - 1], 1e-9);
        $before = [-1, -1.0];
        foreach ($reckoned->curve as $point) {
            self::assertTrue($point[0] >= $before[0] && $point[1] >= $before[1], 'nothing is taken back');
            $before = $point;
        }
        self::assertCount(count($outing->stints), $reckoned->costs);
        foreach ($reckoned->costs as $cost) {
            self::assertGreaterThanOrEqual(0.0, $cost->lost());
            self::assertEqualsWithDelta($cost->casts * ($cost->bestPerCast - $cost->perCast), $cost->lost(), 1e-12);
        }
        $dearest = $reckoned->dearest(3);
        self::assertCount(3, $dearest);
        self::assertSame(max(array_map(static fn (Cost $c): float => $c->lost(), $reckoned->costs)), $dearest[0]->lost());
    }

    public function test_the_best_choice_costs_nothing(): void
    {
        $day = self::day(4);
        $best = null;
        foreach ($day->choices(0)->places as $place) {
            foreach ($day->choices(0)->presentations as $shown) {
                $offer = new Offer($place, $shown);
                $best = $best === null || $day->perCast($offer, 0) > $day->perCast($best, 0) ? $offer : $best;
            }
        }
        $stint = new Stint('2026-05-02T06:00:00', $best->levels(), null, 10, null, [], $best->place->waterDepthFt, $best->presentation->weightOz);
        self::assertSame([], Reckoning::of($day, [$stint])->dearest(5));
    }

    private static function day(int $seed): HiddenDay
    {
        return HiddenDay::of($seed, DrillWater::choices());
    }

    private static function offer(HiddenDay $day, int $place, int $presentation): Offer
    {
        $choices = $day->choices(0);

        return new Offer($choices->places[$place], $choices->presentations[$presentation]);
    }
}
