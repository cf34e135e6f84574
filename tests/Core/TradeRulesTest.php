<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\PlanContract;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Single rules of the trade that name their lures (L24 to L37): each moves its lure where it holds, and nothing where it does not. Common practice, no source. */
final class TradeRulesTest extends TestCase
{
    private const BASS = ['species' => 'largemouth_bass', 'date' => '2026-06-20', 'time' => '09:00', 'timezone' => 'America/New_York', 'lat' => 36.5, 'lon' => -84.0, 'waterbody' => 'reservoir'];

    /** @return iterable<string, array{string, string, array<string, mixed>, array<string, mixed>, float}> rule, lure, a day on which it holds, the same without it, what it does */
    public static function rules(): iterable
    {
        $wind = static fn (string $sky, float $mph, float $see): array => ['water' => ['temp_f' => 74, 'visibility_ft' => $see], 'weather' => ['sky' => $sky, 'wind_mph' => $mph, 'front' => 'stable'], 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 7]]];
        $spot = static fn (string $structure, array $cover, array $more = []): array => ['spot' => ['structure' => $structure, 'cover' => $cover, 'depth_ft' => [2, 6]]] + $more;
        $spring = ['date' => '2026-04-10', 'water' => ['temp_f' => 55, 'visibility_ft' => 6], 'weather' => ['sky' => 'clear', 'wind_mph' => 2, 'front' => 'stable']];
        $post = ['date' => '2026-04-10', 'water' => ['temp_f' => 60, 'visibility_ft' => 4], 'weather' => ['sky' => 'clear', 'wind_mph' => 6, 'front' => 'post_1']];
        $calm = ['weather' => ['front' => 'stable'] + $post['weather']] + $post;
        yield 'L24' => ['L24', 'spinnerbait', $wind('overcast', 14, 7), $wind('clear', 14, 7), 1.3];
        yield 'L25' => ['L25', 'stick_worm', ['water' => ['temp_f' => 70, 'visibility_ft' => 1.2]], ['water' => ['temp_f' => 70, 'visibility_ft' => 3]], 0.84];
        yield 'L26' => ['L26', 'stick_worm', $spot('point', ['rock'], $post), $spot('point', ['rock'], $calm), 1.4];
        yield 'L27' => ['L27', 'lipless_crankbait', $spot('point', ['wood'], ['water' => ['temp_f' => 60, 'visibility_ft' => 0.8]]), $spot('point', ['rock'], ['water' => ['temp_f' => 60, 'visibility_ft' => 0.8]]), 1.4];
        yield 'L28' => ['L28', 'underspin_swimbait', $spot('point', ['standing_timber']), $spot('point', ['brush']), 1.12];
        yield 'L29' => ['L29', 'tube', ['date' => '2026-10-20', 'water' => ['temp_f' => 58, 'temp_trend_f_per_day' => -0.5]], ['date' => '2026-07-20', 'water' => ['temp_f' => 82]], 1.3];
        yield 'L30' => ['L30', 'swim_jig', $spot('flat', ['laydown']), $spot('flat', ['laydown'], ['schools' => ['swim_jig_wood' => 'grass_only']]), 1.35];
        yield 'L31' => ['L31', 'buzzbait', $spot('flat', ['laydown'], $spring), $spot('flat', ['laydown'], ['schools' => ['early_buzz' => 'from_58']] + $spring), 1.7];
        yield 'L32' => ['L32', 'hollow_frog', $spot('flat', ['lily_pads'], ['water' => ['temp_f' => 60, 'visibility_ft' => 3]] + $spring), $spot('flat', ['lily_pads'], ['water' => ['temp_f' => 60, 'visibility_ft' => 3], 'schools' => ['spring_frog' => 'warm']] + $spring), 1.25];
        $dock = static fn (float $depth): array => ['spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [$depth - 5, $depth], 'dock' => ['kind' => 'floating', 'part' => 'floats', 'depth_ft' => $depth]]];
        yield 'L33' => ['L33', 'football_jig', $dock(35), $dock(10), 1.15];
        $brush = static fn (array $eats): array => ['date' => '2026-12-20', 'water' => ['temp_f' => 46, 'visibility_ft' => 6], 'forage' => $eats, 'spot' => ['structure' => 'hump', 'cover' => ['brush'], 'depth_ft' => [12, 20]]];
        yield 'L34' => ['L34', 'umbrella_rig', $brush(['shad']), $brush(['crawfish']), 1.35];
        yield 'L35' => ['L35', 'paddletail_swimbait', ['species' => 'northern_pike', 'waterbody' => 'canal'], ['species' => 'northern_pike', 'waterbody' => 'natural_lake'], 1.3];
        $shade = static fn (float $mph): array => ['water' => ['temp_f' => 78, 'visibility_ft' => 4], 'weather' => ['sky' => 'clear', 'wind_mph' => $mph, 'front' => 'stable'], 'spot' => ['structure' => 'bluff_transition', 'cover' => ['shade'], 'shaded' => true, 'shade_width_ft' => 8, 'depth_ft' => [3, 9]]];
        yield 'L36' => ['L36', 'spinnerbait', $shade(14), $shade(2), 1.2];
    }

    /**
     * @param  array<string, mixed>  $day
     * @param  array<string, mixed>  $without
     */
    #[DataProvider('rules')]
    public function test_a_rule_moves_its_lure_where_it_holds(string $rule, string $lure, array $day, array $without, float $strength): void
    {
        self::assertEqualsWithDelta($strength, self::effect($day, $lure, $rule), 0.015, 'in full');
        self::assertNotEqualsWithDelta($strength, self::effect($without, $lure, $rule), 0.03, 'not without it');
    }

    public function test_what_is_not_made_for_a_small_mouth_is_barred_and_says_why(): void
    {
        foreach (['bluegill', 'black_crappie', 'yellow_perch'] as $species) {
            $plan = PlanContract::answer(['species' => $species] + self::BASS);
            $out = array_column($plan['ruled_out'], 'id', 'lure');
            foreach (['hollow_frog', 'glide_bait', 'umbrella_rig', 'football_jig', 'squarebill_crankbait'] as $lure) {
                self::assertArrayHasKey($lure, $out, "{$lure} for {$species}");
            }
            self::assertContains('L37', $out);
            self::assertNotSame([], $plan['lineup']);
        }
    }

    public function test_walleye_in_current_keep_the_bottom_also_in_low_light(): void
    {
        $day = static fn (string $current): array => ['species' => 'walleye', 'waterbody' => 'river', 'date' => '2026-07-15', 'water' => ['temp_f' => 71, 'visibility_ft' => 8, 'current' => $current], 'weather' => ['sky' => 'overcast'], 'spot' => ['structure' => 'current_seam', 'depth_ft' => [8, 16]]] + self::BASS;
        self::assertSame('bottom', PlanContract::answer($day('strong'))['reading']['fish']['column'], 'F20');
        self::assertNotSame('bottom', PlanContract::answer(['spot' => ['structure' => 'basin', 'depth_ft' => [30, 60]], 'waterbody' => 'natural_lake'] + $day('none'))['reading']['fish']['column']);
    }

    /** @param  array<string, mixed>  $day */
    private static function effect(array $day, string $lure, string $rule): float
    {
        foreach (PlanContract::answer($day + self::BASS)['lineup'] as $entry) {
            foreach ($entry['lure'] === $lure ? $entry['reasons'] : [] as $reason) {
                if ($reason['id'] === $rule) {
                    return (float) $reason['effect'];
                }
            }
        }

        return 1.0;
    }
}
