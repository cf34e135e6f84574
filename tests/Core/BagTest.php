<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\Knot;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Log\Fish\Bag;
use OldEddy\Log\Fish\BagFish;
use OldEddy\Log\Fish\BagLimits;
use OldEddy\Log\Fish\BagOutlook;
use OldEddy\Log\Fish\BagWay;
use OldEddy\Log\Fish\StandardWeight;
use OldEddy\Log\Fish\Weighed;
use OldEddy\Log\Fish\WeighedBy;
use PHPUnit\Framework\TestCase;

/** What fish weigh (Y6), what of them makes the bag and what the rest of the day promises to it (Y7), and what a knot went through (K2). */
final class BagTest extends TestCase
{
    use Stints;

    public function test_the_surest_weight_counts_and_says_what_it_comes_from(): void
    {
        $bass = Species::LargemouthBass;
        $by = static fn (?Weighed $w): array => [$w?->by, $w === null ? null : round($w->mass->pounds(), 2)];
        self::assertSame([WeighedBy::Scale, 4.1], $by(Weighed::of($bass, 20.0, 14.0, 4.1, WeighedBy::Scale)));
        // 20 · 14² / 800, the rule of thumb by hand.
        self::assertSame([WeighedBy::Girth, 4.9], $by(Weighed::of($bass, 20.0, 14.0, 4.1, WeighedBy::Eye)));
        self::assertSame([WeighedBy::Eye, 4.1], $by(Weighed::of($bass, 20.0, null, 4.1, WeighedBy::Eye)));
        self::assertSame([WeighedBy::Eye, 4.1], $by(Weighed::of($bass, null, null, 4.1)), 'nobody said how: not more than by eye');
        self::assertSame(WeighedBy::Length, Weighed::of($bass, 20.0)?->by);
        self::assertNull(Weighed::of($bass, null));
        self::assertNull(Weighed::of(Species::Zander, 20.0), 'no equation is known for it');
    }

    /** Wege and Anderson 1978, by the equation of Henson 1991 (values from memory): log10 W = -5.528 + 3.273 log10 400. */
    public function test_relative_weight_is_the_share_of_the_standard(): void
    {
        $relative = static fn (float $mm, float $g): ?float => StandardWeight::relative(Species::LargemouthBass, Length::fromMetres($mm / 1000), Mass::fromGrams($g));
        self::assertEqualsWithDelta(100.0, $relative(400, 973.9), 0.1);
        self::assertEqualsWithDelta(90.0, $relative(400, 0.9 * 973.9), 0.1);
        self::assertNull($relative(140, 40), 'shorter than the fish that the equation was made for');
    }

    public function test_the_bag_holds_the_best_that_may_be_kept(): void
    {
        $fish = static fn (string $id, ?float $in, ?float $lb, bool $kept = false): BagFish => new BagFish(
            $id, Species::LargemouthBass, $in, Weighed::of(Species::LargemouthBass, null, null, $lb, WeighedBy::Scale), $kept,
        );
        $caught = [$fish('a', 15.0, 2.0), $fish('b', 18.0, 3.5, true), $fish('c', 11.0, 0.9), $fish('d', 16.0, 2.4, true), $fish('e', 14.5, 1.8, true), $fish('f', null, 5.0), $fish('g', 16.5, null)];
        $bag = Bag::of($caught, new BagLimits(2, ['largemouth_bass' => 14.0]));
        self::assertSame(['b', 'd'], array_column($bag->best, 'id'));
        self::assertEqualsWithDelta([5.9, 2.4], [$bag->pounds(), $bag->withoutBiggest()], 1e-9);
        self::assertSame('d', $bag->goesNext()?->id);
        self::assertSame(['e'], array_column($bag->letGo, 'id'), 'kept, and no longer among the best');
        self::assertSame([5, 2, 1], [$bag->keepers, $bag->small, $bag->unweighed], 'what was not measured is no keeper where a length is asked for');
        self::assertEqualsWithDelta([1.1, 0.0], [$bag->missingTo(7.0), $bag->missingTo(5.0)], 1e-9);
        $usual = Bag::of($caught, new BagLimits);
        self::assertSame(['f', 'b', 'd', 'a', 'e'], array_column($usual->best, 'id'));
        $limits = new BagLimits(5, ['largemouth_bass' => 14.0]);
        self::assertSame([true, false], [$limits->allow($fish('x', 14.0, 1.0)), $limits->allow($fish('y', 13.75, 1.0))]);
        self::assertTrue($usual->isFull());
        self::assertNull(Bag::of(array_slice($caught, 0, 2), new BagLimits)->goesNext(), 'there is room');
    }

    /** Against every number of fish and every choice of their sizes, reckoned out: a Poisson number with a gamma rate is negative binomial. */
    public function test_the_outlook_is_what_reckoning_out_every_case_gives(): void
    {
        [$shape, $casts, $left] = [4.8, 240.0, 100];
        $sizes = [1.0, 3.0];
        $rate = Rate::after(new Prior(0.02, 40), 4.0, 200.0);
        foreach ([[[], 1], [[2.0], 2], [[1.5, 0.5], 3]] as [$bag, $number]) {
            $outlook = BagOutlook::of(new BagWay('jig', null, $rate, $sizes), $bag, $number, $left);
            [$mean, $over] = [0.0, 0.0];
            $p = ($casts / ($casts + $left)) ** $shape;
            for ($n = 0; $n <= 25; $n++) {
                for ($big = 0; $big <= $n; $big++) {
                    $share = $p * self::choose($n, $big) / 2 ** $n;
                    $fish = [...$bag, ...array_fill(0, $big, 3.0), ...array_fill(0, $n - $big, 1.0)];
                    rsort($fish);
                    $total = array_sum(array_slice($fish, 0, $number));
                    $mean += $share * $total;
                    $over += $total > 4.5 ? $share : 0.0;
                }
                $p *= ($shape + $n) / ($n + 1) * $left / ($casts + $left);
            }
            self::assertEqualsWithDelta($mean, $outlook->mean(), 0.04, "{$number} fish");
            self::assertEqualsWithDelta($over, $outlook->beats(4.5), 0.015, "{$number} fish");
            [$low, $high] = $outlook->span();
            self::assertLessThanOrEqual($outlook->mean(), $low);
            self::assertGreaterThanOrEqual($outlook->mean(), $high);
        }
        $done = BagOutlook::of(new BagWay('jig', null, $rate, $sizes), [2.0], 5, 0);
        self::assertEqualsWithDelta([2.0, [2.0, 2.0]], [$done->mean(), $done->span()], 1e-9, 'no time, no fish');
        $again = BagOutlook::of(new BagWay('jig', null, $rate, $sizes), [2.0], 5, 50);
        self::assertSame($again->mean(), BagOutlook::of(new BagWay('jig', null, $rate, $sizes), [2.0], 5, 50)->mean(), 'the same question, the same answer');
    }

    public function test_a_way_speaks_from_three_own_keepers_on_and_little_casting_says_little(): void
    {
        self::assertNull(BagWay::of('jig', null, 200, [2.0, 2.5]));
        $way = BagWay::of('jig', 'Point', 160, [2.0, 2.5, 3.0]);
        self::assertSame(['jig', 'Point', 2.5], [$way?->lure, $way?->spot, $way?->meanPounds()]);
        // One keeper in 80 casts beforehand, three in 160 of one's own: 4 in 240.
        self::assertEqualsWithDelta(4 / 240, $way->keepers->mean(), 1e-12);
    }

    public function test_a_knot_counts_its_hooked_fish_and_hours_from_when_it_was_tied(): void
    {
        $rod = ['lure' => 'jerkbait', 'color' => 'silver', 'spot' => 'A'];
        $stints = [
            $this->stint($rod, 80, ['caught' => 10, 'bump' => 20, 'lost' => 70]), $this->stint(['lure' => 'tube', 'color' => 'silver', 'spot' => 'A'], 40, ['caught']),
        ];
        $knot = Knot::of($stints, 'jerkbait', 'silver', null);
        self::assertSame(2, $knot->fish);
        self::assertEqualsWithDelta(1.0, $knot->hours, 1e-9, '80 casts of 45 s');
        // Tied half an hour after the stint began: forty casts and one fish ago.
        $tied = Knot::of($stints, 'jerkbait', 'silver', '2026-05-02T08:30:00');
        self::assertSame(1, $tied->fish);
        self::assertEqualsWithDelta(0.5, $tied->hours, 1e-9);
        self::assertSame(0, Knot::of($stints, 'jerkbait', 'silver', '2026-05-02T10:00:00')->fish);
    }

    private static function choose(int $n, int $k): float
    {
        return $k === 0 ? 1.0 : self::choose($n, $k - 1) * ($n - $k + 1) / $k;
    }
}
