<?php

declare(strict_types=1);

namespace Tests\Core;

use InvalidArgumentException;
use OldEddy\Basics\Chance\IncompleteBeta;
use OldEddy\Basics\Chance\LogGamma;
use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\BestChance;
use OldEddy\Log\Evidence\Contact;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Crew;
use OldEddy\Log\Evidence\DaySummary;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Hooked;
use OldEddy\Log\Evidence\OwnPast;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\TellApart;
use OldEddy\Log\Evidence\Turn;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Evidence\Untested;
use OldEddy\Log\Evidence\Verdict;
use OldEddy\Log\Next\Action;
use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\NextMove;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EvidenceTest extends TestCase
{
    private int $minute = 0;

    /** Source: R 4.2.2, pbeta(x, a, b). */
    #[DataProvider('pbeta')]
    public function test_the_incomplete_beta_agrees_with_r(float $x, float $a, float $b, float $expected): void
    {
        self::assertEqualsWithDelta($expected, IncompleteBeta::regularized($x, $a, $b), 1e-12);
    }

    /** @return list<array{float, float, float, float}> */
    public static function pbeta(): array
    {
        return [
            [0.3, 2, 5, 0.579825], [0.8, 0.5, 3.2, 0.998088143664838], [0.5, 40, 61, 0.982399899891148],
            [0.02, 1, 41, 0.563213604128068], [0.625, 1, 3.8, 0.975938714993482], [0.99, 7.3, 1.2, 0.961461741485859],
            [0.0, 2, 3, 0.0], [1.0, 2, 3, 1.0],
        ];
    }

    public function test_the_incomplete_beta_refuses_nonsense(): void
    {
        $this->expectException(InvalidArgumentException::class);
        IncompleteBeta::regularized(1.2, 1, 1);
    }

    /** Source: R 4.2.2, qgamma(p, shape, rate); gamma(5) = 24. */
    public function test_the_span_of_a_rate_agrees_with_r(): void
    {
        foreach ([[0.1, 2.5, 60, 0.0134192332247], [0.9, 2.5, 60, 0.0769696408315], [0.1, 1, 40, 0.00263401289145], [0.9, 1, 40, 0.0575646273249], [0.5, 12.8, 160, 0.0779265884726]] as [$p, $shape, $casts, $expected]) {
            $rate = Rate::after(new Prior(1e-9, 1e-3), $shape, $casts);
            self::assertEqualsWithDelta($expected, $rate->quantile($p), 1e-5);
        }
        self::assertEqualsWithDelta(log(24), LogGamma::of(5), 1e-12);
    }

    public function test_a_rate_beats_its_equal_half_the_time(): void
    {
        $rate = Rate::after(new Prior, 3, 80);
        self::assertEqualsWithDelta(0.5, $rate->exceeds(Rate::after(new Prior, 3, 80)), 1e-9);
        self::assertEqualsWithDelta(1.0, $rate->exceeds(Rate::after(new Prior, 0, 60)) + Rate::after(new Prior, 0, 60)->exceeds($rate), 1e-9);
    }

    public function test_verdicts_follow_their_limits(): void
    {
        $reeds = fn (int $casts, array $kinds, string $spot): Stint => $this->stint(['cover' => 'reeds', 'spot' => $spot], $casts, $kinds);
        $rock = fn (int $casts): Stint => $this->stint(['cover' => 'rock', 'spot' => 'R'], $casts);
        self::assertSame(Verdict::NoRead, $this->verdict([$reeds(19, ['caught', 'caught'], 'A')]), 'under 20 casts');
        self::assertSame(Verdict::NoRead, $this->verdict([$reeds(25, [], 'A')]), 'no contact');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(30, ['caught'], 'A'), $rock(30)]), 'one contact');
        self::assertSame(Verdict::Hint, $this->verdict([$reeds(30, ['caught', 'caught'], 'A'), $rock(60)]), 'one stint only');
        self::assertSame(Verdict::Holding, $this->verdict([$reeds(15, ['caught'], 'A'), $reeds(15, ['caught'], 'A'), $rock(40)]));
        self::assertSame(Verdict::Holding, $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught'], 'A'), $rock(60)]), 'one spot is not two');
        self::assertSame(Verdict::Confirmed, $this->verdict([$reeds(15, ['caught', 'lost'], 'A'), $reeds(15, ['caught'], 'B'), $rock(60)]));
        $close = [$reeds(20, ['caught', 'caught'], 'A'), $reeds(20, ['caught'], 'B'), $this->stint(['cover' => 'rock', 'spot' => 'R'], 40, ['caught'])];
        self::assertEqualsWithDelta(0.8125, Evidence::weigh($close)->of('cover', 'reeds')?->pBetter, 1e-9, 'I of 1/2 with 2 and 4, by hand');
        self::assertSame(Verdict::Holding, $this->verdict($close), 'two spots, but not sure enough');
        self::assertSame(Verdict::Rejected, $this->verdict([$reeds(100, [], 'A'), $this->stint(['cover' => 'rock', 'spot' => 'R'], 40, ['caught', 'caught', 'caught', 'caught'])]));
    }

    public function test_what_stood_fades_after_so_many_blank_casts(): void
    {
        $stints = [$this->stint(['cover' => 'reeds', 'spot' => 'A'], 15, ['caught', 'lost']), $this->stint(['cover' => 'reeds', 'spot' => 'B'], 15, ['caught']), $this->stint(['cover' => 'rock', 'spot' => 'R'], 60)];
        $level = Evidence::weigh($stints)->of('cover', 'reeds');
        self::assertSame(Verdict::Confirmed, $level?->verdict);
        $left = (int) $level->castsUntilFaded;
        self::assertSame((int) ceil(log(10) / $level->own->mean()), $left);
        $with = fn (int $blank): ?Verdict => Evidence::weigh([...$stints, $this->stint(['cover' => 'reeds', 'spot' => 'C'], $blank)])->of('cover', 'reeds')?->verdict;
        self::assertNotSame(Verdict::Faded, $with($left - 2));
        self::assertSame(Verdict::Faded, $with($left + 1));
    }

    public function test_contacts_weigh_by_kind(): void
    {
        $weights = array_map(static fn (ContactKind $k): float => $k->weight(), ContactKind::cases());
        self::assertSame([1.0, 1.0, 0.8, 0.6, 0.5, 0.5], $weights);
    }

    public function test_levels_that_always_came_together_are_reported_as_one(): void
    {
        $evidence = Evidence::weigh([
            $this->stint(['cover' => 'reeds', 'lure' => 'hollow_frog', 'light' => 'sun', 'spot' => 'A'], 20, ['caught']),
            $this->stint(['cover' => 'reeds', 'lure' => 'hollow_frog', 'light' => 'shade', 'spot' => 'B'], 20, ['caught']),
            $this->stint(['cover' => 'rock', 'lure' => 'jerkbait', 'light' => 'sun', 'spot' => 'C'], 30),
        ]);
        $groups = array_map(static fn (array $group): array => array_map(strval(...), $group), $evidence->confounded);
        self::assertContains(['cover:reeds', 'lure:hollow_frog'], $groups);
        foreach ($groups as $group) {
            self::assertNotContains('light:sun', $group);
        }
        $next = $this->next($evidence);
        self::assertContains(Action::Separate, array_map(static fn (Move $m): Action => $m->action, $next));
    }

    public function test_the_pattern_is_a_sentence_of_what_the_contacts_share(): void
    {
        $pattern = Pattern::in(Evidence::weigh([
            $this->stint(['cover' => 'flooded_bushes', 'light' => 'shade', 'spot' => 'A'], 20, ['caught', 'caught'], 3),
            $this->stint(['cover' => 'flooded_bushes', 'light' => 'shade', 'spot' => 'B'], 20, ['caught'], 3),
            $this->stint(['cover' => 'rock', 'light' => 'sun', 'spot' => 'C'], 50, [], 9),
            $this->stint(['cover' => 'rock', 'light' => 'shade', 'spot' => 'D'], 40, [], 12),
        ]));
        self::assertSame(Verdict::Confirmed, $pattern->verdict);
        self::assertStringContainsString('flooded bushes', (string) $pattern->text);
        self::assertStringContainsString('2-4 ft', (string) $pattern->text);
        self::assertSame('Nothing logged yet.', Pattern::in(Evidence::weigh([]))->text);
        self::assertStringContainsString('one fish is not a pattern', Pattern::in(Evidence::weigh([$this->stint(['spot' => 'A'], 30, ['caught'])]))->text);
    }

    /** M7, M3, M8, M9, M10, C10, R17: common practice, no source. */
    public function test_the_next_move(): void
    {
        $first = fn (array $stints, Schools $schools = new Schools, bool $winter = false): Move => $this->next(Evidence::weigh($stints), $schools, $winter)[0];
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
        $tried = array_map(static fn (Move $m): Action => $m->action, $this->next(Evidence::weigh([$blank(40)])));
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
            new Stint('2026-04-12T07:00', ['cover' => 'reeds', 'spot' => 'A'], 3.0, 20, null, [new Contact(ContactKind::Caught, atCast: 3), new Contact(ContactKind::Caught, atCast: 9)]),
            new Stint('2026-04-12T08:00', ['cover' => 'reeds', 'spot' => 'B'], 3.0, 20, null, [new Contact(ContactKind::Caught, atCast: 20)]),
            new Stint('2026-04-12T09:00', ['cover' => 'rock', 'spot' => 'C'], 3.0, 60, null, []),
        ];
        $plain = Evidence::weigh($stints)->of('cover', 'reeds');
        $turned = Evidence::weigh($stints, new Prior, [new Turn('2026-04-12T08:30', TurnKind::Front), new Turn('2026-04-12T08:40', TurnKind::Clarity)])->of('cover', 'reeds');
        self::assertSame([Verdict::Confirmed, Verdict::Holding], [$plain?->verdict, $turned?->verdict]);
        // By hand: (1 + 0.25 × 3) / (40 + 0.25 × 40).
        self::assertEqualsWithDelta(1.75 / 50, $turned->own->mean(), 1e-12);
        self::assertSame([40, 3], [$turned->casts, $turned->contactCount], 'what was fished stays told');
        self::assertSame([1.0, 1.0, 1.0], Turn::freshness($stints, [new Turn('2026-04-12T06:00', TurnKind::Light)]));
        self::assertSame([0.2, 0.2, 0.2], Turn::freshness($stints, array_fill(0, 9, new Turn('2026-04-12T12:00', TurnKind::Level))));
    }

    public function test_levels_are_drawn_to_the_day_the_more_the_more_alike_they_fish(): void
    {
        $alike = Evidence::weigh([$this->stint(['cover' => 'reeds'], 40, ['caught']), $this->stint(['cover' => 'rock'], 40, ['caught']), $this->stint(['cover' => 'wood'], 40, ['caught'])]);
        $apart = Evidence::weigh([$this->stint(['cover' => 'reeds'], 80, array_fill(0, 14, 'caught')), $this->stint(['cover' => 'rock'], 80), $this->stint(['cover' => 'wood'], 80)]);
        self::assertGreaterThan($apart->pool('cover')->casts, $alike->pool('cover')->casts);
        foreach ($apart->levelsOf('cover') as $level) {
            $raw = $level->contacts / $level->casts;
            self::assertGreaterThan(min($raw, $apart->day->mean()), $level->pooled->mean());
            self::assertLessThan(max($raw, $apart->day->mean()), $level->pooled->mean());
        }
        self::assertEqualsWithDelta($apart->day->mean(), Rate::after($apart->pool('cover'), 0, 0)->mean(), 1e-12, 'a level never fished is the day');
    }

    /** Source: R 4.2.2, mean(rgamma(1e7, 3, 80) > rgamma(1e7, 1, 60)) by pbeta, and simulation for three. */
    public function test_the_chance_of_being_best(): void
    {
        $a = Rate::after(new Prior(1e-9, 1e-3), 3, 80);
        $b = Rate::after(new Prior(1e-9, 1e-3), 1, 60);
        $two = BestChance::of(['a' => $a, 'b' => $b]);
        self::assertEqualsWithDelta($a->exceeds($b), $two['a'], 2e-3);
        self::assertEqualsWithDelta(1.0, array_sum($two), 1e-12);
        $equal = BestChance::of([$a, $a, $a, $a]);
        self::assertEqualsWithDelta(0.25, $equal[2], 1e-9);
        self::assertSame([], BestChance::of([]));
    }

    public function test_casts_until_two_can_be_told_apart(): void
    {
        $good = Rate::after(new Prior, 2, 60);
        $poor = Rate::after(new Prior, 0, 40);
        $casts = TellApart::casts($good, $poor);
        self::assertGreaterThan(0, $casts);
        self::assertGreaterThanOrEqual(0.9, $good->goingOn((int) $casts)->exceeds($poor->goingOn((int) $casts)));
        self::assertLessThan(0.9, $good->goingOn($casts - 1)->exceeds($poor->goingOn($casts - 1)));
        self::assertSame($casts, TellApart::casts($poor, $good));
        self::assertNull(TellApart::casts($good, $good), 'equals are never told apart');
        self::assertSame(0, TellApart::casts(Rate::after(new Prior, 20, 60), $poor));
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

    public function test_a_day_leaves_what_held_and_when_it_faded(): void
    {
        $at = static fn (string $clock, string $cover, string $spot, int $casts, array $contacts): Stint => new Stint("2026-04-12T{$clock}", ['cover' => $cover, 'spot' => $spot], 3.0, $casts, null, array_map(static fn (int $c): Contact => new Contact(ContactKind::Caught, atCast: $c), $contacts));
        $stints = [$at('07:00', 'rock', 'R', 60, []), $at('08:00', 'reeds', 'A', 15, [2, 9]), $at('09:00', 'reeds', 'B', 15, [5]), $at('10:00', 'reeds', 'C', 30, []), $at('11:00', 'reeds', 'D', 30, [])];
        $early = DaySummary::of(Evidence::weigh(array_slice($stints, 0, 3)));
        self::assertSame(['reeds', '2026-04-12T09:00'], [$early->held[0]['level']->level, $early->held[0]['since']]);
        $late = DaySummary::of(Evidence::weigh($stints));
        $reeds = array_values(array_filter($late->faded, static fn (array $f): bool => $f['level']->level === 'reeds'));
        self::assertSame(['2026-04-12T09:00', '2026-04-12T11:00'], [$reeds[0]['stood'], $reeds[0]['at']]);
    }

    /** M4: common practice, no source; only shared spots count. */
    public function test_anglers_are_compared_on_the_water_they_shared(): void
    {
        $evidence = Evidence::weigh([
            $this->stint(['spot' => 'A', 'angler' => 'Wren', 'lure' => 'jerkbait'], 20, ['caught', 'caught']), $this->stint(['spot' => 'A', 'angler' => 'Marlo', 'lure' => 'spinnerbait'], 40, ['caught']),
            $this->stint(['spot' => 'Best of all', 'angler' => 'Marlo', 'lure' => 'popper'], 30, ['caught', 'caught', 'caught', 'caught', 'caught']),
        ]);
        $crew = Crew::of($evidence);
        self::assertSame(['Wren', 20, 2, 'jerkbait'], [$crew->lead()?->angler, $crew->lead()?->casts, $crew->lead()?->contactCount, $crew->lead()?->lure]);
        self::assertEqualsWithDelta(1.0, $crew->members[0]->pBetter + $crew->members[1]->pBetter, 1e-9);
        self::assertNull(Crew::of(Evidence::weigh([$this->stint(['spot' => 'A', 'angler' => 'Wren'], 20)]))->lead());
    }

    public function test_among_many_levels_one_that_looks_good_is_not_claimed(): void
    {
        $stints = [$this->stint(['cover' => 'reeds', 'spot' => 'A'], 20, ['caught']), $this->stint(['cover' => 'reeds', 'spot' => 'B'], 20, ['caught', 'caught']), $this->stint(['cover' => 'rock', 'spot' => 'R'], 50)];
        self::assertSame([Verdict::Confirmed, Verdict::Confirmed], [Evidence::weigh($stints)->of('cover', 'reeds')?->verdict, Evidence::weigh($stints)->of('cover', 'reeds')?->claim]);
        $many = $stints;
        foreach (['jerkbait', 'popper', 'toad', 'tube', 'spinnerbait', 'shaky_head', 'stick_worm'] as $i => $lure) {
            $many[] = $this->stint(['cover' => 'rock', 'lure' => $lure, 'light' => $i % 2 ? 'sun' : 'shade', 'spot' => 'R'], 3, depthFt: 4.0 + 4 * $i);
        }
        self::assertSame([Verdict::Confirmed, Verdict::Holding], [Evidence::weigh($many)->of('cover', 'reeds')?->verdict, Evidence::weigh($many)->of('cover', 'reeds')?->claim]);
    }

    public function test_a_pattern_tells_its_limits(): void
    {
        $pattern = Pattern::in(Evidence::weigh([
            $this->stint(['cover' => 'reeds', 'lure' => 'popper', 'spot' => 'A'], 20, ['caught', 'caught']), $this->stint(['cover' => 'reeds', 'lure' => 'popper', 'spot' => 'B'], 20, ['caught']),
            $this->stint(['cover' => 'rock', 'lure' => 'popper', 'spot' => 'C'], 60, [], 12.0),
        ]));
        self::assertStringContainsString('seen at 2 spots', implode('; ', $pattern->limits));
        self::assertStringContainsString('12-15 ft', implode('; ', $pattern->limits));
    }

    /** @param  list<Stint>  $stints */
    private function verdict(array $stints): ?Verdict
    {
        return Evidence::weigh($stints)->of('cover', 'reeds')?->verdict;
    }

    /** @return non-empty-list<Move> */
    private function next(Evidence $evidence, Schools $schools = new Schools, bool $winter = false): array
    {
        return NextMove::after($evidence, Pattern::in($evidence), $schools, $winter);
    }

    /**
     * @param  array<string, string>  $levels
     * @param  list<string>  $kinds
     */
    private function stint(array $levels, int $casts, array $kinds = [], float $depthFt = 3.0, ?int $atCast = null): Stint
    {
        return new Stint(sprintf('2026-04-12T08:%02d', $this->minute++ % 60), $levels, $depthFt, $casts, null, array_map(
            static fn (string $kind): Contact => new Contact(ContactKind::from($kind), atCast: $atCast),
            $kinds,
        ));
    }
}
