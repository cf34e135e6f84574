<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Contract\FiredBy;
use OldEddy\Plan\Planner;
use OldEddy\Plan\SchoolsCompared;
use OldEddy\Plan\WhatWouldChange;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;

/** The plan as a whole: what would change, schools side by side, cautions, what fired a rule. */
final class PlanTest extends TestCase
{
    use Days;

    /** What would change is found by trying: each flip told is a flip indeed, and an excluded first choice is one. */
    public function test_what_would_change(): void
    {
        $day = [
            'water.temp_f' => 60,
            'water.visibility_ft' => 1.4,
            'water.normal_visibility_ft' => 1.4,
            'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [1, 6]],
        ];
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
        $tried = [
            'five degrees colder' => ['water.temp_f' => 55], 'five degrees warmer' => ['water.temp_f' => 65],
            'the first day after a front' => ['weather.front' => 'post_1'], 'clouds' => ['weather.sky' => 'overcast'],
            'a 12 mph wind' => ['weather.wind_mph' => 12],
        ];
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

    /** Rule CAUTIONS: cautions where they apply, and no legal limit stated. */
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

    public function test_the_lures_worth_a_rod_are_the_best_of_those_to_rig(): void
    {
        $plan = Planner::planFor(self::reading(['water.temp_f' => 62, 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 9]]]));
        $first = $plan->worthFirst(3);
        self::assertCount(3, $first);
        $others = array_filter($plan->rods, static fn (Entry $e): bool => ! in_array($e, $first, true));
        self::assertLessThan(min(array_map(static fn (Entry $e): int => $e->rank, $others)), max(array_map(static fn (Entry $e): int => $e->rank, $first)));
        foreach ($first as $entry) {
            $strongest = max(array_map(static fn (Effect $e): float => $e->effect, $entry->effects()));
            self::assertSame($strongest, $entry->bestReason()?->effect);
        }
    }

    public function test_a_switch_thrown_is_the_change_that_was_tried(): void
    {
        $reading = self::reading(['water.temp_f' => 62, 'water.visibility_ft' => 4, 'weather.sky' => 'clear', 'spot' => ['structure' => 'flat', 'depth_ft' => [3, 9]]]);
        self::assertContains('shade', array_keys(WhatWouldChange::switches($reading->day)));
        self::assertSame(57.0, WhatWouldChange::thrown($reading->day, 'colder')?->tempF);
        self::assertSame(6.0, WhatWouldChange::thrown($reading->day, 'clearer')?->visibilityFt);
        self::assertNull(WhatWouldChange::thrown($reading->day, 'nonsense'));
        $first = Planner::planFor($reading)->lineup[0]->lure->key;
        foreach (WhatWouldChange::of($reading, $first) as $flip) {
            $then = WhatWouldChange::thrown($reading->day, $flip->switch);
            self::assertNotNull($then);
            self::assertSame($flip->first, Planner::planFor(WaterReader::read($then))->lineup[0]->lure->key);
        }
    }
}
