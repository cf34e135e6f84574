<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Speed;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Variants;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\TurnKind;
use OldEddy\Log\Next\LastHour;
use OldEddy\Log\Next\Presentation;
use OldEddy\Plan\FishOn;
use OldEddy\Plan\PlaceFits;
use OldEddy\Reading\WaterReader;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\RoughWays;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the deck is told while a day is fished: what can be changed, what fits where, what to do with a fish, what the hour says. */
final class OnTheWaterTest extends TestCase
{
    use Stints;

    /** R22: whatever the lure and the water, what is offered is what the lure has, in order, with the rules' own choice among it. */
    public function test_what_can_be_changed_is_what_the_lure_has_in_order(): void
    {
        foreach ([self::day(54, 1.0), self::day(68, 3.0), self::day(84, 9.0)] as $day) {
            $reading = WaterReader::read($day);
            foreach (Catalog::all() as $key => $lure) {
                $setup = Setup::of($lure, $reading);
                $variants = Variants::of($lure, $reading, $setup);
                self::assertNotSame([], $variants->colors, $key);
                self::assertSame($lure->cadences, $variants->retrieves, $key);
                foreach ([$variants->weightsOz, $variants->lengthsIn, $variants->depthsFt] as $values) {
                    $sorted = $values;
                    sort($sorted);
                    self::assertSame($sorted, $values, $key);
                    self::assertSame($values, array_values(array_unique($values)), $key);
                    self::assertLessThanOrEqual(3, count($values), 'the next lighter and the next heavier, no more');
                }
                if ($lure->rigging->isUnweighted()) {
                    self::assertSame([], $variants->weightsOz, $key);
                } else {
                    self::assertContains($setup->spec->weightOz, $variants->weightsOz, $key);
                }
                self::assertContains($setup->spec->lengthIn, $variants->lengthsIn, $key);
                self::assertSame([], array_diff($variants->casts, Setup::CASTS), $key);
                self::assertTrue($variants->casts === [] || $variants->casts[0] === $setup->castKind, $key);
                foreach ($variants->depthsFt as $depth) {
                    self::assertTrue($depth >= $lure->hydraulics->fromFt && $depth <= $lure->hydraulics->toFt, "{$key} at {$depth} ft");
                }
            }
        }
    }

    public function test_a_surface_lure_has_no_depth_to_change_and_none_runs_through_the_bottom(): void
    {
        $shallow = WaterReader::read(self::day(70, 3.0, ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 4]]));
        foreach (Catalog::all() as $key => $lure) {
            $depths = Variants::of($lure, $shallow, Setup::of($lure, $shallow))->depthsFt;
            if ($lure->isSurface()) {
                self::assertSame([], $depths, $key);
            }
            foreach ($depths as $depth) {
                self::assertLessThanOrEqual(max(4.0, $lure->hydraulics->fromFt), $depth, $key);
            }
        }
    }

    /** M9: one thing at a time. */
    public function test_of_a_rod_one_part_is_changed_at_a_time(): void
    {
        $reading = WaterReader::read(self::day(66, 3.0));
        $lure = Catalog::get('swim_jig');
        $setup = Setup::of($lure, $reading);
        $variants = Variants::of($lure, $reading, $setup);
        $as = new Presentation(
            'swim_jig', $variants->colors[0]->family->value, $variants->retrieves[0], 2.5, depthFt: $setup->depthFt, weightOz: $setup->spec->weightOz, lengthIn: $setup->spec->lengthIn,
        );
        $changed = $as->changed($variants);
        self::assertGreaterThan(4, count($changed));
        foreach ($changed as $one) {
            $parts = array_diff_key(array_diff_assoc($one->levels(), $as->levels()), ['speed' => 1]);
            self::assertCount(1, $parts, implode(', ', array_keys($parts)));
        }
    }

    public function test_a_wish_for_weight_length_and_cadence_is_kept(): void
    {
        $reading = WaterReader::read(self::day(66, 3.0));
        $lure = Catalog::get('spinnerbait');
        $setup = Setup::of($lure, $reading, new Wish(weightOz: 0.75, lengthIn: 5.0, cadence: $lure->cadences[2]));
        self::assertSame([0.75, 5.0, $lure->cadences[2]], [$setup->spec->weightOz, $setup->spec->lengthIn, $setup->cadence->key]);
        self::assertSame(Setup::of($lure, $reading)->cadence->key, Setup::of($lure, $reading, new Wish(cadence: 'frog_rest'))->cadence->key, 'not one of its own');
    }

    /** M21. */
    #[DataProvider('places')]
    public function test_a_place_weighs_lures_by_its_own_lineup(Structure $structure, Cover $cover, float $waterFt, string $better, string $worse): void
    {
        $fits = PlaceFits::at(self::day(76, 3.0), $structure, $cover, $waterFt, 'sun', [$better, $worse]);
        self::assertGreaterThan($fits[$worse], $fits[$better]);
        self::assertGreaterThan(0.0, $fits[$worse], 'never nothing: it is at hand');
        self::assertSame([$better, $worse], array_keys($fits));
    }

    /** @return iterable<string, array{Structure, Cover, float, string, string}> */
    public static function places(): iterable
    {
        yield 'pads' => [Structure::Flat, Cover::LilyPads, 3.0, 'hollow_frog', 'jerkbait'];
        yield 'reeds' => [Structure::Flat, Cover::Reeds, 4.0, 'swim_jig', 'lipless_crankbait'];
        yield 'a deep ledge' => [Structure::Ledge, Cover::Rock, 18.0, 'football_jig', 'hollow_frog'];
        yield 'wood' => [Structure::CreekBend, Cover::Laydown, 5.0, 'squarebill_crankbait', 'umbrella_rig'];
    }

    public function test_a_place_of_which_nothing_is_known_is_weighed_as_well(): void
    {
        self::assertCount(2, PlaceFits::at(self::day(60, 3.0), null, null, null, null, ['tube', 'jerkbait']));
    }

    /** R20 and CAUTIONS: what to do with this fish on this lure here. */
    public function test_with_a_fish_on_the_lure_the_cover_and_the_water_say_what_to_do(): void
    {
        $jobs = static fn (string $lure, Settled $day): string => implode(' ', array_map(strval(...), FishOn::jobs(Setup::of(Catalog::get($lure), WaterReader::read($day)))));
        $reeds = ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 5]];
        self::assertStringContainsString('Pull hard at once, out of the reeds', $jobs('swim_jig', self::day(66, 3.0, $reeds)));
        self::assertStringContainsString('Trebles: ease the drag', $jobs('jerkbait', self::day(66, 3.0)));
        self::assertStringContainsString('Ease the drag', $jobs('casting_jig', self::day(66, 3.0)));
        self::assertStringContainsString('Warm water', $jobs('swim_jig', self::day(84, 3.0)));
        self::assertStringNotContainsString('Warm water', $jobs('swim_jig', self::day(70, 3.0)));
        self::assertStringContainsString('never in the gills', $jobs('jerkbait', self::day(60, 3.0, [], 'northern_pike')));
        foreach (['swim_jig', 'jerkbait'] as $lure) {
            self::assertStringContainsString('cut the line', $jobs($lure, self::day(66, 3.0)));
        }
    }

    public function test_the_last_hour_says_what_held_or_where_fish_go(): void
    {
        $open = Pattern::in(Evidence::weigh([$this->stint(['cover' => 'reeds', 'spot' => 'A'], 30)]));
        self::assertSame('The last hour (the sun is down at 20:14): light goes, fish move up. Shallow and near the surface once more.', (string) LastHour::words($open, '20:14'));
        $held = Pattern::in(Evidence::weigh([
            $this->stint(['cover' => 'reeds', 'spot' => 'A'], 10, ['caught', 'caught']), $this->stint(['cover' => 'reeds', 'spot' => 'B'], 10, ['caught', 'caught']),
            $this->stint(['cover' => 'rock', 'spot' => 'C'], 60),
        ]));
        self::assertTrue($held->verdict->stands());
        self::assertStringContainsString('What held: ', (string) LastHour::words($held, '20:14'));
        self::assertStringContainsString('reeds', (string) LastHour::words($held, '20:14'));
    }

    /** M19: each turn asks for what turned, and nothing else. */
    public function test_every_turn_asks_for_fields_that_turn_it(): void
    {
        foreach (TurnKind::cases() as $kind) {
            self::assertNotSame([], $kind->asksFor());
            self::assertSame($kind, TurnKind::ofField($kind->asksFor()[0]), $kind->value);
        }
        self::assertTrue(TurnKind::Light->asksForColor() && TurnKind::Clarity->asksForColor());
        self::assertFalse(TurnKind::Level->asksForColor() || TurnKind::Front->asksForColor());
    }

    public function test_a_way_takes_its_time_and_the_time_to_set_up(): void
    {
        $here = new Position(36.0, -79.5);
        $mile = new Position(36.0 + 1 / 69.0, -79.5);
        // A mile by the crow at 15 mph takes four minutes; over water it is longer, and somebody has to stow and set up.
        $minutes = RoughWays::minutes($here, $mile, Speed::fromMph(15));
        self::assertGreaterThan(4.0 + 1.0, $minutes);
        self::assertLessThan(10.0, $minutes);
        self::assertGreaterThan($minutes, RoughWays::minutes($here, $mile, Speed::fromMph(5)));
        self::assertEqualsWithDelta($minutes, RoughWays::minutes($mile, $here, Speed::fromMph(15)), 1e-9);
        self::assertLessThan(RoughWays::UNKNOWN_MIN, RoughWays::minutes($here, $here, Speed::fromMph(15)));
    }

    /** @param  array<string, mixed>  $spot */
    private static function day(float $tempF, float $visibilityFt, array $spot = [], string $species = 'largemouth_bass'): Settled
    {
        return Settler::settle(ConditionsReader::read([
            'species' => $species, 'date' => '2026-06-10', 'water' => ['temp_f' => $tempF, 'visibility_ft' => $visibilityFt], 'spot' => $spot === [] ? null : $spot,
        ]));
    }
}
