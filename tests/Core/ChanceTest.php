<?php

declare(strict_types=1);

namespace Tests\Core;

use InvalidArgumentException;
use OldEddy\Basics\Chance\IncompleteBeta;
use OldEddy\Basics\Chance\LogGamma;
use OldEddy\Basics\Chance\StudentT;
use OldEddy\Log\Evidence\BestChance;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Log\Evidence\TellApart;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The statistics underneath, against R (rule EVIDENCE). */
final class ChanceTest extends TestCase
{
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
        foreach ([
            [0.1, 2.5, 60, 0.0134192332247], [0.9, 2.5, 60, 0.0769696408315], [0.1, 1, 40, 0.00263401289145], [0.9, 1, 40, 0.0575646273249],
            [0.5, 12.8, 160, 0.0779265884726],
        ] as [$p, $shape, $casts, $expected]) {
            $rate = Rate::after(new Prior(1e-9, 1e-3), $shape, $casts);
            self::assertEqualsWithDelta($expected, $rate->quantile($p), 1e-5);
        }
        self::assertEqualsWithDelta(log(24), LogGamma::of(5), 1e-12);
    }

    /** Source: R 4.2.2, pgamma(x, shape): by the series where x is small, by the continued fraction where it is large. */
    /** From step to step it is added up; each alone is reckoned by the function itself. */
    public function test_shares_under_many_steps_are_those_under_each_alone(): void
    {
        foreach ([[0.3, 5], [0, 40], [1, 60], [3.7, 200], [20, 300], [80, 1500]] as [$contacts, $casts]) {
            $rate = Rate::after(new Prior, $contacts, $casts);
            foreach ([0.5, 1.0, 3.0] as $far) {
                $top = $far * $rate->quantile(0.9999);
                $steps = array_map(static fn (int $i): float => $top * ($i / 160) ** 2, range(1, 160));
                foreach ($rate->sharesUnder($steps) as $n => $share) {
                    self::assertEqualsWithDelta($rate->sharesUnder([$steps[$n]])[0], $share, 1e-9, "{$contacts} of {$casts}, step {$n}");
                }
            }
        }
    }

    public function test_the_share_under_a_rate_agrees_with_r(): void
    {
        foreach ([
            [2.5, ['0.2' => 0.00467040676413, 1 => 0.1508549639154, 3 => 0.6937810815867, 9 => 0.9970535954121, 20 => 0.9999998506632, 40 => 1.0]],
            [0.4, ['0.01' => 0.1781181731349, '0.5' => 0.748018554726, '1.4' => 0.9300890342595, 2 => 0.967147195239, 6 => 0.9996494475433]],
            [50, [20 => 1.245892607972e-08, 40 => 0.07033506665939, 52 => 0.6278502984261, 80 => 0.9998692160234]],
        ] as [$shape, $expected]) {
            $rate = Rate::after(new Prior(1e-9, 1e-3), $shape - 1e-12, 1 - 1e-3);
            foreach (array_keys($expected) as $i => $x) {
                self::assertEqualsWithDelta($expected[$x], $rate->sharesUnder(array_map(floatval(...), array_keys($expected)))[$i], 1e-8, "{$x} of {$shape}");
            }
        }
    }

    public function test_a_rate_beats_its_equal_half_the_time(): void
    {
        $rate = Rate::after(new Prior, 3, 80);
        self::assertEqualsWithDelta(0.5, $rate->exceeds(Rate::after(new Prior, 3, 80)), 1e-9);
        self::assertEqualsWithDelta(1.0, $rate->exceeds(Rate::after(new Prior, 0, 60)) + Rate::after(new Prior, 0, 60)->exceeds($rate), 1e-9);
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
        self::assertGreaterThanOrEqual(0.983, $good->goingOn((int) $casts)->exceeds($poor->goingOn((int) $casts)));
        self::assertLessThan(0.983, $good->goingOn($casts - 1)->exceeds($poor->goingOn($casts - 1)));
        self::assertSame($casts, TellApart::casts($poor, $good));
        self::assertNull(TellApart::casts($good, $good), 'equals are never told apart');
        self::assertSame(0, TellApart::casts(Rate::after(new Prior, 20, 60), $poor));
    }

    /** Two lures with 3 and 1 in 30 that go on so, drawn many times: after so many casts each, four logs of five tell them apart. */
    public function test_in_four_of_five_logs_two_are_told_apart_by_then(): void
    {
        $prior = new Prior(0.06, 2 / 0.06);
        [$luck, $told] = [new SimulatedLogs(31), 0];
        $so = [Rate::after($prior, 3, 30), Rate::after($prior, 1, 30)];
        $casts = (int) TellApart::casts(...$so);
        for ($n = 0; $n < 300; $n++) {
            $rates = array_map(static fn (int $had, Rate $rate): Rate => Rate::after($prior, $had + count($luck->contacts($casts, $rate->mean())), 30 + $casts), [3, 1], $so);
            $told += $rates[0]->exceeds($rates[1]) >= 0.9 ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.8, $told / 300, 0.1, "{$casts} casts each");
    }

    /** R: pt(2, 4) and pt(-1.3, 7). */
    public function test_students_t(): void
    {
        self::assertEqualsWithDelta([0.9419417, 0.1173839, 0.5], [StudentT::shareUnder(2.0, 4), StudentT::shareUnder(-1.3, 7), StudentT::shareUnder(0.0, 3)], 1e-7);
    }
}
