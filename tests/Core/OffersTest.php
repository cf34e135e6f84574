<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Goal;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Expectation;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Presentation;
use OldEddy\Log\Next\TimeLeft;
use PHPUnit\Framework\TestCase;

/** What an offer promises: the log, the fit of lure and place, what the place still gives, the way and the time. */
final class OffersTest extends TestCase
{
    public function test_a_lure_is_offered_where_it_fits(): void
    {
        $reeds = new Fishable('Reeds', cover: 'reeds', fits: ['jerkbait' => 0.1, 'swim_jig' => 0.8]);
        $rocks = new Fishable('Rocks', cover: 'rock', fits: ['jerkbait' => 0.8, 'swim_jig' => 0.4]);
        $best = self::reckoned([], new Choices([$reeds], self::rods()))->best();
        self::assertSame('swim_jig', $best?->presentation->lure);
        self::assertSame('jerkbait', self::reckoned([], new Choices([$rocks], self::rods()))->best()?->presentation->lure);
        // What paid on rocks is no reason to throw trebles into reeds (M21).
        $log = [self::stint('Rocks', 'jerkbait', 40, ['caught', 'caught', 'caught'])];
        self::assertSame('swim_jig', self::reckoned($log, new Choices([$reeds], self::rods()))->best()?->presentation->lure);
    }

    public function test_before_the_first_cast_the_fit_alone_decides_and_afterwards_the_log_speaks_as_well(): void
    {
        $place = new Fishable('Wall', fits: ['jerkbait' => 0.6, 'swim_jig' => 0.5]);
        $choices = new Choices([$place], self::rods());
        self::assertSame('jerkbait', self::reckoned([], $choices)->best()?->presentation->lure);
        $log = [self::stint('Wall', 'jerkbait', 60), self::stint('Wall', 'swim_jig', 30, ['caught', 'caught'], 1)];
        self::assertSame('swim_jig', self::reckoned($log, $choices)->best()?->presentation->lure);
    }

    public function test_nothing_runs_deeper_than_the_water(): void
    {
        $shallow = new Fishable('Flat', waterDepthFt: 3.0);
        $deep = new Presentation('jerkbait', 'white', 'jerk_pause', 0.6, fit: 2.0, depthFt: 8.0);
        $high = new Presentation('jerkbait', 'white', 'jerk_pause', 0.6, depthFt: 3.0);
        self::assertSame($high, self::reckoned([], new Choices([$shallow], [$deep, $high]))->best()?->presentation);
        self::assertTrue((new Fishable('Unmeasured'))->canShow($deep));
    }

    public function test_a_long_way_must_be_worth_it(): void
    {
        $near = static fn (float $fit): Fishable => new Fishable('Near', travelMin: 0.0, fits: ['jerkbait' => $fit]);
        $far = new Fishable('Far', travelMin: 12.0, fits: ['jerkbait' => 1.0]);
        $rods = [self::rods()[0]];
        self::assertSame('Near', self::reckoned([], new Choices([$near(0.9), $far], $rods))->best()?->place->name);
        self::assertSame('Far', self::reckoned([], new Choices([$near(0.2), $far], $rods))->best()?->place->name);
        // With minutes left no way is worth it.
        self::assertSame('Near', self::reckoned([], new Choices([$near(0.2), $far], $rods), new TimeLeft(470, 480))->best()?->place->name);
    }

    public function test_a_place_gives_less_after_its_first_casts_and_rests_when_left_alone(): void
    {
        $choices = new Choices([new Fishable('A'), new Fishable('B'), new Fishable('C')], [self::rods()[0]]);
        $hope = static fn (array $log, string $place): float => self::reckoned($log, $choices)->hope(new Offer(new Fishable($place), self::rods()[0]));
        $a = [self::stint('A', 'jerkbait', 25, ['caught'])];
        self::assertLessThan($hope($a, 'B'), $hope($a, 'A'), 'one fish in 25 casts: the like of it that was not fished');
        $later = [...$a, self::stint('B', 'jerkbait', 25, [], 60), self::stint('C', 'jerkbait', 25, [], 150)];
        self::assertGreaterThan($hope($later, 'C'), $hope($later, 'A'), 'rested, and it paid');
    }

    public function test_the_untried_is_hoped_for_in_the_morning_and_at_the_end_what_is_known_counts(): void
    {
        $choices = new Choices([new Fishable('A'), new Fishable('B')], self::rods());
        $log = [self::stint('A', 'jerkbait', 30, ['caught', 'caught']), self::stint('B', 'jerkbait', 30, ['caught'], 30)];
        $share = static function (TimeLeft $time) use ($log, $choices): float {
            $reckoned = self::reckoned($log, $choices, $time);

            return $reckoned->hope(new Offer($choices->places[0], self::rods()[1])) / $reckoned->hope(new Offer($choices->places[0], self::rods()[0]));
        };
        self::assertGreaterThan($share(new TimeLeft(420, 480)), $share(new TimeLeft(60, 480)));
    }

    /** M23: our own numbers. */
    public function test_big_fish_are_another_goal_than_many(): void
    {
        $choices = new Choices([new Fishable('A')], self::rods());
        $log = [
            self::stint('A', 'jerkbait', 30, ['caught', 'caught', 'caught', 'caught'], lengths: [9.0, 10.0, 9.5, 9.0]),
            self::stint('A', 'swim_jig', 30, ['caught'], 30, [22.0]),
        ];
        self::assertSame('jerkbait', self::reckoned($log, $choices, new TimeLeft(470, 480))->best()?->presentation->lure);
        self::assertSame('swim_jig', self::reckoned($log, $choices, new TimeLeft(470, 480), Goal::BigFish)->best()?->presentation->lure);
        self::assertSame($log[0]->weight(), Goal::Numbers->weigh($log[0]));
        self::assertEqualsWithDelta(3 * 0.3, Goal::BigFish->weigh(self::stint('A', 'x', 1, ['caught', 'caught', 'caught'], lengths: [1.0, 2.0, 3.0])), 1e-9);
    }

    public function test_who_casts_slowly_finds_the_same_way_shorter(): void
    {
        $choices = new Choices([new Fishable('A'), new Fishable('B', travelMin: 10.0)], [self::rods()[0]]);
        $hope = static fn (?float $minutes): float => self::reckoned([self::stint('A', 'jerkbait', 30, ['caught'], minutes: $minutes)], $choices)
            ->hope(new Offer($choices->places[1], self::rods()[0]));
        self::assertGreaterThan($hope(null), $hope(60.0), 'two minutes a cast: ten minutes are five casts');
    }

    public function test_nothing_at_hand_is_no_offer(): void
    {
        self::assertNull(self::reckoned([], new Choices)->best());
        self::assertNull(self::reckoned([], new Choices([new Fishable('A')]))->best());
    }

    public function test_the_doubt_shrinks_with_the_contacts(): void
    {
        $choices = new Choices([new Fishable('A')], self::rods());
        $offer = new Offer($choices->places[0], self::rods()[0]);
        $few = self::reckoned([self::stint('A', 'jerkbait', 20, ['caught'])], $choices)->of($offer);
        $many = self::reckoned([self::stint('A', 'jerkbait', 200, array_fill(0, 10, 'caught'))], $choices)->of($offer);
        self::assertGreaterThan($few->shape, $many->shape);
        self::assertEqualsWithDelta(0.5, $few->exceeds($few), 1e-9);
    }

    public function test_time_runs_out_and_never_below_nothing(): void
    {
        self::assertEqualsWithDelta(0.25, (new TimeLeft(360, 480))->share(), 1e-12);
        self::assertSame([0.0, 0.0], [(new TimeLeft(500, 480))->share(), (new TimeLeft(500, 480))->leftMin()]);
        self::assertEqualsWithDelta(80, TimeLeft::castsIn(60), 1e-9);
    }

    /** @param  list<Stint>  $log */
    private static function reckoned(array $log, Choices $choices, TimeLeft $time = new TimeLeft, Goal $goal = Goal::Numbers): Expectation
    {
        return new Expectation($log, [], new Prior, $choices, $time, $goal);
    }

    /** @return non-empty-list<Presentation> */
    private static function rods(): array
    {
        static $rods = [new Presentation('jerkbait', 'white', 'jerk_pause', 0.6), new Presentation('swim_jig', 'white', 'medium', 2.5)];

        return $rods;
    }

    /**
     * @param  list<string>  $kinds
     * @param  list<float>  $lengths
     */
    private static function stint(
        string $spot, string $lure, int $casts, array $kinds = [], int $minute = 0, array $lengths = [], ?float $minutes = null,
    ): Stint {
        $rod = array_values(array_filter(self::rods(), static fn (Presentation $p): bool => $p->lure === $lure))[0] ?? null;
        $contacts = array_map(
            static fn (string $kind, int $i): Contact => new Contact(ContactKind::from($kind), lengthIn: $lengths[$i] ?? null, atCast: $i + 1), $kinds, array_keys($kinds),
        );

        return new Stint(sprintf('2026-05-02T%02d:%02d:00', 6 + intdiv($minute, 60), $minute % 60), ['spot' => $spot] + ($rod?->levels() ?? []), null, $casts, $minutes, $contacts);
    }
}
