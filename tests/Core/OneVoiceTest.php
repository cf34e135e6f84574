<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\CallsUp;
use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\PlanContract;
use OldEddy\Day\Conditions\Mode;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Column;
use OldEddy\Reading\Sides;
use PHPUnit\Framework\TestCase;

/** What is said, drawn, counted and ranked of the same fish is one thing (D14, F21, R23). */
final class OneVoiceTest extends TestCase
{
    use AnyDay;
    use Days;

    private const SEEDS = 80;

    private const DAYS = 1000;

    /** From this score a lure is a choice. */
    private const A_CHOICE = 0.05;

    public function test_the_first_three_pass_fish_and_no_cast_takes_more_than_three_minutes(): void
    {
        [$without, $warned] = [[], []];
        for ($seed = 1; $seed <= self::DAYS; $seed++) {
            $plan = Planner::plan(ConditionsReader::read(self::anyDay($seed)));
            foreach (array_slice($plan->lineup, 0, 3) as $entry) {
                $reach = $entry->setup()->reach();
                if ($entry->setup()->snagWarnings() !== []) {
                    $warned[$seed] = array_filter(
                        array_slice($plan->lineup, 3),
                        static fn (Entry $e): bool => $e->score > self::A_CHOICE && $e->setup()->snagWarnings() === [] && $e->setup()->reach()->perMinute() > 0.5,
                    );
                }
                self::assertLessThanOrEqual(180.0, $reach->castSeconds(), "day {$seed}, {$entry->lure->key} (R23)");
                // Where nothing fits, and behind a boat whose spread says how deep, some pass none.
                if ($reach->seconds() <= 0.0 && $plan->reading->day->mode === Mode::Cast && ! LureRanking::of($plan->reading)->isLastResort()) {
                    $without[$seed] = $entry->lure->key;
                }
            }
        }
        self::assertLessThanOrEqual(3, count($without), (string) json_encode($without));
        // L39: only where all that is a choice hangs up, something that hangs up is first.
        self::assertSame([], array_keys(array_filter($warned)));
        self::assertLessThanOrEqual(self::DAYS / 10, count($warned));
    }

    public function test_the_very_first_is_the_same_where_only_it_is_asked_for(): void
    {
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $reading = Planner::plan(ConditionsReader::read(self::anyDay($seed)))->reading;
            // On a border each side has a first choice of its own.
            if (Sides::of($reading->day) === []) {
                self::assertSame(LureRanking::of($reading)->first(), LureRanking::firstOf($reading), "day {$seed}");
            }
        }
    }

    public function test_the_plan_the_picture_and_the_setup_count_the_same_seconds(): void
    {
        for ($seed = 1; $seed <= self::SEEDS; $seed += 4) {
            $plan = Planner::plan(ConditionsReader::read(self::anyDay($seed)));
            $said = PlanContract::answer(self::anyDay($seed));
            foreach (array_slice($plan->lineup, 0, 3) as $i => $entry) {
                $setup = $entry->setup();
                self::assertSame($setup->secondsInReach(), Scene::ofSetup($setup)->secondsInReach, "day {$seed}");
                self::assertEqualsWithDelta($setup->secondsInReach(), $said['lineup'][$i]['seconds_in_reach'], 0.051, "day {$seed}");
            }
        }
    }

    /** Walks the way moment by moment and looks at every depth where a fish hangs: slow, with nothing of Reach's own cutting. */
    public function test_seconds_in_reach_are_what_a_walk_along_the_way_finds(): void
    {
        $looked = 0;
        for ($seed = 2; $seed <= self::SEEDS; $seed += 6) {
            $plan = Planner::plan(ConditionsReader::read(self::anyDay($seed)));
            foreach (array_slice($plan->lineup, 0, 3) as $entry) {
                $setup = $entry->setup();
                if (in_array($setup->castKind, ['flip', 'pitch', 'skip'], true)) {
                    // Cast to a target: counted only beside it.
                    continue;
                }
                $path = $setup->path();
                $standing = $setup->reading->standing();
                // Its reach, and half its own height.
                $near = $setup->reading->strikeRadiusFt($setup->lure->isLoud()) + 0.1;
                $found = 0.0;
                for ($second = 0.025; $second < $path->seconds(); $second += 0.05) {
                    $at = $path->at($second);
                    $water = $path->cast->bottomAt($at->distanceFt);
                    $fish = $standing->depths($water);
                    $in = array_filter($fish, static fn (float $z): bool => $at->depthFt > $z - $near - $setup->callsFt() && $at->depthFt < $z + $near);
                    $found += 0.05 * $standing->over($water) * count($in) / count($fish);
                }
                self::assertEqualsWithDelta($found, $setup->secondsInReach(), 1.0 + 0.05 * $found, "day {$seed}, {$entry->lure->key}");
                $looked += $found > 1 ? 1 : 0;
            }
        }
        self::assertGreaterThan(20, $looked, 'most casts pass fish');
    }

    public function test_fish_stand_where_the_stand_says_and_all_of_them_are_somewhere(): void
    {
        foreach (range(1, 200) as $seed) {
            $reading = Planner::plan(ConditionsReader::read(self::anyDay($seed)))->reading;
            $stand = $reading->stand;
            $standing = $reading->standing();
            $cells = $standing->cells(max(0.5, $stand->shallowFt - 2), $stand->deepFt + 6);
            self::assertEqualsWithDelta(1.0, array_sum(array_column($cells, 'share')), 1e-9, "day {$seed}");
            foreach ($cells as $cell) {
                self::assertGreaterThanOrEqual(0.0, $cell['above_bottom_ft']);
                self::assertLessThanOrEqual($cell['water_ft'], $cell['above_bottom_ft']);
                if ($stand->column === Column::Bottom && $cell['water_ft'] > 1) {
                    self::assertEqualsWithDelta(0.5, $cell['above_bottom_ft'], 0.011, "day {$seed}: on the bottom");
                }
            }
            self::assertEqualsWithDelta(1.0, $standing->over(($stand->shallowFt + $stand->deepFt) / 2), 1e-9, "day {$seed}: most stand in their own water");
            self::assertEqualsWithDelta(0.0, $standing->over(max(0.0, $stand->shallowFt - 5)) * ($stand->shallowFt > 5 ? 1 : 0), 0.4, "day {$seed}");
        }
    }

    public function test_clear_warm_water_calls_fish_up_and_cold_mud_does_not(): void
    {
        $spot = ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [4, 9]];
        $clear = self::reading(['date' => '2026-06-20', 'water.temp_f' => 76, 'water.visibility_ft' => 9, 'spot' => $spot]);
        $mud = self::reading(['date' => '2026-02-20', 'water.temp_f' => 42, 'water.visibility_ft' => 0.7, 'spot' => $spot]);
        $popper = Catalog::get('popper');
        self::assertGreaterThan(1.0, (new CallsUp($clear))->feet($popper));
        self::assertSame(0.0, (new CallsUp($mud))->feet($popper));
        self::assertSame(0.0, (new CallsUp($clear))->feet(Catalog::get('football_jig')), 'what crawls below calls none up');
        // It is drawn and said.
        $scene = Scene::ofSetup(Setup::of($popper, $clear));
        self::assertSame((new CallsUp($clear))->feet($popper), $scene->callsFt);
        self::assertStringContainsString(sprintf('come up %.1f ft more for this lure', $scene->callsFt), (string) $scene->words());
        self::assertStringNotContainsString('come up', (string) Scene::ofSetup(Setup::of($popper, $mud))->words());
        self::assertGreaterThan(Setup::of($popper, $mud)->secondsInReach(), Setup::of($popper, $clear)->secondsInReach());
    }
}
