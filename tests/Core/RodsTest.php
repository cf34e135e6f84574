<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Split;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Plan\Planner;
use PHPUnit\Framework\TestCase;

/** Rods for different jobs, and two anglers who throw different things (M4, M5). */
final class RodsTest extends TestCase
{
    use AnyDay;
    use Days;

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
        $ledge = self::plan(
            ['date' => '2026-07-18', 'water.temp_f' => 82, 'rods' => 6, 'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'depth_ft' => [8, 18]]],
        );
        self::assertGreaterThanOrEqual(2, count(array_filter($ledge->rods, static fn ($e): bool => $e->lure->dives())), 'tiers of crankbaits on one structure');
    }

    /** L22: by worth, not by slot. */
    public function test_the_best_has_the_first_rod_and_three_of_five_go_to_the_best(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            $plan = Planner::plan(ConditionsReader::read(['rods' => 5] + self::anyDay($seed)));
            self::assertSame($plan->lineup[0], $plan->rods[0], "day {$seed}");
            foreach (array_slice($plan->lineup, 0, 3) as $one) {
                self::assertContains($one, $plan->rods, "day {$seed}: {$one->lure->key}");
            }
        }
    }

    public function test_no_rod_holds_what_the_water_rules_out_because_a_slot_is_free(): void
    {
        $plan = self::plan(['water.temp_f' => 46, 'water.visibility_ft' => 0.7, 'date' => '2026-03-10', 'rods' => 5]);
        foreach ($plan->rods as $rod) {
            self::assertFalse($rod->lure->isSurface(), "{$rod->lure->key} in 46 °F mud");
        }
    }

    /** L39. */
    public function test_where_depths_vary_much_each_tier_of_crankbaits_has_a_rod(): void
    {
        $cranks = static fn (array $depths): int => count(array_filter(
            self::plan(['date' => '2026-07-18', 'water.temp_f' => 82, 'rods' => 8, 'spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => $depths]])->rods,
            static fn ($e): bool => $e->lure->dives() && $e->lure->appeal->deflects,
        ));
        self::assertGreaterThanOrEqual(3, $cranks([4, 18]));
    }

    public function test_two_anglers_throw_different_things(): void
    {
        foreach ([[], ['water.visibility_ft' => 0.6], ['date' => '2026-01-15', 'water.temp_f' => 42]] as $day) {
            [$one, $two] = Split::between(self::plan($day)->lineup);
            self::assertNotSame($one->lure->key, $two->lure->key);
            self::assertNotSame($one->lure->role, $two->lure->role);
        }
    }
}
