<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\PatternContract;
use OldEddy\Contract\StintsReader;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Manner;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\NextMove;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A pattern is claimed where there is one, however the bites come, and what does not matter to it changes nothing (decision 0020). */
final class HonestEvidenceTest extends TestCase
{
    use Stints;

    /** From the least to the most; what faded is no more than what has no contact. */
    private const RANK = ['rejected' => 0, 'no_read' => 1, 'faded' => 1, 'hint' => 2, 'holding' => 3, 'confirmed' => 4];

    public function test_two_lures_of_one_rate_are_neither_a_pattern_nor_rejected(): void
    {
        self::assertSame(['hint', 'hint'], array_column(self::lures('equal-rates'), 'claim'));
        self::assertSame('hint', self::answer('equal-rates')['pattern']['verdict']);
    }

    public function test_what_was_never_varied_is_only_tried_so(): void
    {
        [$only] = self::lures('mini-const');
        self::assertSame(['hint', 'hint', null], [$only['verdict'], $only['claim'], $only['p_better']]);
        $level = Evidence::weigh([$this->stint(['lure' => 'tube', 'spot' => 'A'], 20, ['caught'])])->of('lure', 'tube');
        self::assertSame(['only tried so', null], [$level?->says(), $level?->pBetter]);
        self::assertSame('no read', Evidence::weigh([$this->stint(['lure' => 'tube', 'spot' => 'A'], 90)])->of('lure', 'tube')?->says(), 'ninety blanks reject nothing that had no rival');
    }

    public function test_the_twentieth_blank_cast_raises_nothing(): void
    {
        foreach ([0, 1] as $i) {
            self::assertLessThanOrEqual(self::rank(self::lures('mini-blank19')[$i]['claim']), self::rank(self::lures('mini-blank20')[$i]['claim']));
        }
    }

    public function test_follows_hint(): void
    {
        self::assertSame(['hint', 'hint'], [self::lures('mini-follows')[0]['verdict'], self::lures('mini-follows')[0]['claim']]);
    }

    public function test_a_fish_more_does_not_make_what_stood_fade(): void
    {
        [$before, $after] = [self::lures('more-contacts-faded', 'a'), self::lures('more-contacts-faded', 'b')];
        foreach (['verdict', 'claim'] as $what) {
            self::assertGreaterThanOrEqual(self::rank($before[1][$what]), self::rank($after[1][$what]));
        }
    }

    /** @return list<array{string}> */
    public static function twins(): array
    {
        return [['split-min'], ['ties-min']];
    }

    #[DataProvider('twins')]
    public function test_one_log_told_in_two_ways_says_one_thing(string $case): void
    {
        $said = static fn (string $log): array => array_map(static fn (array $l): array => [$l['factor'], $l['level'], $l['verdict'], $l['claim'], $l['p_better']], self::answer($case, $log)['factors']);
        self::assertEqualsCanonicalizing($said('a'), $said('b'));
        self::assertSame(self::answer($case, 'a')['pattern']['verdict'], self::answer($case, 'b')['pattern']['verdict']);
    }

    /** Cut in four, given in another order, with a factor more that never changes: exactly the same verdicts. */
    public function test_how_a_log_is_told_changes_no_verdict(): void
    {
        $logs = new SimulatedLogs(11);
        $said = static fn (Evidence $e): array => array_merge(...array_map(
            static fn (LevelEvidence $l): array => $l->factor === 'position' ? [] : ["{$l->factor}:{$l->level}" => [$l->verdict, $l->claim, round($l->pBetter ?? -1.0, 9)]], $e->levels,
        ));
        $stands = 0;
        foreach (SimulatedLogs::SCENARIOS as $as) {
            for ($n = 0; $n < 8; $n++) {
                $log = $logs->log($as + ['effect' => ['lure', 'tube', 4.0]]);
                $once = $said(Evidence::weigh($log));
                $stands += count(array_filter($once, static fn (array $one): bool => $one[1]->stands()));
                self::assertSame($once, $said(Evidence::weigh(array_merge(...array_map(self::inFour(...), $log)))), 'cut in four');
                $backwards = $said(Evidence::weigh(array_reverse($log)));
                ksort($backwards);
                ksort($once);
                self::assertSame($once, $backwards, 'in another order');
                $more = $said(Evidence::weigh(array_map(static fn (Stint $s): Stint => self::again($s, levels: ['position' => 'flat']), $log)));
                ksort($more);
                self::assertSame($once, $more, 'with what never changes');
            }
        }
        self::assertGreaterThan(20, $stands, 'there was something to change');
    }

    /** A contact more never lowers a verdict, its claim or how sure it is; a blank cast more never raises them. */
    public function test_a_contact_never_speaks_against_and_a_blank_never_for_what_was_fished(): void
    {
        $logs = new SimulatedLogs(12);
        foreach (SimulatedLogs::SCENARIOS as $name => $as) {
            for ($n = 0; $n < 15; $n++) {
                $log = $logs->log($as + ['effect' => ['lure', 'tube', 3.0]]);
                $i = $logs->one(array_keys($log));
                $before = Evidence::weigh($log);
                $blank = Evidence::weigh([$i => self::again($log[$i], casts: $log[$i]->casts + 1)] + $log);
                $fish = Evidence::weigh([$i => self::again($log[$i], contacts: [...$log[$i]->contacts, new Contact(ContactKind::Caught, atCast: intdiv($log[$i]->casts, 2) + 1)])] + $log);
                foreach ($log[$i]->levels as $factor => $level) {
                    [$was, $less, $more] = [$before->of($factor, $level), $blank->of($factor, $level), $fish->of($factor, $level)];
                    self::assertLessThanOrEqual(($was->pBetter ?? 0.5) + 1e-9, $less->pBetter ?? 0.5, "{$name}: a blank for {$factor} {$level}");
                    self::assertGreaterThanOrEqual(($was->pBetter ?? 0.5) - 1e-9, $more->pBetter ?? 0.5, "{$name}: a fish against {$factor} {$level}");
                    foreach (['verdict', 'claim'] as $what) {
                        self::assertLessThanOrEqual(self::rank($was?->{$what}->value), self::rank($less?->{$what}->value), "{$name}: a blank raises {$factor} {$level}");
                        self::assertGreaterThanOrEqual(self::rank($was?->{$what}->value), self::rank($more?->{$what}->value), "{$name}: a fish lowers {$factor} {$level}");
                    }
                }
            }
        }
    }

    /** The promise: under one day in twenty. The short form of bin/bench, with room for the luck of few logs. */
    public function test_days_without_a_pattern_are_seldom_given_one(): void
    {
        foreach (SimulatedLogs::SCENARIOS as $name => $as) {
            $said = SimulatedVerdicts::falselySaid($as, 50, 21);
            self::assertLessThanOrEqual(5, $said['confirmed'], "{$name}: confirmed in so many of 50");
            self::assertLessThanOrEqual(7, $said['stands'], "{$name}: confirmed or holding");
            self::assertLessThanOrEqual(7, $said['rejected'], "{$name}: rejected");
        }
    }

    /**
     * From outside: every way in which so few contacts can fall on four stays with a lure and four without, each with its exact
     * probability (multinomial), when the lures give alike. What is then said of a lure by itself is wrong in at most one of ten.
     */
    #[DataProvider('fewContacts')]
    public function test_of_all_ways_in_which_few_contacts_can_fall_few_deceive(int $contacts, int $castsEach, int $restEach): void
    {
        $shares = [...array_fill(0, 4, $castsEach), ...array_fill(0, 4, $restEach)];
        [$all, $wrong] = [0.0, ['confirmed' => 0.0, 'rejected' => 0.0]];
        foreach (self::waysToFall($contacts, 8) as $falls) {
            $probability = 1.0;
            $left = $contacts;
            $log = [];
            foreach ($falls as $stay => $n) {
                for ($i = 1; $i <= $n; $i++, $left--) {
                    $probability *= $shares[$stay] / array_sum($shares) * $left / $i;
                }
                $log[] = $this->stint(['lure' => $stay < 4 ? 'tube' : 'jerkbait', 'spot' => "S{$stay}"], $shares[$stay], array_fill(0, $n, 'caught'));
            }
            $all += $probability;
            $claim = Evidence::weigh($log)->of('lure', 'tube')?->claim->value;
            $wrong[$claim] = ($wrong[$claim] ?? 0.0) + $probability;
        }
        self::assertEqualsWithDelta(1.0, $all, 1e-9);
        self::assertLessThanOrEqual(0.1, $wrong['confirmed']);
        self::assertLessThanOrEqual(0.1, $wrong['rejected']);
    }

    /** @return list<array{int, int, int}> contacts, casts of each of four stays with the lure, and of each without */
    public static function fewContacts(): array
    {
        return [[2, 20, 20], [3, 20, 20], [4, 20, 20], [4, 10, 30], [4, 30, 10], [5, 15, 30]];
    }

    /** @return list<list<int>> every way to share so many out among so many */
    private static function waysToFall(int $contacts, int $among): array
    {
        if ($among === 1) {
            return [[$contacts]];
        }
        $ways = [];
        for ($here = 0; $here <= $contacts; $here++) {
            foreach (self::waysToFall($contacts - $here, $among - 1) as $rest) {
                $ways[] = [$here, ...$rest];
            }
        }

        return $ways;
    }

    public function test_a_pattern_that_is_there_is_found(): void
    {
        self::assertGreaterThanOrEqual(22, SimulatedVerdicts::found(['lure', 'tube', 5.0], 0.02, 50, 22, 1), 'of 50, within 600 casts');
    }

    /** Four times in five, however the bites come. */
    public function test_spans_hold_the_true_rate(): void
    {
        foreach (SimulatedLogs::SCENARIOS as $name => $as) {
            if ($name !== 'lures tied to spots') {
                self::assertEqualsWithDelta(0.8, SimulatedVerdicts::heldBySpans($as, 80, 23), 0.16, $name);
            }
        }
    }

    public function test_what_stops_is_said_to_have_stopped_and_what_goes_on_is_not(): void
    {
        foreach (['0.10' => 60, '0.05' => 90] as $rate => $within) {
            $stable = SimulatedVerdicts::fading((float) $rate, true, 40, 24);
            $stopped = SimulatedVerdicts::fading((float) $rate, false, 40, 24);
            self::assertLessThanOrEqual(0.3, $stable['faded'], "{$rate}: said of a stable day, looked at every thirty casts");
            self::assertLessThanOrEqual($within, $stopped['after'], "{$rate}: casts until it is said, in half of the logs");
            self::assertLessThanOrEqual(0.15, $stopped['stands'], "{$rate}: stands at the end");
        }
    }

    /** M6: a frog thrown over reeds, and hardly ever without: which of the two it was is not claimed of either. */
    public function test_what_nearly_always_came_together_is_told_as_one(): void
    {
        $log = [];
        foreach (range(1, 6) as $n) {
            $log[] = $this->stint(['cover' => 'reeds', 'lure' => 'hollow_frog', 'spot' => "A{$n}"], 20, ['caught', 'caught']);
            $log[] = $this->stint(['cover' => 'rock', 'lure' => 'jerkbait', 'spot' => "B{$n}"], 20);
        }
        $always = Evidence::weigh($log);
        self::assertContains(['cover:reeds', 'lure:hollow_frog'], self::together($always));
        self::assertSame([[], Verdict::Confirmed], [$always->together->nearly, $always->of('lure', 'hollow_frog')?->claim]);
        $log[] = $this->stint(['cover' => 'reeds', 'lure' => 'jerkbait', 'spot' => 'C'], 10, ['caught', 'caught']);
        $log[] = $this->stint(['cover' => 'rock', 'lure' => 'hollow_frog', 'spot' => 'D'], 10);
        $nearly = Evidence::weigh($log);
        self::assertContains(['cover:reeds', 'lure:hollow_frog'], self::together($nearly));
        self::assertFalse($nearly->of('lure', 'hollow_frog')?->claim->stands(), 'without the reeds it caught nothing, and the reeds caught without it');
        $apart = [...$log, $this->stint(['cover' => 'reeds', 'lure' => 'jerkbait', 'spot' => 'E'], 40, ['caught', 'caught', 'caught']), $this->stint(['cover' => 'rock', 'lure' => 'hollow_frog', 'spot' => 'F'], 40)];
        self::assertNotContains(['cover:reeds', 'lure:hollow_frog'], self::together(Evidence::weigh($apart)), 'fished apart they are two');
    }

    public function test_nothing_is_claimed_of_a_pattern_that_is_not_of_one_of_its_levels(): void
    {
        $logs = new SimulatedLogs(13);
        $leads = 0;
        for ($n = 0; $n < 60; $n++) {
            $pattern = Pattern::in(Evidence::weigh($logs->log(SimulatedLogs::SCENARIOS['visits differ'] + ['effect' => ['lure', 'tube', 3.0]])));
            $claims = array_map(static fn (LevelEvidence $l): int => self::rank($l->claim->value), $pattern->levels);
            $leads += $claims === [] ? 0 : 1;
            self::assertTrue($claims === [] || ! $pattern->verdict->stands() || max($claims) >= self::rank($pattern->verdict->value));
        }
        self::assertGreaterThan(10, $leads);
    }

    /** H20: the first move does not say of itself that another does better, and none offers what was rejected. */
    public function test_a_proposal_does_not_speak_against_itself(): void
    {
        foreach (['next-alternative-surer-by-1in10', 'next-first-says-going-on-is-better', 'next-offers-rejected-level', 'next-promises-most-but-under-5-in-10'] as $case) {
            $moves = self::moves($case);
            self::assertFalse($moves[0]->promisesLess(), $case);
            $rejected = array_filter(self::answer($case)['factors'], static fn (array $l): bool => $l['claim'] === 'rejected');
            foreach ($moves as $move) {
                self::assertLessThan(0.1, ($move->pBetter ?? 0.0) - ($moves[0]->pBetter ?? 1.0), "{$case}: an alternative that is surer");
                self::assertTrue(! str_contains((string) $move->text, 'promises most') || $move->pBetter === null || $move->pBetter >= 0.5, (string) $move->text);
                foreach ($rejected as $level) {
                    self::assertNotSame($level['level'], $move->offer?->levels()[$level['factor']] ?? null, (string) $move->text);
                }
            }
        }
    }

    /** @return non-empty-list<Move> */
    private static function moves(string $case): array
    {
        $log = StintsReader::read(json_decode((string) file_get_contents(__DIR__."/references/evidence-cases/{$case}.json"), true, flags: JSON_THROW_ON_ERROR));
        $evidence = Evidence::weigh($log->stints, $log->prior, $log->turns);

        return NextMove::after($evidence, Pattern::in($evidence), $log->atHand->choices, new Manner($log->schools, time: $log->atHand->time, goal: $log->atHand->goal));
    }

    /** @return list<list<string>> */
    private static function together(Evidence $evidence): array
    {
        return array_map(static fn (array $group): array => array_map(strval(...), $group), $evidence->together->groups());
    }

    /** @return list<Stint> */
    private static function inFour(Stint $stint): array
    {
        $parts = [];
        for ($from = 0, $n = 1; $n <= 4; $n++) {
            $to = intdiv($n * $stint->casts, 4);
            $of = array_filter($stint->contacts, static fn (Contact $c): bool => $c->atCast > $from && $c->atCast <= $to);
            $parts[] = self::again($stint, sprintf('%s:%02d', $stint->at, 10 * $n), $to - $from, array_map(
                static fn (Contact $c): Contact => new Contact($c->kind, atCast: $c->atCast - $from), array_values($of),
            ));
            $from = $to;
        }

        return $parts;
    }

    /**
     * @param  list<Contact>|null  $contacts
     * @param  array<string, string>  $levels  more of them
     */
    private static function again(Stint $stint, ?string $at = null, ?int $casts = null, ?array $contacts = null, array $levels = []): Stint
    {
        return new Stint($at ?? $stint->at, $levels + $stint->levels, $stint->depthFt, $casts ?? $stint->casts, null, $contacts ?? $stint->contacts, $stint->waterDepthFt);
    }

    private static function rank(?string $verdict): int
    {
        return self::RANK[$verdict ?? ''];
    }

    /** @return list<array<string, mixed>> */
    private static function lures(string $case, ?string $log = null): array
    {
        return array_values(array_filter(self::answer($case, $log)['factors'], static fn (array $l): bool => $l['factor'] === 'lure'));
    }

    /** @return array<string, mixed> */
    private static function answer(string $case, ?string $log = null): array
    {
        $read = json_decode((string) file_get_contents(__DIR__."/references/evidence-cases/{$case}.json"), true, flags: JSON_THROW_ON_ERROR);

        return PatternContract::answer($log === null ? $read : $read[$log]);
    }
}
