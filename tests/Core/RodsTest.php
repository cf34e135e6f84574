<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Split;
use PHPUnit\Framework\TestCase;

/** Rods for different jobs, and two anglers who throw different things (M4, M5). */
final class RodsTest extends TestCase
{
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

    public function test_two_anglers_throw_different_things(): void
    {
        foreach ([[], ['water.visibility_ft' => 0.6], ['date' => '2026-01-15', 'water.temp_f' => 42]] as $day) {
            [$one, $two] = Split::between(self::plan($day)->lineup);
            self::assertNotSame($one->lure->key, $two->lure->key);
            self::assertNotSame($one->lure->role, $two->lure->role);
        }
    }
}
