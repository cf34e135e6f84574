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
        self::assertSame(Verdict::NoRead, $this->verdict([$reeds(19, ['caught', 'caught'], 'A')]), 'under 20 casts');
        self::assertSame(Verdict::NoRead, $this->verdict([$reeds(25, [], 'A')]), 'no contact');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(30, ['caught'], 'A'), $rock(30)]), 'one contact');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(30, ['caught', 'caught'], 'A'), $rock(60)]), 'one stint only');
        self::assertSame(Verdict::Holding, $this->verdict([$reeds(15, ['caught'], 'A'), $reeds(15, ['caught'], 'A'), $rock(40)]));
        self::assertSame(
            Verdict::Holding,
            $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught'], 'A'), $rock(60)]),
            'one spot is not two',
        );
        self::assertSame(Verdict::Confirmed, $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught'], 'B'), $rock(60)]));
        $close = [$reeds(20, ['caught', 'caught'], 'A'), $reeds(20, ['caught'], 'B'), $this->stint(['cover' => 'rock', 'spot' => 'R'], 40, ['caught'])];
        self::assertEqualsWithDelta(0.8125, Evidence::weigh($close)->of('cover', 'reeds')?->pBetter, 1e-9, 'I of 1/2 with 2 and 4, by hand');
        self::assertSame(Verdict::Holding, $this->verdict($close), 'two spots, but not sure enough');
        self::assertSame(
            Verdict::Rejected,
            $this->verdict([$reeds(100, [], 'A'), $this->stint(['cover' => 'rock', 'spot' => 'R'], 40, ['caught', 'caught', 'caught', 'caught'])]),
        );
    }

    public function test_what_stood_fades_after_so_many_blank_casts(): void
    {
        $stints = [
            $this->stint(['cover' => 'reeds', 'spot' => 'A'], 15, ['caught', 'lost']),
            $this->stint(['cover' => 'reeds', 'spot' => 'B'], 15, ['caught']),
            $this->stint(['cover' => 'rock', 'spot' => 'R'], 60),
        ];
        $level = Evidence::weigh($stints)->of('cover', 'reeds');
        self::assertSame(Verdict::Confirmed, $level?->verdict);
        $left = (int) $level->castsUntilFaded;
        self::assertSame((int) ceil(log(10) / $level->own->mean()), $left);
        $with = fn (int $blank): ?Verdict => Evidence::weigh(
            [...$stints, $this->stint(['cover' => 'reeds', 'spot' => 'C'], $blank)],
        )->of('cover', 'reeds')?->verdict;
        self::assertNotSame(Verdict::Faded, $with($left - 2));
        self::assertSame(Verdict::Faded, $with($left + 1));
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
                [new Contact(ContactKind::Caught, atCast: 3), new Contact(ContactKind::Caught, atCast: 9)],
            ),
            new Stint('2026-04-12T08:00', ['cover' => 'reeds', 'spot' => 'B'], 3.0, 20, null, [new Contact(ContactKind::Caught, atCast: 20)]),
            new Stint('2026-04-12T09:00', ['cover' => 'rock', 'spot' => 'C'], 3.0, 60, null, []),
        ];
        $plain = Evidence::weigh($stints)->of('cover', 'reeds');
        $turned = Evidence::weigh(
            $stints,
            new Prior,
            [new Turn('2026-04-12T08:30', TurnKind::Front), new Turn('2026-04-12T08:40', TurnKind::Clarity)],
        )->of('cover', 'reeds');
        self::assertSame([Verdict::Confirmed, Verdict::Holding], [$plain?->verdict, $turned?->verdict]);
        // By hand: (1 + 0.25 × 3) / (40 + 0.25 × 40).
        self::assertEqualsWithDelta(1.75 / 50, $turned->own->mean(), 1e-12);
        self::assertSame([40, 3], [$turned->casts, $turned->contactCount], 'what was fished stays told');
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
