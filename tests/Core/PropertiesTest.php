<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Color\ColorChooser;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lineup\CoverFit;
use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Choice\Lineup\SpecChooser;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Retrieve\Cadences;
use OldEddy\Choice\Retrieve\Tempo;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\PlanContract;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold on any day whatever: tried on many random ones, with fixed seeds. */
final class PropertiesTest extends TestCase
{
    use AnyDay;
    use Days;

    public function test_every_day_has_a_plan_with_sound_numbers(): void
    {
        for ($seed = 1; $seed <= 250; $seed++) {
            $day = self::anyDay($seed);
            $plan = Planner::plan(ConditionsReader::read($day));
            $said = json_encode($day);
            self::assertNotEmpty($plan->lineup, (string) $said);
            $last = 1.0;
            foreach ($plan->lineup as $entry) {
                self::assertTrue(is_finite($entry->score) && $entry->score >= 0 && $entry->score <= $last, (string) $said);
                $last = $entry->score;
                self::assertTrue(is_finite($entry->setup()->secondsInReach()) && $entry->setup()->secondsInReach() >= 0);
                self::assertNotEmpty($entry->colors());
            }
            self::assertGreaterThanOrEqual(0, $plan->reading->stand->shallowFt);
            self::assertGreaterThan($plan->reading->stand->shallowFt, $plan->reading->stand->deepFt);
            if (isset($day['spot']['depth_ft'])) {
                self::assertLessThanOrEqual(
                    max($day['spot']['depth_ft'][1], $day['spot']['dock']['depth_ft'] ?? 0) + 0.51,
                    $plan->reading->stand->deepFt,
                    (string) $said,
                );
            }
            self::assertGreaterThan(0, $plan->reading->strikeRadiusFt(true));
            $mood = array_sum(array_map(static fn ($p): float => $p->value, $plan->reading->mood->parts));
            self::assertEqualsWithDelta(max(-1, min(1, $mood)), $plan->reading->mood->value, 1e-3);
        }
    }

    public function test_the_same_input_gives_the_same_plan(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            $day = self::anyDay($seed);
            self::assertSame(json_encode(PlanContract::answer($day)), json_encode(PlanContract::answer($day)));
        }
    }

    public function test_after_a_front_the_strike_radius_never_grows(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $day = self::anyDay($seed);
            $radius = [];
            foreach (['stable', 'recovering', 'post_2', 'post_1'] as $front) {
                $day['weather']['front'] = $front;
                $radius[] = self::read($day)->strikeRadiusFt();
            }
            self::assertSame($radius, self::falling($radius));
        }
    }

    /** R16: season and mood speak to a pause through the temperature, and colder never means shorter. */
    public function test_colder_water_never_shortens_a_pause(): void
    {
        for ($seed = 300; $seed < 340; $seed++) {
            $reading = self::read(self::anyDay($seed));
            foreach ([3.0, 9.0] as $colder) {
                $cold = WaterReader::read($reading->day->with(['tempF' => max(33.0, $reading->day->tempF - $colder), 'stageGiven' => $reading->stage->stage]));
                $warm = WaterReader::read($reading->day->with(['stageGiven' => $reading->stage->stage]));
                foreach (array_keys(Cadences::all()) as $key) {
                    $now = Tempo::of($warm)->pauseS($key);
                    self::assertTrue($now === null || Tempo::of($cold)->pauseS($key) >= $now, "{$key}, seed {$seed}");
                }
            }
        }
    }

    /** C1: where clearer water already asks for bright or dark, dirtier water does not ask for natural shades. */
    public function test_dirtier_water_never_moves_natural_colors_up(): void
    {
        $natural = [ColorFamily::NaturalBaitfish, ColorFamily::NaturalCraw, ColorFamily::Bluegill, ColorFamily::Perch, ColorFamily::Brown];
        for ($seed = 400; $seed < 430; $seed++) {
            $day = self::read(['forage' => []] + self::anyDay($seed))->day;
            foreach (['spinnerbait', 'squarebill_crankbait', 'jerkbait', 'swim_jig', 'flipping_jig', 'paddletail_swimbait'] as $lure) {
                $before = null;
                foreach ([12.0, 6.0, 4.0, 2.0, 0.6] as $visibility) {
                    $reading = WaterReader::read($day->with(['visibilityFt' => $visibility, 'normalVisibilityFt' => $visibility]));
                    $at = array_search(true, array_map(static fn (ColorChoice $c): bool => in_array($c->family, $natural, true), ColorChooser::choose(Catalog::get($lure), $reading)), true);
                    $at = $at === false ? 9 : $at;
                    self::assertTrue($before === null || $at >= $before, "{$lure} at {$visibility} ft, seed {$seed}");
                    $before = $at;
                }
            }
        }
    }

    /** W14, L10: a front makes nothing bigger. */
    public function test_a_front_never_enlarges_the_bait(): void
    {
        for ($seed = 500; $seed < 540; $seed++) {
            $day = self::read(self::anyDay($seed))->day;
            [$before, $after] = [WaterReader::read($day->with(['front' => Front::Stable])), WaterReader::read($day->with(['front' => Front::Post1]))];
            foreach (Catalog::all() as $key => $lure) {
                self::assertLessThanOrEqual(SpecChooser::choose($lure, $before, 5.0)->lengthIn, SpecChooser::choose($lure, $after, 5.0)->lengthIn, "{$key}, seed {$seed}");
            }
        }
    }

    public function test_a_smaller_box_never_brings_a_lure_that_is_not_in_it(): void
    {
        $luck = new Randomizer(new Mt19937(7));
        for ($seed = 600; $seed < 640; $seed++) {
            $owned = array_values($luck->pickArrayKeys(Catalog::all(), $luck->getInt(1, 8)));
            $plan = Planner::plan(ConditionsReader::read(['owned' => $owned] + self::anyDay($seed)));
            self::assertSame([], array_diff(array_map(static fn ($e): string => $e->lure->key, $plan->lineup), $owned), "seed {$seed}");
        }
    }

    /** L16. */
    public function test_a_second_cover_never_lowers_a_fit(): void
    {
        $luck = new Randomizer(new Mt19937(8));
        $covers = array_values(array_filter(Cover::cases(), static fn (Cover $c): bool => $c !== Cover::None && $c !== Cover::Shade));
        for ($try = 0; $try < 60; $try++) {
            [$one, $other] = array_map(static fn (int $i): Cover => $covers[$i], $luck->pickArrayKeys($covers, 2));
            $at = static fn (array $keys): CoverFit => CoverFit::in(self::reading(['spot' => ['structure' => 'flat', 'cover' => $keys, 'depth_ft' => [2, 7]]]));
            [$alone, $both] = [$at([$one->value]), $at([$one->value, $other->value])];
            foreach (Catalog::all() as $key => $lure) {
                self::assertGreaterThanOrEqual($alone->of($lure), $both->of($lure), "{$key}: {$one->value} and {$other->value}");
            }
        }
    }

    /** F19: every species has a plan at every stage and temperature. */
    public function test_every_species_has_a_plan_in_any_water(): void
    {
        foreach (Species::cases() as $species) {
            foreach (Stage::cases() as $stage) {
                foreach ([33, 47, 60, 74, 88] as $tempF) {
                    $ranking = LureRanking::of(self::read(['species' => $species->value, 'stage' => $stage->value, 'water' => ['temp_f' => $tempF]]));
                    foreach ($ranking->scored as $scored) {
                        self::assertTrue($scored->score > 0 && $scored->score <= 1, "{$species->value}, {$stage->value}, {$tempF}: {$scored->lure->key} {$scored->score}");
                    }
                }
            }
        }
    }

    public function test_dirtier_water_never_increases_sight(): void
    {
        for ($seed = 1; $seed <= 100; $seed++) {
            $day = self::anyDay($seed);
            unset($day['spot']);
            $seen = [];
            foreach ([20, 10, 5, 2.5, 1, 0.4] as $visibility) {
                $day['water']['visibility_ft'] = $visibility;
                $reading = self::read($day);
                $seen[] = $reading->seenFromFt();
                self::assertLessThanOrEqual(0.8 * $visibility + 1e-9, $reading->strikeRadiusFt());
                self::assertLessThanOrEqual($reading->seenFromFt() + 1e-9, $reading->strikeRadiusFt(), 'no fish strikes what it cannot see');
            }
            self::assertSame($seen, self::falling($seen));
        }
    }

    /** @param  array<string, mixed>  $day */
    private static function read(array $day): Reading
    {
        return WaterReader::read(Settler::settle(ConditionsReader::read($day)));
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function falling(array $values): array
    {
        rsort($values);

        return $values;
    }
}
