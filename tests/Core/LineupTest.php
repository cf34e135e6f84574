<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Handling;
use OldEddy\Choice\Lineup\Split;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Contract\FiredBy;
use OldEddy\Day\Season\Species;
use OldEddy\Plan\SchoolsCompared;
use OldEddy\Plan\WhatWouldChange;
use OldEddy\Rules\RuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The lineup, rule by rule. Common practice, no source: the orders of handbook chapters 03 to 05. */
final class LineupTest extends TestCase
{
    use Days;

    /**
     * @param  array<string, mixed>  $day
     * @param  list<list<string>>  $pairs  first stands before second
     * @param  array<string, string>  $out  rule by lure that is ruled out
     */
    #[DataProvider('rules')]
    public function test_near_neighbours_are_decided_as_the_trade_does(array $day, array $pairs, array $out = []): void
    {
        $order = self::order($day);
        foreach ($pairs as [$first, $second]) {
            self::assertBefore($first, $second, $order);
        }
        $ruledOut = self::out($day);
        foreach ($out as $lure => $rule) {
            self::assertSame($rule, $ruledOut[$lure] ?? null, "{$lure} should be ruled out by {$rule}");
        }
    }

    /** @return array<string, array{0: array<string, mixed>, 1: list<list<string>>, 2?: array<string, string>}> */
    public static function rules(): array
    {
        $grass = static fn (string $kind, float $visibility, array $more = []): array => ['water.temp_f' => 68, 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility, 'spot' => ['structure' => 'flat', 'cover' => [$kind], 'depth_ft' => [3, 8]]] + $more;
        $wood = ['water.temp_f' => 57, 'water.visibility_ft' => 2, 'water.normal_visibility_ft' => 2, 'spot' => ['structure' => 'creek_bend', 'cover' => ['laydown', 'brush'], 'depth_ft' => [2, 8]]];
        $mud = ['water.temp_f' => 63, 'water.visibility_ft' => 0.6, 'water.normal_visibility_ft' => 4, 'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [1, 6]]];
        $shade = static fn (float $visibility, array $more = []): array => ['date' => '2026-07-10', 'water.temp_f' => 80, 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility, 'weather.sky' => 'clear', 'spot' => ['structure' => 'point', 'depth_ft' => [1, 10], 'shaded' => true, 'shade_width_ft' => 8]] + $more;
        $winter = ['date' => '2026-01-20', 'water.temp_f' => 43, 'water.visibility_ft' => 6, 'water.normal_visibility_ft' => 6];

        return [
            'L1 grass edge in stain' => [$grass('grass_edge', 2), [['bladed_jig', 'paddletail_swimbait'], ['bladed_jig', 'swim_jig']]],
            'L1 grass edge in clear water' => [$grass('grass_edge', 8), [['paddletail_swimbait', 'bladed_jig'], ['paddletail_swimbait', 'swim_jig']]],
            'L1 inside grass' => [$grass('grass_submerged', 3), [['swim_jig', 'bladed_jig'], ['swim_jig', 'paddletail_swimbait']]],
            'L1, L4 matted grass' => [$grass('grass_matted', 3, ['date' => '2026-07-10', 'water.temp_f' => 80]), [['hollow_frog', 'punch_rig'], ['punch_rig', 'swim_jig']], ['squarebill_crankbait' => 'L4', 'jerkbait' => 'L4', 'lipless_crankbait' => 'L4', 'bladed_jig' => 'L2']],
            'L1 dying fall grass' => [$grass('grass_dying', 3, ['date' => '2026-10-20', 'water.temp_f' => 60]), [['bladed_jig', 'swim_jig'], ['bladed_jig', 'paddletail_swimbait']]],
            'L2 wood, moving' => [$wood, [['spinnerbait', 'paddletail_swimbait'], ['squarebill_crankbait', 'lipless_crankbait'], ['spinnerbait', 'bladed_jig']]],
            'L2 wood, still' => [$wood, [['flipping_jig', 'football_jig'], ['flipping_jig', 'carolina_rig']]],
            'L2 reeds' => [['water.temp_f' => 66, 'spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [1, 5]]], [['creature_texas_rig', 'wacky_rig'], ['flipping_jig', 'football_jig'], ['hollow_frog', 'toad']], ['jerkbait' => 'L4', 'squarebill_crankbait' => 'L4']],
            'L2 open water wants an exposed hook' => [['water.temp_f' => 68, 'spot' => ['structure' => 'basin', 'cover' => ['none'], 'depth_ft' => [4, 20]]], [['paddletail_swimbait', 'swim_jig'], ['paddletail_swimbait', 'underspin_swimbait']]],
            'L3 rock in current' => [['water.temp_f' => 66, 'water.current' => 'moderate', 'spot' => ['structure' => 'gravel_bar', 'cover' => ['rock'], 'depth_ft' => [2, 6]]], [['swim_jig', 'squarebill_crankbait'], ['swim_jig', 'lipless_crankbait'], ['swim_jig', 'jerkbait']]],
            'L5 shallow warm mud' => [$mud, [['spinnerbait', 'bladed_jig'], ['bladed_jig', 'swim_jig'], ['swim_jig', 'squarebill_crankbait'], ['squarebill_crankbait', 'flipping_jig'], ['flipping_jig', 'drop_shot']], ['glide_bait' => 'L5', 'jerkbait' => 'L5', 'walking_topwater' => 'L5']],
            'L5 open flats in mud' => [['spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => [2, 6]]] + $mud, [['lipless_crankbait', 'spinnerbait']]],
            'L6 shade in murk' => [$shade(1.2), [['squarebill_crankbait', 'spinnerbait'], ['spinnerbait', 'buzzbait'], ['squarebill_crankbait', 'finesse_jig']]],
            'L6 shade at 3-4 ft' => [$shade(3.5), [['finesse_jig', 'shaky_head'], ['shaky_head', 'drop_shot'], ['finesse_jig', 'spinnerbait']]],
            'L6 shade over 4-5 ft' => [$shade(7, ['weather.wind_mph' => 9]), [['paddletail_swimbait', 'finesse_jig'], ['walking_topwater', 'squarebill_crankbait']]],
            'L7 winter over rock' => [$winter + ['spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [6, 20]]], [['football_jig', 'casting_jig'], ['jerkbait', 'paddletail_swimbait'], ['jerkbait', 'spinnerbait'], ['flat_sided_crankbait', 'medium_crankbait'], ['tube', 'shaky_head']], ['hollow_frog' => 'FAMILIES', 'punch_rig' => 'L2']],
            'L9 crawfish' => [['forage' => ['crawfish'], 'water.temp_f' => 56, 'spot' => ['structure' => 'secondary_point', 'cover' => ['rock'], 'depth_ft' => [3, 10]]], [['casting_jig', 'drop_shot'], ['medium_crankbait', 'paddletail_swimbait']]],
            'L9 frog' => [['forage' => ['frog'], 'date' => '2026-07-01', 'water.temp_f' => 80, 'spot' => ['structure' => 'flat', 'cover' => ['lily_pads'], 'depth_ft' => [1, 4]]], [['hollow_frog', 'swim_jig'], ['toad', 'buzzbait']]],
            'W17 wind, cloud and murk' => [['weather.wind_mph' => 14, 'weather.sky' => 'overcast', 'water.visibility_ft' => 2], [['spinnerbait', 'bladed_jig'], ['spinnerbait', 'jerkbait'], ['spinnerbait', 'shaky_head']]],
            'S11 floating dock, 4 ft' => [['water.temp_f' => 66, 'spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [2, 6], 'dock' => ['kind' => 'floating', 'part' => 'inside', 'depth_ft' => 4]]], [['casting_jig', 'jerkbait'], ['stick_worm', 'paddletail_swimbait']]],
            'S11 floating dock, 12 ft' => [['water.temp_f' => 58, 'water.visibility_ft' => 6, 'spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [3, 14], 'dock' => ['kind' => 'floating', 'part' => 'outside', 'depth_ft' => 12]]], [['jerkbait', 'casting_jig'], ['paddletail_swimbait', 'flipping_jig']]],
            'S12 piling dock' => [['water.temp_f' => 68, 'spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [2, 5], 'dock' => ['kind' => 'piling', 'depth_ft' => 4]]], [['stick_worm', 'finesse_jig'], ['shaky_head', 'drop_shot']]],
            'stick worm in the low 60s' => [['water.temp_f' => 61, 'spot' => ['structure' => 'secondary_point', 'cover' => ['stumps'], 'depth_ft' => [1, 5]]], [['stick_worm', 'carolina_rig'], ['stick_worm', 'tube'], ['stick_worm', 'drop_shot']]],
            'summer ledge' => [['date' => '2026-07-18', 'water.temp_f' => 84, 'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'depth_ft' => [12, 22]], 'forage' => ['shad']], [['deep_crankbait', 'medium_crankbait'], ['deep_crankbait', 'spinnerbait'], ['flutter_spoon', 'football_jig']], ['hollow_frog' => 'D1', 'jerkbait' => 'FAMILIES']],
            'walleye in a winter river' => [['species' => 'walleye', 'waterbody' => 'river', 'date' => '2026-12-10', 'water.temp_f' => 37, 'water.current' => 'strong', 'spot' => ['structure' => 'eddy', 'depth_ft' => [8, 18]]], [['jig_plastic_minnow', 'pin_tail'], ['jig_plastic_minnow', 'jerkbait']]],
            'muskie on a rock reef' => [['species' => 'muskellunge', 'date' => '2026-08-01', 'water.temp_f' => 72, 'water.visibility_ft' => 6, 'spot' => ['structure' => 'rock_pile', 'cover' => ['rock'], 'depth_ft' => [2, 8]]], [['inline_spinner', 'spinnerbait'], ['inline_spinner', 'squarebill_crankbait']]],
            'crappie' => [['species' => 'black_crappie', 'water.temp_f' => 54], [['micro_jig', 'jerkbait'], ['curly_tail_grub', 'spinnerbait']]],
            'perch' => [['species' => 'yellow_perch', 'water.temp_f' => 60], [['curly_tail_grub', 'spinnerbait'], ['drop_shot', 'jerkbait']]],
        ];
    }

    public function test_the_loser_says_why_it_lost(): void
    {
        $plan = self::plan(['water.temp_f' => 63, 'water.visibility_ft' => 0.6, 'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [1, 6]]]);
        $texts = array_map(static fn ($e): string => (string) $e->text, $plan->entry('squarebill_crankbait')->effects ?? []);
        self::assertContains('Tried after swim jig in shallow warm mud.', $texts);
    }

    public function test_a_clear_water_smallmouth_flat_has_the_ladder_of_refusals(): void
    {
        $plan = self::plan(['species' => 'smallmouth_bass', 'water.temp_f' => 47, 'water.visibility_ft' => 10, 'forage' => ['minnow'], 'weather.sky' => 'overcast', 'spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => [3, 8]]]);
        self::assertSame('jerkbait', $plan->lineup[0]->lure->key);
        self::assertSame(['paddletail_swimbait', 'micro_jig', 'jerkbait'], $plan->nextIfRefused);
    }

    /** Schools spring_worms, loudness. */
    public function test_schools_change_the_lineup(): void
    {
        $rank = static fn (array $day): int => (int) array_search('stick_worm', self::order($day), true);
        $day = ['water.temp_f' => 60, 'spot' => ['structure' => 'flat', 'cover' => ['rock'], 'depth_ft' => [2, 7]]];
        self::assertGreaterThan($rank($day), $rank($day + ['schools' => ['spring_worms' => 'no']]));
        self::assertGreaterThan($rank($day + ['forage' => ['goby', 'crawfish']]), $rank($day + ['forage' => ['goby']]), 'goby alone silences the worm by default');
        self::assertLessThan($rank($day + ['forage' => ['goby']]), $rank($day + ['forage' => ['goby'], 'schools' => ['spring_worms' => 'yes']]));
        $silent = self::plan(['schools' => ['loudness' => 'silent']])->entry('squarebill_crankbait');
        self::assertFalse($silent?->setup()->spec->rattle);
        self::assertTrue(self::plan(['water.visibility_ft' => 1.2, 'water.temp_f' => 78])->entry('squarebill_crankbait')?->setup()->spec->rattle);
    }

    public function test_only_lures_owned_are_in_the_lineup_and_there_is_always_one(): void
    {
        self::assertEqualsCanonicalizing(['jerkbait', 'spinnerbait'], self::order(['owned' => ['jerkbait', 'spinnerbait']]));
        $plan = self::plan(['owned' => ['glide_bait'], 'water.visibility_ft' => 0.3]);
        self::assertSame('glide_bait', $plan->lineup[0]->lure->key);
        self::assertCount(1, $plan->rods);
    }

    public function test_rods_cover_different_jobs(): void
    {
        foreach ([1, 3, 5, 8] as $rods) {
            $plan = self::plan(['rods' => $rods]);
            self::assertCount($rods, $plan->rods);
            self::assertCount($rods, array_unique(array_map(static fn ($e): string => $e->lure->key, $plan->rods)));
            self::assertContains($plan->lineup[0], $plan->rods);
        }
        $roles = array_map(static fn ($e): string => $e->lure->role->value, self::plan(['rods' => 5])->rods);
        self::assertEqualsCanonicalizing(['search', 'slow', 'finesse'], array_values(array_unique($roles)));
        $ledge = self::plan(['date' => '2026-07-18', 'water.temp_f' => 82, 'rods' => 6, 'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'depth_ft' => [8, 18]]]);
        self::assertGreaterThanOrEqual(2, count(array_filter($ledge->rods, static fn ($e): bool => $e->lure->dives())), 'tiers of crankbaits on one structure');
    }

    public function test_the_score_is_the_product_of_its_reasons(): void
    {
        foreach ([[], ['water.visibility_ft' => 0.5], ['date' => '2026-07-18', 'water.temp_f' => 84, 'forage' => ['shad']]] as $day) {
            foreach (self::plan($day)->lineup as $entry) {
                $product = array_product(array_map(static fn ($e): float => $e->effect, $entry->effects));
                self::assertEqualsWithDelta($product, $entry->score, 1e-9);
                foreach ($entry->effects as $effect) {
                    self::assertTrue(RuleBook::has($effect->ruleId), $effect->ruleId);
                }
            }
        }
    }

    /** D4, common practice: 1/8 oz in 3 ft, 1/4 oz in 4-8 ft, 1/2 oz in reeds, 1 oz in strong current. */
    public function test_weights(): void
    {
        $weight = static fn (string $lure, array $day): ?float => self::plan($day)->entry($lure)?->setup()->spec->weightOz;
        $flat = static fn (array $depth): array => ['species' => 'smallmouth_bass', 'water.temp_f' => 60, 'spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => $depth]];
        self::assertSame(0.125, $weight('paddletail_swimbait', $flat([1, 3])));
        self::assertSame(0.25, $weight('paddletail_swimbait', $flat([4, 8])));
        self::assertSame(0.5, $weight('flipping_jig', ['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 5]]]));
        self::assertSame(1.0, $weight('jig_plastic_minnow', ['species' => 'walleye', 'waterbody' => 'river', 'water.current' => 'strong', 'spot' => ['structure' => 'eddy', 'depth_ft' => [8, 16]]]));
        self::assertLessThanOrEqual(0.375, $weight('paddletail_swimbait', ['species' => 'northern_pike', 'spot' => ['structure' => 'flat', 'cover' => ['grass_submerged'], 'depth_ft' => [2, 4]]]));
    }

    /** C7, common practice. */
    public function test_blades_follow_the_clarity(): void
    {
        $blades = static fn (float $visibility): ?string => self::plan(['water.temp_f' => 64, 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility])->entry('spinnerbait')?->setup()->spec->blades;
        self::assertStringContainsString('painted', (string) $blades(0.5));
        self::assertStringContainsString('gold', (string) $blades(2));
        self::assertSame('silver willow', $blades(8));
    }

    public function test_the_catalog_is_whole(): void
    {
        self::assertGreaterThanOrEqual(44, count(Catalog::all()));
        foreach (Catalog::all() as $key => $lure) {
            self::assertMatchesRegularExpression('/^[a-z_]+$/', $key);
            self::assertLessThanOrEqual($lure->depthFt[1], $lure->depthFt[0]);
            self::assertSame($lure->tempF, array_values(array_unique(self::sorted($lure->tempF))), $key);
            self::assertSame($lure->weightsOz, self::sorted($lure->weightsOz));
            foreach ([$lure->vibration, $lure->sound, $lure->flash, $lure->sight, $lure->snag, $lure->bulk] as $share) {
                self::assertTrue($share >= 0 && $share <= 1, $key);
            }
            self::assertGreaterThan(0.0, max(array_map($lure->suits(...), Species::cases())));
            foreach ($lure->cadences as $cadence) {
                self::assertGreaterThan(0, CadenceChooser::set($cadence, $lure, self::reading())->seconds());
            }
        }
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }

    public function test_two_anglers_throw_different_things(): void
    {
        foreach ([[], ['water.visibility_ft' => 0.6], ['date' => '2026-01-15', 'water.temp_f' => 42]] as $day) {
            [$one, $two] = Split::between(self::plan($day)->lineup);
            self::assertNotSame($one->lure->key, $two->lure->key);
            self::assertNotSame($one->lure->role, $two->lure->role);
        }
    }

    /** What would change is found by trying: each flip told is a flip indeed, and an excluded first choice is one. */
    public function test_what_would_change(): void
    {
        $day = ['water.temp_f' => 60, 'water.visibility_ft' => 1.4, 'water.normal_visibility_ft' => 1.4, 'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [1, 6]]];
        $plan = self::plan($day);
        $flips = WhatWouldChange::of($plan->reading, $plan->lineup[0]->lure->key);
        self::assertNotEmpty($flips);
        foreach ($flips as $flip) {
            self::assertNotSame($plan->lineup[0]->lure->key, $flip->first);
        }
        $told = [];
        foreach ($flips as $flip) {
            $told[(string) $flip->change] = $flip->first;
        }
        $tried = ['five degrees colder' => ['water.temp_f' => 55], 'five degrees warmer' => ['water.temp_f' => 65], 'the first day after a front' => ['weather.front' => 'post_1'], 'clouds' => ['weather.sky' => 'overcast'], 'a 12 mph wind' => ['weather.wind_mph' => 12]];
        foreach ($tried as $change => $with) {
            $first = self::order($with + $day)[0];
            self::assertSame($first === $plan->lineup[0]->lure->key ? null : $first, $told[$change] ?? null, $change);
        }
    }

    /** School page: where the schools part on a day, and only there. */
    public function test_schools_are_compared_where_they_part(): void
    {
        $mud = SchoolsCompared::on(self::reading(['water.visibility_ft' => 0.6])->day);
        self::assertSame(['moving lure', 'bottom lure'], array_values(array_intersect(['moving lure', 'bottom lure'], [...$mud['mud_color'][0]->differs])));
        self::assertSame([], $mud['clear_speed'][0]->differs);
        $clear = SchoolsCompared::on(self::reading(['water.visibility_ft' => 9, 'water.temp_f' => 66])->day);
        self::assertContains('moving lure', $clear['clear_speed'][0]->differs);
        self::assertSame([], $clear['mud_color'][0]->differs);
        $cold = SchoolsCompared::on(self::reading(['water.inflow' => ['running' => true, 'relative_temp' => 'colder', 'muddy' => true]])->day);
        self::assertSame('leave the creek', $cold['cold_mud'][0]->advice['place']);
        self::assertNotSame($cold['cold_mud'][0]->advice['place'], $cold['cold_mud'][1]->advice['place']);
        self::assertTrue($cold['cold_mud'][0]->speaks);
        self::assertFalse($cold['cold_mud'][1]->speaks);
    }

    /** L8, L10, L12: common practice. */
    public function test_deflection_size_and_action(): void
    {
        $effect = static function (string $lure, string $factor, array $day): ?float {
            foreach (self::plan($day)->entry($lure)->effects ?? [] as $e) {
                if ($e->factor === $factor) {
                    return $e->effect;
                }
            }

            return null;
        };
        self::assertGreaterThan(1.0, $effect('finesse_jig', 'size', ['weather.front' => 'post_1']));
        self::assertLessThan(1.0, $effect('glide_bait', 'size', ['pressure' => 'heavy']));
        self::assertNull($effect('finesse_jig', 'size', []));
        self::assertGreaterThan(1.0, $effect('drop_shot', 'action', ['date' => '2026-01-20', 'water.temp_f' => 42]));
        self::assertGreaterThan(1.0, $effect('bladed_jig', 'action', ['water.visibility_ft' => 2, 'water.temp_f' => 65]));
        $cranked = $effect('squarebill_crankbait', 'pace', ['water.temp_f' => 60, 'spot' => ['cover' => ['stumps'], 'depth_ft' => [1, 4]]]);
        $wound = $effect('bladed_jig', 'pace', ['water.temp_f' => 60, 'spot' => ['cover' => ['stumps'], 'depth_ft' => [1, 4]]]);
        self::assertGreaterThanOrEqual($wound, $cranked, 'deflection lets neutral fish take a faster lure');
        $swimbait = static fn (array $day): ?float => self::plan(['species' => 'smallmouth_bass'] + $day)->entry('paddletail_swimbait')?->setup()->spec->lengthIn;
        self::assertSame(3.5, $swimbait([]));
        self::assertLessThan(3.5, $swimbait(['weather.front' => 'post_1']));
    }

    /** L11: the more negative the fish, the more it costs to leave them behind. */
    public function test_speed_costs_more_when_fish_are_negative(): void
    {
        $order = self::order(['water.temp_f' => 66, 'weather.front' => 'post_1', 'weather.sky' => 'clear', 'spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [3, 10]]]);
        $keen = self::order(['water.temp_f' => 66, 'weather.front' => 'approaching', 'weather.sky' => 'overcast', 'spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [3, 10]]]);
        $rank = static fn (array $list, string $lure): int => (int) array_search($lure, $list, true);
        self::assertLessThan($rank($keen, 'finesse_jig'), $rank($order, 'finesse_jig'));
        self::assertGreaterThan($rank($keen, 'spinnerbait'), $rank($order, 'spinnerbait'));
    }

    /** D6, D7, C12: wire or heavy trace for pike always; a leader in clear water; common practice. */
    public function test_line_and_rod(): void
    {
        self::assertStringContainsString('trace', (string) (self::plan(['species' => 'northern_pike'])->entry('spinnerbait')?->line() ?? ''));
        self::assertStringContainsString('50-65 lb braid', (string) (self::plan(['date' => '2026-07-01', 'water.temp_f' => 78, 'spot' => ['cover' => ['grass_matted'], 'depth_ft' => [1, 5]]])->entry('hollow_frog')?->line() ?? ''));
        self::assertStringContainsString('leader', (string) (self::plan(['water.visibility_ft' => 9, 'water.temp_f' => 66, 'spot' => ['structure' => 'point', 'depth_ft' => [2, 9]]])->entry('buzzbait')?->line() ?? ''));
        self::assertStringContainsString('parabolic', self::plan([])->entry('squarebill_crankbait')?->rod() ?? '');
    }

    /** R18, common practice: flip and pitch into cover, skip under docks, parallel along an edge. */
    public function test_the_cast_is_named(): void
    {
        $cast = static fn (string $lure, array $spot): ?string => self::plan(['water.temp_f' => 66, 'spot' => $spot + ['depth_ft' => [2, 6]]])->entry($lure)?->setup()->castKind;
        self::assertSame('flip', $cast('flipping_jig', ['cover' => ['reeds']]));
        self::assertSame('pitch', $cast('creature_texas_rig', ['cover' => ['flooded_bushes']]));
        self::assertSame('skip', $cast('stick_worm', ['structure' => 'dock', 'cover' => ['dock']]));
        self::assertSame('parallel', $cast('spinnerbait', ['cover' => ['grass_edge']]));
    }

    /** Handbook 10: cautions where they apply, and no legal limit stated. */
    public function test_cautions(): void
    {
        $ids = static fn (array $day): array => array_map(static fn ($c): string => $c->id, self::plan($day)->cautions);
        self::assertContains('beds', $ids(['water.temp_f' => 66]));
        self::assertContains('cold_water', $ids(['water.temp_f' => 50]));
        self::assertNotContains('cold_water', $ids(['water.temp_f' => 70]));
        self::assertContains('warm_water', $ids(['date' => '2026-07-10', 'water.temp_f' => 84]));
        self::assertContains('toothy', $ids(['species' => 'muskellunge']));
        self::assertContains('lightning', $ids(['weather.front' => 'approaching']));
        self::assertContains('wind', $ids(['weather.wind_mph' => 20]));
        self::assertContains('dock', $ids(['spot' => ['structure' => 'dock']]));
        self::assertContains('umbrella_rig', $ids(['date' => '2026-01-20', 'water.temp_f' => 43, 'owned' => ['umbrella_rig']]));
    }

    /** The inputs that fired a rule are those without which it would say something else. */
    public function test_a_rule_names_the_inputs_that_fired_it(): void
    {
        $day = self::day(['water.inflow' => ['running' => true, 'relative_temp' => 'warmer', 'muddy' => true], 'weather.front' => 'post_1']);
        $inflow = FiredBy::rule('W6', $day);
        self::assertContains('water.inflow.relative_temp', $inflow->inputs);
        self::assertContains('water.inflow.running', $inflow->inputs);
        self::assertNotContains('weather.front', $inflow->inputs);
        self::assertNotContains('weather.wind_mph', $inflow->inputs);
        self::assertContains('weather.front', FiredBy::rule('W14', $day)->inputs);
        self::assertSame([], FiredBy::rule('W2', $day)->sayings);
        self::assertContains('water.temp_f', FiredBy::rule('STAGES', $day)->inputs);
    }

    /**
     * Each factor speaks up or down where its rule says so, and is silent on the plain day.
     *
     * @param  array<string, mixed>  $day
     */
    #[DataProvider('factors')]
    public function test_a_factor_speaks_by_its_rule(string $rule, string $lure, string $factor, bool $for, array $day): void
    {
        $speaking = self::factor($lure, $factor, $day);
        self::assertNotNull($speaking, "{$factor} should speak of the {$lure}");
        self::assertSame($rule, $speaking->ruleId);
        self::assertSame($for, $speaking->effect > 1.0);
        self::assertNull(self::factor($lure, $factor, []), "{$factor} should be silent on the plain day");
    }

    /** @return array<string, array{string, string, string, bool, array<string, mixed>}> */
    public static function factors(): array
    {
        return [
            'front, outside weed line' => ['W14', 'spinnerbait', 'front', true, ['weather.front' => 'post_1', 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 15]]]],
            'front, every pocket' => ['W14', 'flipping_jig', 'front', true, ['weather.front' => 'post_1', 'spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [1, 5]]]],
            'schooling' => ['FAMILIES', 'walking_topwater', 'seen', true, ['date' => '2026-08-20', 'water.temp_f' => 79, 'observed' => ['schooling']]],
            'beds' => ['R10', 'tube', 'seen', true, ['observed' => ['beds']]],
            'follows' => ['F14', 'stick_worm', 'seen', true, ['observed' => ['follows']]],
            'low light' => ['W16', 'popper', 'light', true, ['date' => '2026-06-20', 'time' => '06:20', 'water.temp_f' => 74]],
            'bright sun over stain' => ['W15', 'buzzbait', 'light', false, ['weather.sky' => 'clear', 'water.temp_f' => 66]],
            'winter five' => ['L7', 'jerkbait', 'winter', true, ['date' => '2026-01-20', 'water.temp_f' => 43, 'water.visibility_ft' => 6]],
            'next after the five' => ['L7', 'tube', 'winter', true, ['date' => '2026-01-20', 'water.temp_f' => 43, 'water.visibility_ft' => 6]],
            'unweighted in current' => ['D5', 'stick_worm', 'current', false, ['water.current' => 'strong']],
            'calm' => ['W17', 'bladed_jig', 'wind', false, ['weather.wind_mph' => 1]],
            'chop hides topwater' => ['W17', 'popper', 'wind', false, ['water.temp_f' => 68, 'weather.wind_mph' => 18]],
            'light lines in wind' => ['W17', 'drop_shot', 'wind', false, ['weather.wind_mph' => 12]],
            'deep dock' => ['S19', 'flutter_spoon', 'dock', true, ['date' => '2026-07-20', 'water.temp_f' => 82, 'spot' => ['structure' => 'dock', 'depth_ft' => [5, 30], 'dock' => ['kind' => 'floating', 'depth_ft' => 25]]]],
            'piling dock in fall' => ['S12', 'glide_bait', 'dock', true, ['date' => '2026-10-20', 'water.temp_f' => 60, 'spot' => ['structure' => 'dock', 'depth_ft' => [2, 6], 'dock' => ['kind' => 'piling', 'depth_ft' => 5]]]],
            'forage missed' => ['L9', 'paddletail_swimbait', 'forage', false, ['forage' => ['crawfish']]],
            'trolled' => ['T3', 'trolling_spoon', 'troll', true, ['mode' => 'troll', 'species' => 'walleye']],
        ];
    }

    /** @param  array<string, mixed>  $day */
    private static function factor(string $lure, string $factor, array $day): ?Effect
    {
        foreach (self::plan($day)->entry($lure)->effects ?? [] as $effect) {
            if ($effect->factor === $factor) {
                return $effect;
            }
        }

        return null;
    }

    /**
     * Handling, by rule: said where it applies and not elsewhere. Common practice.
     *
     * @param  array<string, mixed>  $day
     */
    #[DataProvider('handling')]
    public function test_handling(string $rule, string $lure, array $day): void
    {
        self::assertArrayHasKey($rule, Handling::of(Catalog::get($lure), self::reading($day)));
        self::assertArrayNotHasKey($rule, Handling::of(Catalog::get('finesse_jig'), self::reading()));
        self::assertTrue(RuleBook::has($rule));
    }

    /** @return list<array{string, string, array<string, mixed>}> */
    public static function handling(): array
    {
        return [
            ['R5', 'swim_jig', ['spot' => ['cover' => ['grass_submerged']]]], ['R13', 'inline_spinner', ['species' => 'muskellunge']], ['R17', 'spinnerbait', []],
            ['R18', 'stick_worm', ['spot' => ['structure' => 'dock']]], ['R19', 'jerkbait', ['water.visibility_ft' => 8]], ['R20', 'jerkbait', []],
            ['C11', 'jig_plastic_minnow', ['species' => 'walleye']], ['D5', 'football_jig', ['water.current' => 'moderate']],
        ];
    }

    /** D8, common practice: 20 yards more with the wind on a long cast. */
    public function test_the_wind_carries_long_casts(): void
    {
        $length = static fn (float $mph): ?float => self::plan(['weather.wind_mph' => $mph])->entry('jerkbait')?->setup()->path()->cast->lengthFt;
        self::assertSame(60.0, $length(12) - $length(3));
    }
}
