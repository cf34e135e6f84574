<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Evidence\OwnPast;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Evidence\Untested;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Evidence\Visits;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use PHPUnit\Framework\TestCase;

/** What the casts of a day say of each level: verdicts, decay, priors (rule EVIDENCE). */
final class EvidenceTest extends TestCase
{
    use Stints;

    public function test_verdicts_follow_their_limits(): void
    {
        $reeds = fn (int $casts, array $kinds, string $spot): Stint => $this->stint(['cover' => 'reeds', 'spot' => $spot], $casts, $kinds);
        $rock = fn (int $casts): Stint => $this->stint(['cover' => 'rock', 'spot' => 'R'], $casts);
        self::assertSame(Verdict::NoRead, $this->verdict([$reeds(25, [], 'A'), $rock(20)]), 'no contact');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(30, ['caught'], 'A'), $rock(30)]), 'one contact');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(19, ['caught', 'caught', 'caught', 'caught'], 'A'), $rock(60)]), 'one stay only');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught', 'caught'], 'A'), $rock(60)]), 'one stay, told as two stints');
        self::assertSame(Verdict::Holding, $this->verdict([$reeds(15, ['caught', 'caught'], 'A'), $rock(60), $reeds(15, ['caught', 'caught'], 'A')]), 'one spot is not two');
        self::assertSame(Verdict::Holding, $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught'], 'B'), $rock(60)]), 'three are not sure enough');
        self::assertSame(Verdict::Confirmed, $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught', 'caught'], 'B'), $rock(60)]));
        $close = [$reeds(20, ['caught', 'caught'], 'A'), $reeds(20, ['caught'], 'B'), $this->stint(['cover' => 'rock', 'spot' => 'R'], 40, ['caught'])];
        // By hand: three stays with 2, 1 and 1 count for 1.25, 1 and 1 of 4; two contacts of the day on either side. R: pbeta(0.5, 2.8125, 4.4375).
        self::assertEqualsWithDelta(0.7398959, Evidence::weigh($close)->of('cover', 'reeds')?->pBetter, 1e-7);
        self::assertSame(Verdict::Hint, $this->verdict($close), 'three in four');
        self::assertSame(
            Verdict::Rejected,
            $this->verdict([$reeds(100, [], 'A'), $this->stint(['cover' => 'rock', 'spot' => 'R'], 40, ['caught', 'caught', 'caught']), $this->stint(['cover' => 'rock', 'spot' => 'S'], 40, ['caught', 'caught', 'caught'])]),
        );
    }

    /** Two anglers at one spot share its stay; whoever goes and comes back begins another. */
    public function test_stays_are_told_apart(): void
    {
        $at = fn (string $spot, string $angler): Stint => $this->stint(['spot' => $spot, 'angler' => $angler], 10);
        self::assertSame([0, 0, 1, 0, 2], Visits::in([$at('A', 'one'), $at('A', 'two'), $at('B', 'one'), $at('A', 'two'), $at('C', 'one')])->of);
        self::assertSame([0, 1, 2], Visits::in([$at('A', 'one'), $at('B', 'one'), $at('A', 'one')])->of);
        self::assertEqualsWithDelta([1.0, 1.0, 2.5 * 9 / 10.5 / 9], [Visits::counted([], 3), Visits::counted([1.0, 1.0], 4), Visits::counted([9.0], 1)], 1e-12, 'a bunch of nine');
    }

    public function test_what_stood_fades_after_so_many_blank_casts(): void
    {
        $stints = [
            $this->stint(['cover' => 'rock', 'spot' => 'R'], 60),
            $this->stint(['cover' => 'reeds', 'spot' => 'A'], 15, ['caught', 'lost']),
            $this->stint(['cover' => 'reeds', 'spot' => 'B'], 15, ['caught', 'caught']),
        ];
        $evidence = Evidence::weigh($stints);
        $level = $evidence->of('cover', 'reeds');
        self::assertSame([Verdict::Confirmed, Verdict::Confirmed], [$level?->verdict, $level?->claim]);
        $left = (int) $level->castsUntilFaded;
        // By hand: six contacts in 30 casts and the day's worth of two; 0.03 by the negative binomial.
        self::assertSame((int) ceil((2 / $evidence->day->mean() + 30) * (0.03 ** (-1 / 6) - 1)), $left);
        $with = fn (int $blank): ?Verdict => Evidence::weigh(
            [...$stints, $this->stint(['cover' => 'reeds', 'spot' => 'C'], $blank)],
        )->of('cover', 'reeds')?->claim;
        self::assertNotSame(Verdict::Faded, $with((int) ($left * 0.8)));
        self::assertSame(Verdict::Faded, $with(2 * $left), 'the day gave less meanwhile: it takes a little longer');
    }

    public function test_contacts_weigh_by_kind(): void
    {
        $weights = array_map(static fn (ContactKind $k): float => $k->weight(), ContactKind::cases());
        self::assertSame([1.0, 1.0, 0.8, 0.6, 0.5, 0.5], $weights);
    }

    /** M7, M3, M8, M9, M10, C10, R17: common practice, no source. */
    public function test_the_next_move(): void
    {
        $first = fn (
            array $stints,
            Schools $schools = new Schools,
            bool $winter = false,
        ): Move => $this->nextAfter(Evidence::weigh($stints), $schools, $winter)[0];
        $blank = fn (int $casts, string $spot = 'A'): Stint => $this->stint(['lure' => 'spinnerbait', 'spot' => $spot], $casts);
        self::assertSame(Action::Stay, $first([])->action);
        self::assertSame('M7', $first([$this->stint(['lure' => 'spinnerbait', 'spot' => 'A'], 6, ['caught'], 3, 5)])->ruleId);
        self::assertSame('M3', $first([$this->stint(['lure' => 'spinnerbait', 'spot' => 'A'], 6, ['missed'], 3, 5)])->ruleId);
        self::assertSame('R17', $first([$this->stint(['lure' => 'spinnerbait', 'spot' => 'A'], 6, ['follow'], 3, 5)])->ruleId);
        self::assertSame(Action::Stay, $first([$blank(6)])->action);
        self::assertSame(Action::ChangeDepth, $first([$blank(18)])->action);
        self::assertSame(Action::ChangePlace, $first([$blank(18)], new Schools(['change_first' => 'place']))->action);
        self::assertSame(Action::ChangePlace, $first([$blank(18)], winter: true)->action, 'in winter the place first');
        self::assertSame(Action::ChangePlace, $first([$blank(9)], new Schools(['tempo' => 'cover_water']))->action);
        self::assertSame('S3', $first([$blank(9)], new Schools(['tempo' => 'pick_apart']))->ruleId);
        self::assertSame('M10', $first([$blank(45), $blank(45, 'B')])->ruleId);
        self::assertSame(Action::SlowDown, $first([$this->stint(['lure' => 'spinnerbait', 'spot' => 'A'], 24, ['caught'], 3, 10)])->action);
        self::assertSame(Action::Return, $first([$this->stint(['lure' => 'spinnerbait', 'spot' => 'Paid'], 20, ['caught'], 3, 2), $blank(18, 'B')])->action);
        $tried = array_map(static fn (Move $m): Action => $m->action, $this->nextAfter(Evidence::weigh([$blank(40)])));
        self::assertNotContains(Action::ChangeColor, $tried, 'C9: color is not changed first');
        $short = new Stint('2026-04-12T09:00', ['lure' => 'spinnerbait', 'spot' => 'A'], 3.0, 30, null, [
            new Contact(ContactKind::Caught, hooked: Hooked::Outside, atCast: 5), new Contact(ContactKind::Bump, atCast: 9),
        ]);
        self::assertSame('C10', $first([$short])->ruleId);
    }

    /** M12: what was fished before a turn of the day says less. */
    public function test_evidence_decays_when_the_day_turns(): void
    {
        $stints = [
            new Stint(
                '2026-04-12T07:00',
                ['cover' => 'reeds', 'spot' => 'A'],
                3.0,
                20,
                null,
                [new Contact(ContactKind::Caught, atCast: 3), new Contact(ContactKind::Caught, atCast: 9), new Contact(ContactKind::Caught, atCast: 11)],
            ),
            new Stint('2026-04-12T08:00', ['cover' => 'reeds', 'spot' => 'B'], 3.0, 20, null, [new Contact(ContactKind::Caught, atCast: 12), new Contact(ContactKind::Caught, atCast: 20)]),
            new Stint('2026-04-12T09:00', ['cover' => 'rock', 'spot' => 'C'], 3.0, 60, null, []),
        ];
        $plain = Evidence::weigh($stints)->of('cover', 'reeds');
        $turned = Evidence::weigh(
            $stints,
            new Prior,
            [new Turn('2026-04-12T08:30', TurnKind::Front), new Turn('2026-04-12T08:40', TurnKind::Clarity)],
        )->of('cover', 'reeds');
        self::assertSame([Verdict::Confirmed, Verdict::Holding], [$plain?->verdict, $turned?->verdict]);
        // By hand: a quarter of 5 in 40, and 60 blank casts since; the day counts for two contacts; three stays are spread by their chi square.
        $day = (1 + 1.25) / (40 + 10 + 60);
        $spread = ((0.75 - 5 * $day) ** 2 / (5 * $day) + (0.5 - 5 * $day) ** 2 / (5 * $day) + 60 * $day + 3) / (3 + 2);
        self::assertEqualsWithDelta((2 + 1.25 / $spread) / (2 / $day + 10 / $spread), $turned->own->mean(), 1e-12);
        self::assertSame([40, 5], [$turned->casts, $turned->contactCount], 'what was fished stays told');
        self::assertSame([1.0, 1.0, 1.0], Turn::freshness($stints, [new Turn('2026-04-12T06:00', TurnKind::Light)]));
        self::assertSame([0.2, 0.2, 0.2], Turn::freshness($stints, array_fill(0, 9, new Turn('2026-04-12T12:00', TurnKind::Level))));
    }

    public function test_levels_are_drawn_to_the_day_the_more_the_more_alike_they_fish(): void
    {
        $alike = Evidence::weigh(
            [
                $this->stint(['cover' => 'reeds'], 40, ['caught']),
                $this->stint(['cover' => 'rock'], 40, ['caught']),
                $this->stint(['cover' => 'wood'], 40, ['caught']),
            ],
        );
        $apart = Evidence::weigh(
            [$this->stint(['cover' => 'reeds'], 80, array_fill(0, 14, 'caught')), $this->stint(['cover' => 'rock'], 80), $this->stint(['cover' => 'wood'], 80)],
        );
        self::assertGreaterThan($apart->pool('cover')->casts, $alike->pool('cover')->casts);
        foreach ($apart->levelsOf('cover') as $level) {
            $raw = $level->contacts / $level->casts;
            self::assertGreaterThan(min($raw, $apart->day->mean()), $level->pooled->mean());
            self::assertLessThan(max($raw, $apart->day->mean()), $level->pooled->mean());
        }
        self::assertEqualsWithDelta($apart->day->mean(), Rate::after($apart->pool('cover'), 0, 0)->mean(), 1e-12, 'a level never fished is the day');
    }

    public function test_the_untried_level_that_fits_best_is_worth_the_next_try(): void
    {
        $evidence = Evidence::weigh([$this->stint(['lure' => 'spinnerbait'], 60, ['caught']), $this->stint(['lure' => 'jerkbait'], 60)]);
        $worth = Untested::worthTrying($evidence, ['lure' => ['spinnerbait' => 0.8, 'casting_jig' => 0.6, 'stick_worm' => 0.2]]);
        self::assertSame(['casting_jig', 'stick_worm'], array_map(static fn (Untested $u): string => $u->level, $worth));
        self::assertGreaterThan($worth[1]->chance, $worth[0]->chance);
        self::assertLessThan(1.0, array_sum(array_map(static fn (Untested $u): float => $u->chance, $worth)));
    }

    public function test_ones_own_past_is_the_prior(): void
    {
        self::assertEqualsWithDelta(1 / 40, (new OwnPast(0, 0, 0.0))->prior()->perCast, 1e-12);
        $prior = (new OwnPast(6, 960, 49.0))->prior();
        self::assertEqualsWithDelta(50 / 1000, $prior->perCast, 1e-12, '(1 + 49) / (40 + 960), by hand');
        self::assertEqualsWithDelta(40.0, $prior->casts, 1e-12);
    }
}
