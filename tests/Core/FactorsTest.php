<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Rules\RuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each factor says of a lure, by its rule. */
final class FactorsTest extends TestCase
{
    use Days;

    /** SCORE. */
    public function test_the_score_is_the_product_of_its_reasons(): void
    {
        foreach ([[], ['water.visibility_ft' => 0.5], ['date' => '2026-07-18', 'water.temp_f' => 84, 'forage' => ['shad']]] as $day) {
            foreach (self::plan($day)->lineup as $entry) {
                $product = array_product(array_map(static fn ($e): float => $e->effect, $entry->effects()));
                self::assertEqualsWithDelta($product, $entry->score, 1e-9);
                foreach ($entry->effects() as $effect) {
                    self::assertTrue(RuleBook::has($effect->ruleId), $effect->ruleId);
                }
            }
        }
    }

    /** L8, L10, L12: common practice. */
    public function test_deflection_size_and_action(): void
    {
        $effect = static function (string $lure, string $factor, array $day): ?float {
            foreach (self::plan($day)->entry($lure)?->effects() ?? [] as $e) {
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
        $order = self::order(
            [
                'water.temp_f' => 66,
                'weather.front' => 'post_1',
                'weather.sky' => 'clear',
                'spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [3, 10]],
            ],
        );
        $keen = self::order(
            [
                'water.temp_f' => 66,
                'weather.front' => 'approaching',
                'weather.sky' => 'overcast',
                'spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [3, 10]],
            ],
        );
        $rank = static fn (array $list, string $lure): int => (int) array_search($lure, $list, true);
        self::assertLessThan($rank($keen, 'finesse_jig'), $rank($order, 'finesse_jig'));
        self::assertGreaterThan($rank($keen, 'spinnerbait'), $rank($order, 'spinnerbait'));
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
            'front, outside weed line' => [
                'W14',
                'spinnerbait',
                'front',
                true,
                ['weather.front' => 'post_1', 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 15]]],
            ],
            'front, every pocket' => [
                'W14',
                'flipping_jig',
                'front',
                true,
                ['weather.front' => 'post_1', 'spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [1, 5]]],
            ],
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
            'deep dock' => [
                'S19',
                'flutter_spoon',
                'dock',
                true,
                [
                    'date' => '2026-07-20',
                    'water.temp_f' => 82,
                    'spot' => ['structure' => 'dock', 'depth_ft' => [5, 30], 'dock' => ['kind' => 'floating', 'depth_ft' => 25]],
                ],
            ],
            'piling dock in fall' => [
                'S12',
                'glide_bait',
                'dock',
                true,
                [
                    'date' => '2026-10-20',
                    'water.temp_f' => 60,
                    'spot' => ['structure' => 'dock', 'depth_ft' => [2, 6], 'dock' => ['kind' => 'piling', 'depth_ft' => 5]],
                ],
            ],
            'forage missed' => ['L9', 'paddletail_swimbait', 'forage', false, ['forage' => ['crawfish']]],
            'trolled' => ['T3', 'trolling_spoon', 'troll', true, ['mode' => 'troll', 'species' => 'walleye']],
        ];
    }

    /** @param  array<string, mixed>  $day */
    private static function factor(string $lure, string $factor, array $day): ?Effect
    {
        foreach (self::plan($day)->entry($lure)?->effects() ?? [] as $effect) {
            if ($effect->factor === $factor) {
                return $effect;
            }
        }

        return null;
    }
}
