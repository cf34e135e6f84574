<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Handling;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Choice\Lineup\Rods;
use OldEddy\Choice\Lineup\Split;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\Job;
use OldEddy\Day\Season\Species;
use OldEddy\Plan\Plan;
use OldEddy\Reading\Column;
use OldEddy\Reading\Tightness;
use PHPUnit\Framework\TestCase;

/** What an experienced angler weighs where single numbers mislead. Common practice, no source: the rules named at each. */
final class JudgementTest extends TestCase
{
    use Days;

    private const MUDDY = ['date' => '2026-06-20', 'water.temp_f' => 74, 'water.visibility_ft' => 1.5, 'water.normal_visibility_ft' => 1.5];

    /** F16: under a roof in the sun they are tight; clouds let them go. Only deep, clear docks hold them off. */
    public function test_a_roof_in_the_sun_holds_fish_tight(): void
    {
        foreach (['lily_pads', 'grass_matted', 'overhang'] as $roof) {
            $spot = ['date' => '2026-07-10', 'water.temp_f' => 80, 'spot' => ['structure' => 'flat', 'cover' => [$roof], 'depth_ft' => [1, 4]]];
            self::assertSame(Tightness::Tight, self::reading(['weather.sky' => 'clear'] + $spot)->stand->tightness, $roof);
            self::assertNotSame(Tightness::Tight, self::reading(['weather.sky' => 'overcast'] + $spot)->stand->tightness, $roof);
        }
        $dock = static fn (float $depth, float $visibility): Tightness => self::reading([
            'date' => '2026-07-10', 'water.temp_f' => 80, 'weather.sky' => 'clear', 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility,
            'spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [0, $depth], 'dock' => ['kind' => 'floating', 'depth_ft' => $depth]],
        ])->stand->tightness;
        self::assertSame(Tightness::Tight, $dock(1.5, 9));
        self::assertSame(Tightness::Tight, $dock(12, 3));
        self::assertSame(Tightness::Near, $dock(12, 9));
    }

    /** F17. */
    public function test_spawning_spotted_bass_and_walleye_over_a_basin(): void
    {
        $dock = ['species' => 'spotted_bass', 'spot' => ['structure' => 'dock', 'depth_ft' => [0, 12], 'dock' => ['kind' => 'floating', 'depth_ft' => 12]]];
        self::assertSame(Column::Bottom, self::reading(['stage' => 'spawn'] + $dock)->stand->column);
        self::assertSame(Column::Suspended, self::reading(['date' => '2026-07-10', 'water.temp_f' => 80] + $dock)->stand->column);
        $walleye = static fn (string $water, string $structure): Column => self::reading([
            'species' => 'walleye', 'date' => '2026-07-20', 'water.temp_f' => 74, 'waterbody' => $water, 'spot' => ['structure' => $structure, 'depth_ft' => [10, 40]],
        ])->stand->column;
        self::assertSame(Column::Suspended, $walleye('natural_lake', 'basin'));
        self::assertSame(Column::Bottom, $walleye('natural_lake', 'hump'));
        self::assertSame(Column::Bottom, $walleye('river', 'basin'));
    }

    /** F18. */
    public function test_spring_smallmouth_are_on_the_flats_of_a_clear_natural_lake(): void
    {
        $spring = ['species' => 'smallmouth_bass', 'date' => '2026-05-10', 'water.temp_f' => 54, 'water.visibility_ft' => 15, 'water.normal_visibility_ft' => 15];
        $stand = self::reading(['waterbody' => 'natural_lake'] + $spring)->stand;
        self::assertSame('flat', $stand->structures[0]->value);
        self::assertLessThanOrEqual(12.0, $stand->deepFt);
        self::assertNotSame('flat', self::reading(['waterbody' => 'reservoir'] + $spring)->stand->structures[0]->value);
    }

    /** L13: over and along them; after a front into the thickest. */
    public function test_reeds_are_searched_first_and_flipped_after_a_front(): void
    {
        $reeds = self::MUDDY + ['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [1, 4]]];
        self::assertBefore('hollow_frog', 'spinnerbait', self::order($reeds));
        self::assertSame('creature_texas_rig', self::order(['weather.front' => 'post_1'] + $reeds)[0]);
    }

    /** L14, F19: pike and muskie have orders and plugs of their own. */
    public function test_pike_and_muskie_are_judged_by_their_own_rules(): void
    {
        $canal = ['species' => 'northern_pike', 'date' => '2026-09-25', 'water.temp_f' => 58, 'water.visibility_ft' => 1.2, 'water.normal_visibility_ft' => 1.2];
        $bridge = self::plan($canal + ['spot' => ['structure' => 'bridge', 'cover' => ['shade'], 'depth_ft' => [3, 4]]]);
        self::assertSame('shallow_crankbait', $bridge->lineup[0]->lure->key);
        self::assertSame('bright_banded', $bridge->lineup[0]->colors()[0]->family->value);
        $muskie = ['species' => 'muskellunge', 'date' => '2026-08-15', 'water.temp_f' => 71, 'spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [3, 10]]];
        self::assertSame('inline_spinner', self::order($muskie)[0]);
        $back = self::order(['observed' => ['follows']] + $muskie);
        self::assertNotSame([], array_intersect(array_slice($back, 0, 2), array_keys(Catalog::doing(Job::AfterFollows))));
        self::assertSame([], array_intersect(array_slice(self::order($muskie), 0, 2), array_keys(Catalog::doing(Job::AfterFollows))));
    }

    /** L15: stain and slowness are no fault of what is put to a target, and still are of what is wound past it. */
    public function test_target_lures_are_judged_at_the_target(): void
    {
        $laydown = self::plan(self::MUDDY + ['spot' => ['structure' => 'flat', 'cover' => ['laydown'], 'depth_ft' => [1, 4]]]);
        $open = self::plan(self::MUDDY + ['spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => [1, 4]]]);
        self::assertGreaterThan(0.95, self::effect($laydown, 'flipping_jig', 'clarity'));
        self::assertSame(1.0, self::effect($laydown, 'flipping_jig', 'pace'));
        self::assertLessThan(0.8, self::effect($open, 'flipping_jig', 'clarity'));
        self::assertSame(self::effect($open, 'paddletail_swimbait', 'clarity'), self::effect($laydown, 'paddletail_swimbait', 'clarity'));
    }

    /** L16: a second cover beside the first never lowers a fit. */
    public function test_a_second_cover_makes_a_place_better(): void
    {
        $spot = static fn (array $covers): Plan => self::plan(['spot' => ['structure' => 'flat', 'cover' => $covers, 'depth_ft' => [1, 6]]]);
        foreach ([['lily_pads', 'laydown'], ['dock', 'brush'], ['reeds', 'rock'], ['grass_edge', 'stumps']] as [$one, $other]) {
            [$alone, $both] = [$spot([$one]), $spot([$one, $other])];
            foreach ($alone->lineup as $entry) {
                if ($both->entry($entry->lure->key) !== null) {
                    self::assertGreaterThanOrEqual(self::effect($alone, $entry->lure->key, 'cover'), self::effect($both, $entry->lure->key, 'cover'), "{$entry->lure->key}: {$one} with {$other}");
                }
            }
            self::assertSame([], array_diff(array_map(static fn ($e): string => $e->lure->key, $alone->lineup), array_map(static fn ($e): string => $e->lure->key, $both->lineup)));
        }
    }

    /** L17: trebles run over weed that ends below them, and past reeds for pike; inside reeds they are out. */
    public function test_into_a_cover_and_past_it_are_two_things(): void
    {
        $weed = static fn (float $depth): Plan => self::plan(['spot' => ['structure' => 'flat', 'cover' => ['grass_submerged'], 'depth_ft' => [$depth - 2, $depth]]]);
        self::assertGreaterThan(self::effect($weed(3), 'jerkbait', 'cover'), self::effect($weed(14), 'jerkbait', 'cover'));
        $reeds = ['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 5]]];
        self::assertArrayHasKey('squarebill_crankbait', self::out($reeds));
        self::assertArrayNotHasKey('shallow_crankbait', self::out(['species' => 'northern_pike'] + $reeds));
    }

    /** L19: at the ends of its span a lure has started to work; well beyond it is hopeless. */
    public function test_the_ends_of_a_span_are_no_fault(): void
    {
        foreach (Catalog::all() as $key => $lure) {
            foreach ([$lure->year->fromF, $lure->year->toF] as $end) {
                self::assertEqualsWithDelta(0.8, $lure->year->warmth($end), 1e-9, $key);
            }
            self::assertSame(1.0, $lure->year->warmth($lure->year->goodFromF));
            self::assertLessThan(0.35, $lure->year->warmth($lure->year->fromF - 4));
        }
    }

    /** L20: the column follows the retrieve chosen. */
    public function test_a_jig_swum_under_floats_is_no_bottom_lure(): void
    {
        $dock = ['date' => '2026-07-10', 'water.temp_f' => 82, 'weather.sky' => 'overcast', 'spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [5, 30], 'dock' => ['kind' => 'floating', 'depth_ft' => 25]]];
        $plan = self::plan($dock);
        self::assertSame('swim_under_floats', $plan->entry('football_jig')?->setup()->cadence->key);
        self::assertGreaterThan(1.1, self::effect($plan, 'football_jig', 'column'));
        self::assertLessThan(1.0, self::effect($plan, 'casting_jig', 'column'));
    }

    /** L21: nobody is pushed below a lure outside the ladder that it had beaten. */
    public function test_a_ladder_only_orders_its_own_members(): void
    {
        foreach (['grass_edge', 'grass_submerged', 'reeds', 'grass_matted', 'grass_dying'] as $cover) {
            foreach ([0.8, 2, 6] as $visibility) {
                $reading = self::reading(['water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility, 'spot' => ['structure' => 'flat', 'cover' => [$cover], 'depth_ft' => [2, 7]]]);
                $before = $after = [];
                foreach (LureRanking::of($reading)->scored as $scored) {
                    $effects = $scored->effects();
                    $ladder = array_filter($effects, static fn ($e): bool => $e->factor === 'ladder');
                    $before[$scored->lure->key] = array_product(array_map(static fn ($e): float => in_array($e->factor, ['ladder', 'scale'], true) ? 1.0 : $e->effect, $effects));
                    $after[$scored->lure->key] = [$scored->score, $ladder !== []];
                }
                foreach ($after as $member => [$score, $moved]) {
                    foreach ($moved ? $after : [] as $outsider => [$its, $movedToo]) {
                        self::assertFalse(! $movedToo && $before[$member] > $before[$outsider] * 1.02 && $score < $its * 0.98, "{$cover}, {$visibility} ft: {$member} fell below {$outsider}");
                    }
                }
            }
        }
    }

    /** L22, M4, M8. */
    public function test_rods_are_jobs_with_a_floor(): void
    {
        foreach ([[], self::MUDDY, ['date' => '2026-01-20', 'water.temp_f' => 43]] as $day) {
            $plan = self::plan(['rods' => 4] + $day);
            [, $two] = Split::between($plan->lineup);
            self::assertGreaterThanOrEqual(0.35 * $plan->lineup[0]->score, $two->score);
        }
        $winter = self::plan(['date' => '2026-01-20', 'water.temp_f' => 43, 'rods' => 5]);
        $five = array_filter($winter->rods, static fn ($e): bool => $e->lure->does(Job::WinterFive));
        self::assertGreaterThanOrEqual(4, count($five), 'in winter the jobs are the winter five');
        self::assertSame(0.5, Rods::FLOOR);
        $flat = self::plan(['species' => 'smallmouth_bass', 'date' => '2026-05-10', 'water.temp_f' => 54, 'spot' => ['structure' => 'flat', 'cover' => ['rock'], 'depth_ft' => [3, 8]]]);
        self::assertSame(['paddletail_swimbait', 'micro_jig', 'jerkbait'], $flat->nextIfRefused, 'M8: wherever the jerkbait stands');
    }

    /** L23: panfish take small lures only. */
    public function test_what_is_too_big_for_panfish_is_out(): void
    {
        foreach ([['bluegill', 2.5], ['black_crappie', 3.0], ['yellow_perch', 3.0]] as [$species, $most]) {
            $plan = self::plan(['species' => $species]);
            foreach ($plan->lineup as $entry) {
                self::assertLessThanOrEqual($most, $entry->setup()->spec->lengthIn, "{$species}: {$entry->lure->key}");
            }
            self::assertContains('L23', self::out(['species' => $species]));
        }
    }

    /** C13, C14, C15. */
    public function test_colors_and_the_spinnerbait_in_wind_and_cloud(): void
    {
        $spring = ['date' => '2026-04-05', 'water.temp_f' => 55, 'forage' => ['crawfish'], 'spot' => ['structure' => 'secondary_point', 'cover' => ['rock'], 'depth_ft' => [6, 12]]];
        $first = static fn (float $visibility): ?string => self::plan(['water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility] + $spring)->entry('medium_crankbait')?->colors()[0]->family->value;
        self::assertSame('natural_craw', $first(9));
        self::assertSame('craw_red', $first(2));
        $fall = self::plan(['date' => '2026-10-20', 'water.temp_f' => 58]);
        self::assertContains('white', array_map(static fn ($c): string => $c->family->value, $fall->entry('tube')?->colors() ?? []));
        $windy = ['weather.wind_mph' => 12, 'water.visibility_ft' => 8, 'water.normal_visibility_ft' => 8];
        self::assertSame(1.3, self::effect(self::plan(['weather.sky' => 'overcast'] + $windy), 'spinnerbait', 'wind'));
        self::assertLessThan(1.2, self::effect(self::plan(['weather.sky' => 'clear'] + $windy), 'spinnerbait', 'wind'));
    }

    /** D11: a swimbait over a flat, by depth. */
    public function test_a_swimbait_is_as_heavy_as_the_flat_is_deep(): void
    {
        $ounces = static fn (float $depth): ?float => self::plan(['species' => 'smallmouth_bass', 'date' => '2026-05-10', 'water.temp_f' => 54, 'spot' => ['structure' => 'flat', 'cover' => ['rock'], 'depth_ft' => [$depth - 1, $depth]]])->entry('paddletail_swimbait')?->setup()->spec->weightOz;
        self::assertSame([0.125, 0.25], [$ounces(4), $ounces(7)]);
    }

    /** R21: the roots of a stump, and casts along bluffs. */
    public function test_the_cast_and_the_drop_follow_the_place(): void
    {
        $stumps = self::reading(['spot' => ['structure' => 'flat', 'cover' => ['stumps'], 'depth_ft' => [2, 6]]]);
        self::assertArrayHasKey('R21', Handling::of(Catalog::get('creature_texas_rig'), $stumps));
        self::assertArrayNotHasKey('R21', Handling::of(Catalog::get('hollow_frog'), $stumps));
        foreach (['bluff_transition', 'riprap'] as $along) {
            self::assertSame('parallel', self::plan(['spot' => ['structure' => $along, 'cover' => ['rock'], 'depth_ft' => [3, 15]]])->entry('football_jig')?->setup()->castKind, $along);
        }
    }

    /** F19: nothing of the bass's own shade line speaks for others. */
    public function test_the_shade_line_of_bass_moves_no_other_fish(): void
    {
        $shade = ['date' => '2026-07-10', 'water.temp_f' => 76, 'weather.sky' => 'clear', 'spot' => ['structure' => 'point', 'depth_ft' => [1, 10], 'shaded' => true, 'shade_width_ft' => 8]];
        foreach (Species::cases() as $species) {
            $plan = self::plan(['species' => $species->value] + $shade);
            $place = array_filter($plan->lineup, static fn ($e): bool => in_array('place', array_map(static fn ($f): string => $f->factor, $e->effects()), true));
            self::assertSame($species->isBass(), $place !== [], $species->value);
        }
    }

    private static function effect(Plan $plan, string $lure, string $factor): float
    {
        foreach ($plan->entry($lure)?->effects() ?? [] as $effect) {
            if ($effect->factor === $factor) {
                return $effect->effect;
            }
        }

        return 1.0;
    }
}
