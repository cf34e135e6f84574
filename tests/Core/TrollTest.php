<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Speed;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Color\ColorChooser;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lineup\Factors\TrollFactor;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\SagContract;
use OldEddy\Contract\SpreadContract;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Reading\WaterReader;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\DepthBasis;
use OldEddy\Troll\LineCard;
use OldEddy\Troll\LineKind;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Sag;
use OldEddy\Troll\Side;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\Station;
use OldEddy\Troll\Tangles;
use OldEddy\Troll\Towed;
use OldEddy\Troll\TrollLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** T1 to T11: lines behind the boat, how deep they run, whether they can share a speed, what to clear with a fish on. */
final class TrollTest extends TestCase
{
    use Schemas;

    private const WATER = 999.0;

    /** T9: without drag the line hangs straight down; the air part is not under water. */
    public function test_without_drag_the_line_hangs_straight(): void
    {
        $still = Sag::of(100, Speed::fromMph(1.5), 0, new TrollLine(0.3, 1150, 0, 0), new Towed(2.0, 0.0));
        self::assertEqualsWithDelta([100.0, 0.0], [$still->depthFt, $still->backFt], 0.02);
        self::assertEqualsWithDelta(96.0, Sag::of(100, Speed::fromMph(1.5), 4, new TrollLine(0.3, 1150, 0, 0), new Towed(2.0, 0.0))->depthFt, 0.02, 'four feet of it are in the air');
        self::assertEqualsWithDelta(100.0, Sag::of(100, Speed::fromMph(0.001), 0, TrollLine::usual(), new Towed(2.0, 3.0))->depthFt, 0.1, 'nearly standing');
    }

    /** T9: without weight it trails flat. */
    public function test_without_weight_the_line_trails_flat(): void
    {
        $flat = Sag::of(100, Speed::fromMph(2), 0, new TrollLine(0.3, self::WATER), new Towed(0.0, 5.0), self::WATER);
        self::assertEqualsWithDelta([0.0, 100.0], [$flat->depthFt, $flat->backFt], 0.1);
    }

    /** @return iterable<string, array{float, float, float, float}> */
    public static function towed(): iterable
    {
        yield 'a spoon, slow' => [0.5, 3.0, 1.2, 120.0];
        yield 'a spoon, fast' => [0.75, 5.0, 2.6, 150.0];
        yield 'a heavy weight' => [16.0, 20.0, 2.0, 80.0];
        yield 'next to nothing' => [0.05, 1.0, 1.0, 60.0];
    }

    /**
     * T9. Source: the closed form of a weightless line with drag across it alone, by hand: the tension stays T, the angle turns as
     * cot φ = cot φ₀ + k s / T with k = ½ρC·d·V², so the depth is (T/k) · (arsinh(cot φ₁) − arsinh(cot φ₀)), the way back (T/k) · (√(1 + cot²φ₁)
     * − √(1 + cot²φ₀)).
     */
    #[DataProvider('towed')]
    public function test_a_weightless_line_takes_the_form_that_is_known(float $oz, float $cm2, float $mph, float $out): void
    {
        $sag = Sag::of($out, Speed::fromMph($mph), 0, new TrollLine(0.30, self::WATER, 1.2, 0.0), new Towed($oz, $cm2), self::WATER);
        $v = $mph * 0.44704;
        [$down, $back] = [$oz * 0.028349523 * 9.80665, 0.5 * self::WATER * $cm2 * 1e-4 * $v * $v];
        [$t, $k, $cot] = [hypot($down, $back), 0.5 * self::WATER * 1.2 * 0.0003 * $v * $v, $back / $down];
        $top = $cot + $k * $out * 0.3048 / $t;
        self::assertEqualsWithDelta($t / $k * (asinh($top) - asinh($cot)) / 0.3048, $sag->depthFt, 0.002 * $out);
        self::assertEqualsWithDelta($t / $k * (sqrt(1 + $top ** 2) - sqrt(1 + $cot ** 2)) / 0.3048, $sag->backFt, 0.002 * $out);
        self::assertEqualsWithDelta($t, $sag->tensionN, 1e-4 * $t + 1e-6);
    }

    /**
     * T9. From outside our method: a chain of eight hundred links, each in balance of forces, laid from the lure up one after the other
     * by plain sums; with weight, drag across and along, and a tip above the water.
     */
    #[DataProvider('towed')]
    public function test_a_chain_of_links_in_balance_says_the_same(float $oz, float $cm2, float $mph, float $out): void
    {
        [$line, $v, $n] = [new TrollLine(0.40, 1400, 1.1, 0.02), $mph * 0.44704, 4000];
        $sag = Sag::of($out, Speed::fromMph($mph), 3, $line, new Towed($oz, $cm2), self::WATER);
        $h = $out * 0.3048 / $n;
        // The pull of all below a link, ahead and up, as it acts on the one above.
        [$ahead, $up] = [0.5 * self::WATER * $cm2 * 1e-4 * $v * $v, $oz * 0.028349523 * 9.80665];
        [$x, $y] = [0.0, 0.0];
        for ($i = 0; $i < $n; $i++) {
            [$cos, $sin] = [$ahead / hypot($ahead, $up), $up / hypot($ahead, $up)];
            if ($i * $h + 3 * 0.3048 / max(1e-6, $sin) >= $out * 0.3048) {
                break;
            }
            $across = 0.5 * self::WATER * 1.1 * 0.0004 * $v * $v * $sin * $sin * $h;
            $along = 0.5 * self::WATER * 0.02 * M_PI * 0.0004 * $v * $v * $cos * $cos * $h;
            $weight = (1400 - self::WATER) * 9.80665 * M_PI / 4 * 0.0004 ** 2 * $h;
            // The water presses back and up across the line, and back along it: the line above must pull against it.
            $ahead += $across * $sin + $along * $cos;
            $up += -$across * $cos + $along * $sin + $weight;
            $x += $h * $cos;
            $y += $h * $sin;
        }
        self::assertEqualsWithDelta($y / 0.3048, $sag->depthFt, 0.004 * $out + 0.05);
        self::assertEqualsWithDelta(hypot($ahead, $up), $sag->tensionN, 0.01 * $sag->tensionN);
    }

    /** T9: depth grows less than let-out and falls with speed; what is heavier runs deeper. */
    public function test_depth_grows_less_than_let_out_and_falls_with_speed(): void
    {
        $depth = static fn (float $out, float $mph, float $oz = 0.5): float => Sag::of($out, Speed::fromMph($mph), 3, TrollLine::usual(), new Towed($oz, 3.0))->depthFt;
        foreach ([0.8, 1.5, 2.5] as $mph) {
            foreach ([60, 100, 140] as $out) {
                self::assertGreaterThan($depth($out, $mph), $depth($out + 20, $mph));
                self::assertLessThan($depth($out, $mph) + 20, $depth($out + 20, $mph));
                self::assertLessThan($depth($out, $mph), $depth($out, $mph + 0.3));
                self::assertGreaterThan($depth($out, $mph), $depth($out, $mph, 1.0));
            }
        }
        foreach (Sag::of(120, Speed::fromMph(1.5), 3, TrollLine::usual(), new Towed(0.5, 3.0))->shape as $i => [$back, $deep]) {
            self::assertTrue($i === 0 ? $back === 0.0 && $deep === -3.0 : $deep >= -1e-9, 'from the tip down');
        }
    }

    /** T9: a diving plug at its rating's let-out gives its rating. */
    public function test_a_plug_gives_its_rating_at_the_let_out_it_is_rated_for(): void
    {
        foreach ([6.0, 10.0, 18.0] as $rated) {
            $plug = new Towed(-0.04, 6.0);
            $lip = Sag::lipFor($rated, 120, Speed::fromMph(1.8), 4, TrollLine::usual(), $plug);
            self::assertEqualsWithDelta($rated, Sag::of(120, Speed::fromMph(1.8), 4, TrollLine::usual(), $plug->diving($lip))->depthFt, 0.05);
        }
        self::assertEqualsWithDelta(14.0, RunningLine::of(self::line('port_flat', 'banana_plug', 120, lengthIn: 5.5), Speed::fromFeetPerSecond(1.7), 4)->depthFt, 0.1, 'the longest goes to its deepest tier');
    }

    /** T7: own points take over; beyond them the reckoned line goes on from the nearest, and is marked. */
    /** A lip that is found gives its depth whatever pulls at the line; what hangs deep enough without one needs none, and none takes a plug deeper than its line. */
    public function test_a_lip_is_found_for_any_depth_that_can_be(): void
    {
        foreach ([[4.0, 60.0, 1.0], [8.0, 90.0, 1.5], [14.0, 120.0, 2.2], [30.0, 150.0, 1.2]] as [$depth, $out, $mph]) {
            $towed = new Towed(-0.04, 5.6);
            $lip = Sag::lipFor($depth, $out, Speed::fromMph($mph), 4, TrollLine::usual(), $towed);
            self::assertEqualsWithDelta($depth, Sag::of($out, Speed::fromMph($mph), 4, TrollLine::usual(), $towed->diving($lip))->depthFt, 0.01);
        }
        self::assertSame(0.0, Sag::lipFor(5, 100, Speed::fromMph(1), 4, TrollLine::usual(), new Towed(16, 5)));
        self::assertGreaterThan(3000, Sag::lipFor(99.9, 100, Speed::fromMph(1), 4, TrollLine::usual(), new Towed(-0.04, 5)));
    }

    public function test_own_points_take_over_and_correct_what_is_reckoned(): void
    {
        $points = [[80.0, 6.0], [120.0, 9.0], [100.0, 8.0]];
        $at = static fn (float $out): RunningLine => RunningLine::of(self::line('a', 'banana_plug', $out, points: $points), Speed::fromMph(1), 4);
        self::assertSame([8.0, 7.0, 8.5], array_map(static fn (float $out): float => round($at($out)->depthFt, 6), [100, 90, 110]));
        self::assertSame([DepthBasis::Points, DepthBasis::Extrapolated, DepthBasis::Extrapolated], [$at(90)->basis, $at(150)->basis, $at(40)->basis]);
        self::assertTrue($at(150)->depthFt > 9 && $at(150)->depthFt < 13, 'goes on from nine feet');
        self::assertLessThan(6, $at(40)->depthFt);
        self::assertEqualsWithDelta(9.0, $at(121)->depthFt, 0.15, 'no step where what was measured ends');
        $bare = RunningLine::of(self::line('a', 'banana_plug', 150), Speed::fromMph(1), 4);
        self::assertSame(DepthBasis::Model, $bare->basis);
        $drags = RunningLine::of(self::line('a', 'trolling_spoon', 150, points: [[100.0, 2.0]]), Speed::fromMph(2), 4);
        self::assertLessThan(RunningLine::of(self::line('a', 'trolling_spoon', 150), Speed::fromMph(2), 4)->depthFt, $drags->depthFt, 'measured shallower: more drag than was thought');
    }

    /** T3: a spread has one speed; lures whose ranges do not meet cannot share it. */
    public function test_what_cannot_share_the_speed_is_said_with_the_reason(): void
    {
        $both = [self::line('port_inside', 'banana_plug', 110), self::line('starboard_inside', 'trolling_spoon', 110)];
        self::assertNull(Spread::common($both));
        $spread = Spread::of(BoatKind::Boat, $both, 2.0);
        self::assertSame(['banana_plug'], array_map(static fn (array $r): string => $r['lure']->key, $spread->refused));
        self::assertStringContainsString('rolls over above 1.5 mph', (string) $spread->refused[0]['why']);
        self::assertContains('The lures of this spread share no speed: change one of them.', array_map(strval(...), $spread->warnings));
        self::assertStringContainsString('without life', (string) Spread::of(BoatKind::Boat, $both, 1.0)->refused[0]['why']);
        $range = Spread::common([self::line('port_inside', 'banana_plug', 110)]);
        self::assertEqualsWithDelta([0.8, 1.5, 1.0], [$range?->fromMph, $range?->toMph, $range?->startMph()], 0.03);
    }

    /** T1, T2, T4: what a day asks for. */
    public function test_a_spread_is_planned_from_clarity_and_what_is_in_the_box(): void
    {
        $out = static fn (array $changes): array => SpreadContract::answer($changes + ['species' => 'walleye', 'date' => '2026-06-10', 'water' => ['temp_f' => 66, 'visibility_ft' => 9]]);
        $clear = $out([]);
        self::assertSame([150.0, 150.0, 140.0, 140.0, 130.0, 130.0], array_map(floatval(...), array_column($clear['lines'], 'let_out_ft')));
        $murky = $out(['water' => ['temp_f' => 66, 'visibility_ft' => 1.5]]);
        self::assertSame([130.0, 130.0, 120.0, 120.0, 110.0, 110.0], array_map(floatval(...), array_column($murky['lines'], 'let_out_ft')));
        foreach ($clear['lines'] as $line) {
            self::assertGreaterThanOrEqual($clear['speed_range_mph'][0], $clear['speed_mph']);
            self::assertLessThanOrEqual($clear['speed_range_mph'][1], $clear['speed_mph']);
            self::assertNotContains($line['lure'], array_column($clear['refused'], 'lure'));
        }
        self::assertGreaterThan(1, count(array_unique(array_column($clear['lines'], 'color'))), 'colors are compared');
        // The same lure in two colors at two depths: a test, not two hopes.
        $kayak = $out(['boat' => 'kayak', 'owned' => ['banana_plug']]);
        [$deep, $high] = $kayak['lines'];
        self::assertSame($deep['lure'], $high['lure']);
        self::assertNotSame($deep['color'], $high['color']);
        self::assertEqualsWithDelta([12, 7], [$deep['depth_ft'], $high['depth_ft']], 0.6);
        self::assertSame([1.0, 'banana_plug'], [(float) $kayak['speed_mph'], $deep['lure']]);
        self::assertContains('A slow plug: a swivel ahead and a small snap, never tied straight to the eye.', $kayak['warnings']);
        self::assertSame(2.4, $out(['speed_mph' => 2.4])['speed_mph'], 'who says the speed has the lures chosen by it');
        self::assertSame([], array_intersect(array_column($out(['speed_mph' => 2.4])['lines'], 'lure'), ['banana_plug']));
    }

    /** T4: orange for big fish in clear water, black with chartreuse spots in low light, metallics in sun, the frog, and in murk chartreuse and green. */
    public function test_towed_colors_follow_light_and_clarity(): void
    {
        $first = static fn (string $lure, array $changes): array => array_map(static fn (ColorChoice $c): string => $c->family->value, ColorChooser::choose(
            Catalog::get($lure), WaterReader::read(Settler::settle(ConditionsReader::read($changes + ['mode' => 'troll', 'species' => 'walleye', 'date' => '2026-06-10', 'time' => '12:00', 'water' => ['temp_f' => 66, 'visibility_ft' => 12]]))),
        ));
        self::assertSame(['orange', 'frog', 'perch'], $first('banana_plug', ['weather' => ['sky' => 'partly']]), 'clear water, neither sun nor cloud');
        self::assertSame(['silver', 'orange', 'frog'], $first('banana_plug', ['weather' => ['sky' => 'clear']]));
        self::assertSame('black_chartreuse_spots', $first('banana_plug', ['weather' => ['sky' => 'rain']])[0]);
        $murk = ['weather' => ['sky' => 'partly'], 'water' => ['temp_f' => 66, 'visibility_ft' => 1]];
        self::assertSame(['chartreuse_shad', 'frog'], array_slice($first('banana_plug', $murk), 0, 2));
        self::assertSame('chartreuse_shad', $first('trolling_spoon', $murk)[0]);
        self::assertNotContains('frog', $first('trolling_spoon', ['weather' => ['sky' => 'clear']]), 'spoons are metal');
        self::assertNotContains('orange', $first('medium_crankbait', ['weather' => ['sky' => 'partly']]), 'what is cast keeps its own colors');
    }

    /** T5: small for insects and small fish, about 30 % larger where prey or fish are big. */
    public function test_the_plug_is_as_long_as_what_is_eaten(): void
    {
        $long = static fn (array $changes): float => SpecChooser::choose(
            Catalog::get('banana_plug'), WaterReader::read(Settler::settle(ConditionsReader::read($changes + ['mode' => 'troll', 'species' => 'walleye', 'date' => '2026-06-10', 'water' => ['temp_f' => 66, 'visibility_ft' => 5]]))), 8,
        )->lengthIn;
        $lengths = Catalog::get('banana_plug')->rigging->lengthsIn;
        self::assertSame([3.0, 4.0, 5.5], $lengths);
        self::assertSame(4.0, $long(['forage' => ['shad']]));
        self::assertSame([3.0, 3.0], [$long(['forage' => ['insects']]), $long(['forage' => ['minnow']])]);
        self::assertSame([5.5, 5.5], [$long(['forage' => ['perch']]), $long(['species' => 'northern_pike', 'forage' => ['minnow']])], 'nearest to 1.3 times the middle');
        self::assertSame(4.0, $long(['forage' => ['perch'], 'pressure' => 'heavy']), 'one smaller for shy fish');
    }

    /** T3: slow with much flash, for active fish in a chop. */
    public function test_chop_over_active_fish_speaks_for_the_slow_plug(): void
    {
        $said = static function (float $windMph): string {
            $reading = WaterReader::read(Settler::settle(ConditionsReader::read(['mode' => 'troll', 'species' => 'walleye', 'date' => '2026-06-10', 'time' => '06:00', 'water' => ['temp_f' => 64, 'visibility_ft' => 5], 'weather' => ['sky' => 'overcast', 'wind_mph' => $windMph, 'front' => 'approaching']])));
            self::assertTrue($reading->mood->isActive());

            return (string) TrollFactor::on($reading)?->effect(Catalog::get('banana_plug'))->text;
        };
        self::assertStringContainsString('chop helps', $said(12));
        self::assertStringNotContainsString('chop', $said(3));
    }

    /** T9: a thicker line is held up by the water more than a thin one, and a heavy one less than one that floats. */
    public function test_what_it_is_tied_to_tells_in_its_depth(): void
    {
        $depth = static fn (LineKind $kind, array $points = []): float => RunningLine::of(self::line('a', 'trolling_spoon', 150, points: $points)->with(['tiedTo' => $kind]), Speed::fromMph(2), 4)->depthFt;
        self::assertGreaterThan(1.15 * $depth(LineKind::Mono20), $depth(LineKind::Braid10));
        self::assertGreaterThan($depth(LineKind::Braid30), $depth(LineKind::Braid20));
        self::assertSame(8.0, $depth(LineKind::Mono20, [[150.0, 8.0]]), 'measured is measured');
        self::assertSame('20 lb nylon', (string) LineKind::Mono20->said());
        $with = static fn (float $oz): float => RunningLine::of(self::line('a', 'trolling_spoon', 100)->with(['carrier' => Carrier::Weight, 'sinkerOz' => $oz]), Speed::fromMph(2), 4)->depthFt;
        self::assertTrue($with(8) > $with(3) && $with(3) > $with(0.5), 'a heavier weight ahead takes it deeper');
    }

    /** T6: which lines to clear in which order, under or over, and where the net waits. */
    public function test_the_card_clears_what_lies_between_the_fish_and_the_boat(): void
    {
        $spread = Spread::of(BoatKind::Boat, self::eight(), 1.2);
        $keys = static fn (string $key): array => array_map(static fn (SpreadLine $l): string => $l->key, LineCard::on($spread, $key)->clear ?? []);
        self::assertSame(['port_middle', 'port_inside', 'port_flat'], $keys('port_outside'), 'as the fish meets them');
        self::assertSame(['starboard_flat'], $keys('starboard_inside'));
        self::assertSame(['starboard_flat'], $keys('port_flat'), 'nothing between: it can run across');
        self::assertSame(Side::Port, LineCard::on($spread, 'port_outside')?->net);
        self::assertNull(LineCard::on($spread, 'nowhere'));
        $deep = Spread::of(BoatKind::Boat, [self::line('port_outside', 'banana_plug', 200, lengthIn: 5.5), self::line('port_inside', 'banana_plug', 40, lengthIn: 3.0)], 1.2);
        self::assertTrue(LineCard::on($deep, 'port_outside')?->under, 'it runs deeper than what is in its way');
        self::assertFalse(LineCard::on($deep, 'port_inside')?->under);
        $high = Spread::of(BoatKind::Boat, [self::line('port_outside', 'banana_plug', 40, lengthIn: 3.0), self::line('port_inside', 'banana_plug', 200, lengthIn: 5.5)], 1.2);
        self::assertFalse(LineCard::on($high, 'port_outside')?->under, 'what is in its way runs deeper: over it');
        self::assertStringContainsString('Bring it over that line.', (string) LineCard::on($high, 'port_outside')?->words());
        self::assertStringContainsString('Clear port inside. Bring it under that line.', (string) LineCard::on($deep, 'port_outside')?->words());
    }

    /** T10, T11: a turn speeds and lifts the outside lines, slows and drops the inside ones; too tight, lines meet. */
    public function test_a_turn_lifts_the_outside_lines_and_drops_the_inside_ones(): void
    {
        $spread = Spread::of(BoatKind::Boat, array_map(static fn (string $k): SpreadLine => self::line($k, 'trolling_spoon', 130), ['port_outside', 'port_inside', 'starboard_inside', 'starboard_outside']), 2.0);
        self::assertSame([], array_values(array_filter(array_map(strval(...), $spread->warnings), static fn (string $w): bool => str_contains($w, 'side by side'))));
        $wide = Tangles::inTurn($spread, 600, true);
        self::assertGreaterThan(0.3, $wide->lures['port_outside']->risesFt(), 'outside: faster and higher');
        self::assertLessThan(-0.3, $wide->lures['starboard_outside']->risesFt(), 'inside: slower and deeper');
        self::assertGreaterThan($wide->lures['starboard_inside']->speedMph, $wide->lures['port_inside']->speedMph);
        self::assertSame([], $wide->warnings);
        // By Pythagoras: the tip 90 ft out of a turn of 600 ft goes on 690 ft, its lure on the circle that is left of it.
        $back = $wide->lures['port_outside']->running->backFt;
        self::assertEqualsWithDelta(sqrt(690 ** 2 - $back ** 2), $wide->lures['port_outside']->circleFt, 0.01);
        self::assertEqualsWithDelta(2.0 * sqrt(690 ** 2 - $back ** 2) / 600, $wide->lures['port_outside']->speedMph, 1e-6);
        $tight = Tangles::inTurn($spread, 150, true);
        self::assertNotSame([], $tight->warnings);
        self::assertTrue($tight->lures['starboard_outside']->hangs);
        $twins = [self::line('port_flat', 'trolling_spoon', 100), self::line('starboard_flat', 'trolling_spoon', 100)];
        self::assertSame([], Tangles::straight(array_map(static fn (SpreadLine $l): RunningLine => RunningLine::of($l, Speed::fromMph(2), 4), $twins)), 'ten feet apart');
        $same = [self::line('port_flat', 'trolling_spoon', 100), new SpreadLine('second', Side::Port, Station::Flat, Carrier::Flat, Catalog::all()['trolling_spoon'], ColorFamily::Gold, 101, 4, 0.5)];
        self::assertCount(1, array_filter(Spread::of(BoatKind::Boat, $same, 2)->warnings, static fn (Said $s): bool => str_contains((string) $s, 'side by side')));
    }

    public function test_both_commands_answer_by_their_schemas_and_name_what_is_wrong(): void
    {
        $sag = SagContract::answer(['let_out_ft' => 120, 'speed_mph' => 1.5, 'rod_tip_ft' => 3, 'line' => ['diameter_mm' => 0.3, 'density_kg_m3' => 1150, 'cd_normal' => 1.2, 'cd_tangential' => 0.015], 'lure' => ['weight_in_water_oz' => 0.5, 'drag_area_cm2' => 1.0, 'down_force_n' => 0.0], 'water_density_kg_m3' => 999]);
        self::assertValid('sag.out', $sag);
        $spread = ['species' => 'walleye', 'date' => '2026-06-10', 'mode' => 'troll', 'boat' => 'boat', 'speed_mph' => null, 'lines' => [
            ['key' => 'port_inside', 'side' => 'port', 'position' => 'inside', 'carrier' => 'board', 'lure' => 'banana_plug', 'color' => 'orange', 'let_out_ft' => 110, 'points' => [[80, 6], [120, 9]]],
        ]];
        self::assertValid('spread.in', $spread);
        $answer = SpreadContract::answer($spread);
        self::assertValid('spread.out', $answer);
        self::assertSame(['points', 8.25], [$answer['lines'][0]['depth_basis'], (float) $answer['lines'][0]['depth_ft']]);
        $wrong = static function (array $in): array {
            try {
                SpreadContract::answer($in + ['species' => 'walleye', 'date' => '2026-06-10']);

                return [];
            } catch (InvalidInput $e) {
                return array_column($e->toArray(), 'path');
            }
        };
        self::assertSame(['lines.0.lure'], $wrong(['lines' => [['side' => 'port', 'position' => 'inside', 'lure' => 'tube', 'let_out_ft' => 100]]]));
        self::assertSame(['lines.0.points.0'], $wrong(['lines' => [['side' => 'port', 'position' => 'inside', 'lure' => 'banana_plug', 'let_out_ft' => 100, 'points' => [[20, 30]]]]]));
        self::assertEqualsCanonicalizing(['boat', 'speed_mph'], $wrong(['boat' => 'raft', 'speed_mph' => 40]));
        $this->expectException(InvalidInput::class);
        SagContract::answer(['let_out_ft' => 120]);
    }

    /** @return list<SpreadLine> */
    private static function eight(): array
    {
        return array_map(static fn (string $key): SpreadLine => self::line($key, 'banana_plug', 120), [
            'port_outside', 'port_middle', 'port_inside', 'port_flat', 'starboard_flat', 'starboard_inside', 'starboard_middle', 'starboard_outside',
        ]);
    }

    /** @param  list<array{float, float}>  $points */
    private static function line(string $key, string $lure, float $out, float $lengthIn = 4.0, array $points = []): SpreadLine
    {
        [$side, $station] = explode('_', $key) + [1 => 'flat'];
        $where = Station::tryFrom($station) ?? Station::Flat;

        return new SpreadLine(
            $key, Side::tryFrom($side) ?? Side::Port, $where, $where === Station::Flat ? Carrier::Flat : Carrier::Board, Catalog::all()[$lure], ColorFamily::Silver, $out,
            $lengthIn, 0.5, $points,
        );
    }
}
