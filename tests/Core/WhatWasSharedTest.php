<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Losses;
use OldEddy\Log\Evidence\LostBy;
use OldEddy\Log\Evidence\Shared;
use OldEddy\Log\Evidence\Showed;
use OldEddy\Log\Evidence\Spent;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\TargetClock;
use OldEddy\Reading\Groups;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What can be said of a day without any statistics: what was shared, what showed, what was lost, how soon they bit. */
final class WhatWasSharedTest extends TestCase
{
    /** M22: common practice, no source. */
    public function test_shared_is_what_every_contact_had_and_no_long_blank(): void
    {
        $log = [
            self::stint(['cover' => 'reeds', 'light' => 'shade', 'lure' => 'swim_jig'], 15, ['caught']),
            self::stint(['cover' => 'reeds', 'light' => 'shade', 'lure' => 'hollow_frog'], 15, ['missed']),
            self::stint(['cover' => 'rock', 'light' => 'sun', 'lure' => 'swim_jig'], 15),
        ];
        self::assertSame(['cover:reeds', 'light:shade'], self::shared($log));
        self::assertSame(['light:shade'], self::shared([...$log, self::stint(['cover' => 'reeds', 'light' => 'sun'], 10)]), 'ten blank casts in reeds');
        self::assertSame(['cover:reeds', 'light:shade'], self::shared([...$log, self::stint(['cover' => 'reeds', 'light' => 'sun'], 9)]), 'nine say nothing');
    }

    public function test_what_one_contact_lacks_is_not_shared(): void
    {
        self::assertSame(['lure:tube'], self::shared([self::stint(['cover' => 'rock', 'lure' => 'tube'], 9, ['boil']), self::stint(['lure' => 'tube'], 9, ['bump'])]));
        self::assertSame([], self::shared([self::stint(['cover' => 'rock'], 40)]), 'without a contact there is nothing to share');
        self::assertSame([], self::shared([]));
    }

    /** M16: common practice, no source. */
    public function test_a_fish_that_showed_is_an_appointment(): void
    {
        $log = [
            self::stint(['spot' => 'Oak', 'lure' => 'jerkbait'], 20, ['follow' => 4, 'caught' => 6, 'boil' => 12], '2026-05-02T08:00:00'),
            self::stint(['spot' => 'Rock', 'lure' => 'swim_jig'], 10, ['missed' => 2, 'bump' => 3], '2026-05-02T09:00:00', 20.0),
        ];
        $showed = Showed::in($log);
        self::assertSame([['Oak', 'follow'], ['Oak', 'boil'], ['Rock', 'missed']], array_map(static fn (Showed $s): array => [$s->spot, $s->kind->value], $showed));
        self::assertSame([true, false, false], array_map(static fn (Showed $s): bool => $s->met, $showed), 'one was hooked at the oak after the follow');
        self::assertSame(['2026-05-02T08:03:00', '2026-05-02T08:09:00'], [$showed[0]->at, $showed[1]->at], 'forty-five seconds a cast');
        self::assertSame('2026-05-02T09:04:00', $showed[2]->at, 'two minutes a cast, as the stint says');
        self::assertEqualsWithDelta(51.0, $showed[1]->minutesUntil('2026-05-02T09:00:00'), 1e-9);
    }

    /** M20: common practice, no source. */
    public function test_fish_are_lost_by_cause(): void
    {
        $lost = static fn (?LostBy $by): Contact => new Contact(ContactKind::Lost, lostBy: $by);
        $log = [
            new Stint('2026-05-02T08:00', ['lure' => 'jerkbait'], null, 30, null, [
                $lost(LostBy::Pulled), $lost(LostBy::Pulled), $lost(LostBy::Bitten), $lost(null), new Contact(ContactKind::Caught), new Contact(ContactKind::Missed),
                new Contact(ContactKind::Follow),
            ]),
            new Stint('2026-05-02T09:00', ['lure' => 'casting_jig'], null, 30, null, [new Contact(ContactKind::Caught)]),
            new Stint('2026-05-02T10:00', ['lure' => 'tube'], null, 30, null, [new Contact(ContactKind::Follow)]),
        ];
        $losses = Losses::byLure($log);
        self::assertSame(['jerkbait', 'casting_jig'], array_column($losses, 'lure'), 'what struck nothing is not among them');
        self::assertSame([6, 1, ['pulled' => 2, 'bitten' => 1, 'unsaid' => 1]], [$losses[0]->struck, $losses[0]->landed, $losses[0]->by]);
        self::assertSame([true, false], [$losses[0]->wasBittenOff(), $losses[1]->wasBittenOff()], 'D13: a trace is asked about');
        self::assertSame([1, 1, []], [$losses[1]->struck, $losses[1]->landed, $losses[1]->by]);
    }

    /** M14: five to ten casts, then go, is the common practice (S3); no source. */
    public function test_without_a_past_one_leaves_after_five_to_ten_blank_casts(): void
    {
        $clock = TargetClock::of([], []);
        self::assertGreaterThanOrEqual(5, $clock->leaveAfter());
        self::assertLessThanOrEqual(10, $clock->leaveAfter());
        self::assertNull($clock->share(0));
        self::assertTrue($clock->rates[0] > $clock->rates[1] && $clock->rates[1] > $clock->rates[2] && $clock->rates[2] > $clock->rates[3]);
    }

    public function test_the_own_curve_takes_over_where_there_are_bites(): void
    {
        // A hundred targets of thirty casts: this angler's fish come late.
        $late = TargetClock::of([15 => 40, 18 => 40, 25 => 30, 3 => 5], [30 => 100]);
        self::assertGreaterThanOrEqual(15, $late->leaveAfter());
        $early = TargetClock::of([1 => 60, 2 => 40, 4 => 20], [30 => 100]);
        self::assertLessThan($late->leaveAfter(), $early->leaveAfter());
        self::assertEqualsWithDelta(1.0, (float) $early->share(0), 1e-12);
        self::assertSame([5, 0, 80, 30], $late->bites);
        self::assertEqualsWithDelta(5 / 115, (float) $late->share(0), 1e-12);
    }

    public function test_few_own_bites_hardly_bend_the_common_curve(): void
    {
        $common = TargetClock::of([], [])->leaveAfter();
        self::assertEqualsWithDelta($common, TargetClock::of([16 => 1], [20 => 10])->leaveAfter(), 3);
    }

    public function test_casts_on_a_spent_place_are_worth_less(): void
    {
        $log = [self::stint(['spot' => 'A'], 20, [], '2026-05-02T08:00:00'), self::stint(['spot' => 'A'], 20, [], '2026-05-02T08:15:00'),
            self::stint(['spot' => 'B'], 20, [], '2026-05-02T08:30:00')];
        $spent = new Spent($log);
        self::assertLessThan($spent->worth[0], $spent->worth[1]);
        self::assertEqualsWithDelta($spent->worth[0], $spent->worth[2], 1e-9, 'another place is as fresh as the first was');
        self::assertLessThan(20.0, $spent->worth[0]);
        self::assertGreaterThan($spent->ahead('A', 10, 0.0), $spent->ahead('A', 10, 120.0), 'two hours of rest');
        self::assertEqualsWithDelta($spent->ahead('C', 10, 0.0), $spent->ahead('D', 10, 500.0), 1e-9);
    }

    #[DataProvider('seasons')]
    public function test_fish_come_in_groups_in_the_cold_and_walleye_in_running_water(string $species, ?Stage $stage, string $current, bool $groups): void
    {
        $day = Settler::settle(ConditionsReader::read(['species' => $species, 'date' => '2026-07-01', 'water' => ['current' => $current]]));
        self::assertSame($groups, Groups::expected($day, $stage));
    }

    /** @return iterable<string, array{string, ?Stage, string, bool}> */
    public static function seasons(): iterable
    {
        yield 'winter' => ['largemouth_bass', Stage::Winter, 'none', true];
        yield 'before the spawn' => ['largemouth_bass', Stage::Prespawn, 'none', true];
        yield 'summer' => ['largemouth_bass', Stage::Summer, 'none', false];
        yield 'walleye in a river' => ['walleye', Stage::Summer, 'moderate', true];
        yield 'walleye in a lake' => ['walleye', Stage::Summer, 'none', false];
        yield 'nobody knows' => ['largemouth_bass', null, 'none', false];
    }

    /**
     * @param  list<Stint>  $log
     * @return list<string>
     */
    private static function shared(array $log): array
    {
        return array_map(strval(...), Shared::levels($log));
    }

    /**
     * @param  array<string, string>  $levels
     * @param  list<string>|array<string, int>  $kinds  or the cast of each by its kind
     */
    private static function stint(array $levels, int $casts, array $kinds = [], string $at = '2026-05-02T08:00:00', ?float $minutes = null): Stint
    {
        $contacts = array_is_list($kinds)
            ? array_map(static fn (string $k): Contact => new Contact(ContactKind::from($k)), $kinds)
            : array_map(static fn (string $k, int $cast): Contact => new Contact(ContactKind::from($k), atCast: $cast), array_keys($kinds), $kinds);

        return new Stint($at, $levels, null, $casts, $minutes, $contacts);
    }
}
