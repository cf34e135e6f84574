<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Handling;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Plan\Planner;
use OldEddy\Rules\RuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a lure is made ready: weight, blades, line, rod, cast, handling. Common practice, no source: rules D4 to D7, C7, R18. */
final class RiggingTest extends TestCase
{
    use AnyDay;
    use Days;

    /** D4, common practice: 1/8 oz in 3 ft, 1/4 oz in 4-8 ft, 1/2 oz in reeds, 1 oz in strong current. */
    public function test_weights(): void
    {
        $weight = static fn (string $lure, array $day): ?float => self::plan($day)->entry($lure)?->setup()->spec->weightOz;
        $flat = static fn (array $depth): array => [
            'species' => 'smallmouth_bass',
            'water.temp_f' => 60,
            'spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => $depth],
        ];
        self::assertSame(0.125, $weight('paddletail_swimbait', $flat([1, 3])));
        self::assertSame(0.25, $weight('paddletail_swimbait', $flat([4, 8])));
        self::assertSame(0.5, $weight('flipping_jig', ['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 5]]]));
        self::assertSame(
            1.0,
            $weight(
                'jig_plastic_minnow',
                ['species' => 'walleye', 'waterbody' => 'river', 'water.current' => 'strong', 'spot' => ['structure' => 'eddy', 'depth_ft' => [8, 16]]],
            ),
        );
        self::assertLessThanOrEqual(
            0.375,
            $weight(
                'paddletail_swimbait',
                ['species' => 'northern_pike', 'spot' => ['structure' => 'flat', 'cover' => ['grass_submerged'], 'depth_ft' => [2, 4]]],
            ),
        );
    }

    /** L41: what is swept or wound is bound by the water, what is pegged is not; wind asks for more. */
    public function test_no_sweep_over_a_shallow_bar_is_heavier_than_the_place_takes(): void
    {
        $bar = static fn (array $more): array => $more + [
            'species' => 'smallmouth_bass', 'waterbody' => 'river', 'water.current' => 'strong', 'spot' => ['structure' => 'gravel_bar', 'cover' => ['rock'], 'depth_ft' => [1, 5]],
        ];
        $weight = static fn (string $lure, array $day): float => Setup::of(Catalog::get($lure), self::reading($day))->spec->weightOz;
        foreach (Catalog::all() as $key => $lure) {
            if ($lure->isMoving() && ! $lure->trolled && min($lure->rigging->weightsOz) <= 0.5) {
                self::assertLessThanOrEqual(0.5, $weight($key, $bar([])), $key);
            }
        }
        $thick = ['date' => '2026-06-10', 'water.temp_f' => 74, 'spot' => ['structure' => 'flat', 'cover' => ['grass_submerged', 'reeds'], 'depth_ft' => [1, 2]]];
        self::assertSame(0.5, $weight('creature_texas_rig', $thick), 'half an ounce pegged in two feet of thick cover is right');
        $open = ['date' => '2026-06-10', 'water.temp_f' => 74, 'spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => [6, 9]]];
        self::assertGreaterThan($weight('paddletail_swimbait', ['weather.wind_mph' => 4] + $open), $weight('paddletail_swimbait', ['weather.wind_mph' => 20] + $open));
    }

    /** L40. */
    public function test_muskellunge_get_six_inches_and_more_on_heavy_braid_and_pike_no_tiny_plastic(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            foreach (Planner::plan(ConditionsReader::read(['species' => 'muskellunge'] + self::anyDay($seed)))->lineup as $entry) {
                self::assertGreaterThanOrEqual(6.0, $entry->setup()->spec->lengthIn, "day {$seed}, {$entry->lure->key}");
                if (! $entry->lure->trolled) {
                    self::assertStringContainsString('65-80 lb', (string) $entry->line());
                    self::assertStringContainsString('heavy', $entry->rod());
                }
            }
            foreach (Planner::plan(ConditionsReader::read(['species' => 'northern_pike'] + self::anyDay($seed)))->lineup as $entry) {
                if (in_array($entry->lure->key, ['paddletail_swimbait', 'curly_tail_grub', 'jig_plastic_minnow'], true)) {
                    self::assertGreaterThanOrEqual(4.0, $entry->setup()->spec->lengthIn, "day {$seed}, {$entry->lure->key}");
                }
                self::assertStringContainsString('trace', (string) $entry->line());
            }
        }
    }

    /** L41. */
    public function test_a_depth_that_is_more_than_the_water_is_never_said(): void
    {
        for ($seed = 1; $seed <= 100; $seed++) {
            $plan = Planner::plan(ConditionsReader::read(self::anyDay($seed)));
            foreach ($plan->lineup as $entry) {
                self::assertLessThanOrEqual(($plan->reading->day->spot->deepFt ?? INF) + 0.05, $entry->setup()->depthFt, "day {$seed}, {$entry->lure->key}");
            }
        }
    }

    /** C7, common practice. */
    public function test_blades_follow_the_clarity(): void
    {
        $blades = static fn (float $visibility): ?string => self::plan(
            ['water.temp_f' => 64, 'water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility],
        )->entry('spinnerbait')?->setup()->spec->blades;
        self::assertStringContainsString('painted', (string) $blades(0.5));
        self::assertStringContainsString('gold', (string) $blades(2));
        self::assertSame('silver willow', $blades(8));
    }

    /** D6, D7, C12: wire or heavy trace for pike always; a leader in clear water; common practice. */
    public function test_line_and_rod(): void
    {
        self::assertStringContainsString('trace', (string) (self::plan(['species' => 'northern_pike'])->entry('spinnerbait')?->line() ?? ''));
        self::assertStringContainsString(
            '50-65 lb braid',
            (string) (self::plan(
                ['date' => '2026-07-01', 'water.temp_f' => 78, 'spot' => ['cover' => ['grass_matted'], 'depth_ft' => [1, 5]]],
            )->entry('hollow_frog')?->line() ?? ''),
        );
        self::assertStringContainsString(
            'leader',
            (string) (self::plan(
                ['water.visibility_ft' => 9, 'water.temp_f' => 66, 'spot' => ['structure' => 'point', 'depth_ft' => [2, 9]]],
            )->entry('buzzbait')?->line() ?? ''),
        );
        self::assertStringContainsString('parabolic', self::plan([])->entry('squarebill_crankbait')?->rod() ?? '');
    }

    /** R18, common practice: flip and pitch into cover, skip under docks, parallel along an edge. */
    public function test_the_cast_is_named(): void
    {
        $cast = static fn (string $lure, array $spot): ?string => self::plan(
            ['water.temp_f' => 66, 'spot' => $spot + ['depth_ft' => [2, 6]]],
        )->entry($lure)?->setup()->castKind;
        self::assertSame('flip', $cast('flipping_jig', ['cover' => ['reeds']]));
        self::assertSame('pitch', $cast('creature_texas_rig', ['cover' => ['flooded_bushes']]));
        self::assertSame('skip', $cast('stick_worm', ['structure' => 'dock', 'cover' => ['dock']]));
        self::assertSame('parallel', $cast('spinnerbait', ['cover' => ['grass_edge']]));
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
            [
                'R5',
                'swim_jig',
                ['spot' => ['cover' => ['grass_submerged']]],
            ], ['R13', 'inline_spinner', ['species' => 'muskellunge']], ['R17', 'spinnerbait', []],
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
