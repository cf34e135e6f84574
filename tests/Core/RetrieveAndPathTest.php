<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\DiveCurve;
use OldEddy\Choice\Path\RodTip;
use OldEddy\Choice\Path\SinkRate;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Choice\Retrieve\Motion;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Pictures\Slice\Strip;
use PHPUnit\Framework\TestCase;

/** Retrieves and paths. Common practice, no source, where a rule of chapter 6 gives a number; D2, D3 and R15 are our own. */
final class RetrieveAndPathTest extends TestCase
{
    use Days;

    /** R1: 3-4 s at 45 °F and above, 7-8 s below, 1-2 s by 55. */
    public function test_the_jerkbait_pause(): void
    {
        $pause = static fn (float $tempF): ?float => self::plan(
            [
                'date' => '2026-02-20',
                'water.temp_f' => $tempF,
                'water.visibility_ft' => 8,
                'spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [4, 12]],
            ],
        )->entry('jerkbait')?->setup()->cadence->pauseS;
        foreach ([36, 40, 44.9] as $tempF) {
            self::assertTrue($pause($tempF) >= 7 && $pause($tempF) <= 8, "{$tempF} °F: {$pause($tempF)} s");
        }
        foreach ([45, 46, 48] as $tempF) {
            self::assertTrue($pause($tempF) >= 3 && $pause($tempF) <= 4, "{$tempF} °F: {$pause($tempF)} s");
        }
        self::assertTrue($pause(55) >= 1 && $pause(55) <= 2);
    }

    /** R16: colder never shortens a pause, for any cadence with one. */
    public function test_colder_never_shortens_a_pause(): void
    {
        foreach (Catalog::all() as $lure) {
            foreach ($lure->cadences as $key) {
                $last = 0.0;
                for ($tempF = 90.0; $tempF >= 34; $tempF -= 2) {
                    $pause = CadenceChooser::set($key, $lure, self::reading(['stage' => 'prespawn', 'water.temp_f' => $tempF]))->pauseS;
                    if ($pause !== null) {
                        self::assertGreaterThanOrEqual($last, $pause, "{$lure->key} {$key} at {$tempF} °F");
                        $last = $pause;
                    }
                }
            }
        }
    }

    /** R2, R4, R5, R8, R9, R10, R11. */
    public function test_each_lure_is_worked_as_the_trade_works_it(): void
    {
        $cadence = static fn (string $lure, array $day) => self::plan($day)->entry($lure)?->setup()->cadence;
        self::assertSame('slow_roll', $cadence('spinnerbait', ['water.temp_f' => 50])?->key);
        self::assertSame(
            'burn_and_bulge',
            $cadence(
                'spinnerbait',
                [
                    'water.temp_f' => 64, 'weather.front' => 'approaching', 'weather.sky' => 'overcast', 'weather.wind_mph' => 10,
                    'spot' => ['cover' => ['stumps'], 'depth_ft' => [1, 5]],
                ],
            )?->key,
        );
        self::assertSame('catch_pop_pause', $cadence('bladed_jig', ['spot' => ['cover' => ['grass_edge'], 'depth_ft' => [3, 8]]])?->key);
        self::assertSame('medium', $cadence('bladed_jig', ['spot' => ['cover' => ['wood'], 'depth_ft' => [3, 8]]])?->key);
        self::assertSame(
            'steady_in_current',
            $cadence('swim_jig', ['water.current' => 'strong', 'spot' => ['structure' => 'gravel_bar', 'cover' => ['rock'], 'depth_ft' => [2, 6]]])?->key,
        );
        self::assertContains(
            Motion::Deflect,
            array_column($cadence('squarebill_crankbait', ['spot' => ['cover' => ['stumps'], 'depth_ft' => [1, 4]]])->steps ?? [], 'do'),
        );
        self::assertSame('crawl_rest', $cadence('football_jig', ['date' => '2026-01-20', 'water.temp_f' => 43])?->key);
        self::assertSame('slack_fall', $cadence('stick_worm', [])?->key);
        self::assertSame('hold_shake', $cadence('drop_shot', [])?->key);
        self::assertSame('bed_shake', $cadence('tube', ['water.temp_f' => 66])?->key);
        $rest = $cadence(
            'hollow_frog',
            ['date' => '2026-06-20', 'water.temp_f' => 78, 'weather.front' => 'post_1', 'spot' => ['cover' => ['lily_pads'], 'depth_ft' => [1, 4]]],
        );
        self::assertSame('frog_rest', $rest?->key);
        self::assertGreaterThanOrEqual(30, $rest->pauseS);
        self::assertSame('sink_and_draw', $cadence('paddletail_swimbait', ['species' => 'northern_pike', 'water.temp_f' => 56])?->key);
    }

    /** R3 and school clear_speed. */
    public function test_clear_water_is_fished_fast_or_subtle_by_school(): void
    {
        $speed = static fn (array $more): ?float => self::plan(
            ['water.temp_f' => 66, 'water.visibility_ft' => 9, 'water.normal_visibility_ft' => 9] + $more,
        )->entry('paddletail_swimbait')?->setup()->cadence->speedFtS;
        self::assertGreaterThan($speed(['schools' => ['clear_speed' => 'subtle']]), $speed(['schools' => ['clear_speed' => 'fast']]));
        self::assertSame($speed(['schools' => ['clear_speed' => 'fast']]), $speed([]));
        self::assertSame($speed(['schools' => ['clear_speed' => 'subtle'], 'weather.front' => 'post_1']), $speed(['weather.front' => 'post_1']));
    }

    /** D3 (values from memory). */
    public function test_sink_rates(): void
    {
        foreach ([[0.125, 1.2], [0.25, 1.8], [0.375, 2.3], [0.5, 2.8], [0.75, 3.5], [1.0, 4.2]] as [$ounces, $rate]) {
            self::assertEqualsWithDelta($rate, SinkRate::feetPerSecond($ounces), 1e-9);
            self::assertEqualsWithDelta($rate * 0.75, SinkRate::feetPerSecond($ounces, 1.0), 1e-9);
        }
        self::assertGreaterThan(4.2, SinkRate::feetPerSecond(1.5));
        $stick = SinkRate::of(Catalog::get('stick_worm'), 0.0);
        self::assertTrue($stick >= 0.5 && $stick <= 0.7);
    }

    /** D2 (coefficients from memory). */
    public function test_the_dive_curve(): void
    {
        self::assertEqualsWithDelta(10.0, DiveCurve::runningDepthFt(10, 0.30, 120), 1e-9);
        self::assertEqualsWithDelta(9.6, DiveCurve::runningDepthFt(10, 0.32, 150), 1e-9);
        self::assertEqualsWithDelta(10.4, DiveCurve::runningDepthFt(10, 0.28, 120), 1e-9);
        self::assertEqualsWithDelta(10 * sqrt(0.5), DiveCurve::runningDepthFt(10, 0.30, 60), 1e-9);
        self::assertEqualsWithDelta(7.3, DiveCurve::runningDepthFt(DiveCurve::ratedFor(7.3, 0.34, 80), 0.34, 80), 1e-9);
    }

    /** D1: the tier that just touches. */
    public function test_a_crankbait_is_taken_that_touches_the_target_depth(): void
    {
        $plan = self::plan(['date' => '2026-07-18', 'water.temp_f' => 82, 'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'depth_ft' => [12, 20]]]);
        $setup = $plan->entry('deep_crankbait')?->setup();
        self::assertNotNull($setup);
        self::assertGreaterThanOrEqual($plan->reading->stand->shallowFt, $setup->depthFt);
        self::assertTrue($setup->path()->touchesBottom());
    }

    /** D2: down over the first third, level, up over the last fifth. */
    public function test_a_diver_goes_down_runs_level_and_comes_up(): void
    {
        $path = self::plan(
            ['date' => '2026-07-18', 'water.temp_f' => 82, 'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'depth_ft' => [12, 20]]],
        )->entry('deep_crankbait')?->setup()->path();
        self::assertNotNull($path);
        $length = $path->cast->lengthFt;
        foreach ($path->points() as $point) {
            $gone = ($length - $point->distanceFt) / $length;
            if ($gone < 0.3) {
                self::assertLessThan($path->deepestFt() - 0.5, $point->depthFt);
            }
        }
        self::assertLessThan(1.0, $path->points()[count($path->points()) - 1]->depthFt);
    }

    /** S4: along the edge the lure stays in the band; across it, it only passes. */
    public function test_a_parallel_cast_stays_longer_than_a_crossing_one(): void
    {
        $reading = self::reading(
            ['water.temp_f' => 66, 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [2, 12], 'depth_nearby_ft' => 20]],
        );
        foreach (['spinnerbait', 'paddletail_swimbait', 'bladed_jig'] as $key) {
            $along = Setup::of(Catalog::get($key), $reading)->secondsInReach();
            $across = Setup::of(Catalog::get($key), $reading, new Wish(CastAngle::Crossing))->secondsInReach();
            self::assertGreaterThan($across, $along, $key);
            self::assertGreaterThan(0.0, $along);
        }
    }

    public function test_paths_obey_the_water(): void
    {
        mt_srand(7);
        foreach (Catalog::all() as $lure) {
            foreach ([Cover::Rock, Cover::Dock, Cover::Laydown] as $cover) {
                $reading = self::reading(
                    ['water.temp_f' => mt_rand(40, 85), 'spot' => ['structure' => 'point', 'cover' => [$cover->value], 'depth_ft' => [2, mt_rand(4, 25)]]],
                );
                foreach (CastAngle::cases() as $angle) {
                    $path = Setup::of($lure, $reading, new Wish($angle))->path();
                    $last = null;
                    foreach ($path->points() as $point) {
                        self::assertGreaterThanOrEqual(0.0, $point->depthFt, $lure->key);
                        self::assertLessThanOrEqual($path->cast->bottomAt($point->distanceFt) + 0.01, $point->depthFt, "{$lure->key} under the ground");
                        self::assertTrue($last === null || ($point->seconds >= $last->seconds && $point->distanceFt <= $last->distanceFt + 1e-9));
                        $last = $point;
                    }
                    self::assertEqualsWithDelta(0.0, $last->distanceFt, 1e-9);
                    if ($lure->isSurface()) {
                        self::assertSame(0.0, $path->deepestFt());
                    }
                    // Where the lure is at a second lies on its path, and all time is spent somewhere.
                    self::assertEqualsWithDelta($path->seconds(), $path->secondsBetween(0, 1000), 1e-6);
                    self::assertGreaterThanOrEqual(0.0, $path->at($path->seconds() / 2)->depthFt);
                }
            }
        }
    }

    public function test_the_anglers_wishes_change_the_path(): void
    {
        $reading = self::reading(['water.temp_f' => 66, 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [4, 10]]]);
        $lure = Catalog::get('paddletail_swimbait');
        $slow = Setup::of($lure, $reading, new Wish(speedFtS: 1.0));
        $fast = Setup::of($lure, $reading, new Wish(speedFtS: 3.0));
        self::assertGreaterThan($fast->secondsInReach(), $slow->secondsInReach());
        self::assertGreaterThan(
            Setup::of($lure, $reading, new Wish(castFt: 40))->secondsInReach(),
            Setup::of($lure, $reading, new Wish(castFt: 90))->secondsInReach(),
        );
        self::assertGreaterThan(
            Setup::of($lure, $reading, new Wish(weightOz: 0.5))->countdownSeconds(),
            Setup::of($lure, $reading, new Wish(weightOz: 0.125))->countdownSeconds(),
        );
        self::assertSame(0.5, Setup::of($lure, $reading, new Wish(weightOz: 0.5))->spec->weightOz);
    }

    public function test_snags_are_told(): void
    {
        $brush = self::reading(['spot' => ['structure' => 'flat', 'cover' => ['brush'], 'depth_ft' => [2, 8]]]);
        self::assertStringContainsString('Trebles will hang in brush', implode(' ', Setup::of(Catalog::get('lipless_crankbait'), $brush)->snagWarnings()));
        self::assertSame([], Setup::of(Catalog::get('flipping_jig'), $brush)->snagWarnings());
    }

    /** Every strip starts and ends in time, in order, and tells each of its steps. */
    public function test_the_cadence_strip_follows_the_steps(): void
    {
        $entry = self::plan(
            [
                'date' => '2026-02-20',
                'water.temp_f' => 44,
                'water.visibility_ft' => 8,
                'spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [4, 12]],
            ],
        )->entry('jerkbait');
        self::assertNotNull($entry);
        $strip = Strip::of($entry->setup());
        self::assertSame(['jerk', 'pause'], array_column(array_slice($strip->beats, 0, 2), 'do'));
        self::assertSame(3, $strip->beats[0]['count']);
        self::assertEqualsWithDelta($entry->setup()->cadence->pauseS, $strip->beats[1]['to'] - $strip->beats[1]['from'], 0.01);
        $last = -1.0;
        foreach ($strip->points as [$seconds, $depth]) {
            self::assertGreaterThanOrEqual($last, $seconds);
            self::assertGreaterThanOrEqual(0.0, $depth);
            $last = $seconds;
        }
        self::assertEqualsWithDelta($strip->seconds, $last, 1e-6);
    }

    public function test_seconds_near_cover(): void
    {
        $with = static fn (array $cover): float => Setup::of(
            Catalog::get('spinnerbait'),
            self::reading(['spot' => ['structure' => 'flat', 'cover' => $cover, 'depth_ft' => [2, 6]]]),
        )->secondsNearCover();
        self::assertGreaterThan(0.0, $with(['laydown']));
        self::assertSame(0.0, $with(['none']));
    }

    /** A lure wound faster than it sinks is drawn up; a high rod tip draws it up sooner; a heavier one stays down. */
    public function test_speed_rod_tip_and_weight_decide_the_depth(): void
    {
        $reading = self::reading(['water.temp_f' => 66, 'spot' => ['structure' => 'point', 'cover' => ['none'], 'depth_ft' => [6, 12]]]);
        $middle = static function (Wish $wish) use ($reading): float {
            $path = Setup::of(Catalog::get('paddletail_swimbait'), $reading, $wish)->path();

            return $path->at($path->seconds() * 0.75)->depthFt;
        };
        $slow = $middle(new Wish(weightOz: 0.125, speedFtS: 1.5));
        self::assertLessThan($slow, $middle(new Wish(weightOz: 0.125, speedFtS: 4.0)));
        self::assertLessThan($middle(new Wish(weightOz: 0.125, speedFtS: 2.2)), $middle(new Wish(weightOz: 0.125, speedFtS: 2.2, rodTip: RodTip::High)));
        self::assertGreaterThan($middle(new Wish(weightOz: 0.125, speedFtS: 4.0)), $middle(new Wish(weightOz: 0.5, speedFtS: 4.0)));
    }

    /** R6, R8, R12, R13, R14, R15: common practice; the speed table is our own. */
    public function test_more_retrieves(): void
    {
        $cadence = static fn (string $lure, array $day) => self::plan($day)->entry($lure)?->setup()->cadence;
        self::assertSame('medium', $cadence('lipless_crankbait', ['water.visibility_ft' => 0.7, 'water.temp_f' => 62])?->key, 'mud: steady');
        self::assertSame(
            'lift_fall',
            $cadence('lipless_crankbait', ['water.visibility_ft' => 2.2, 'water.normal_visibility_ft' => 4, 'water.temp_f' => 62])?->key,
            'clearing: lift and fall',
        );
        self::assertSame('lift_fall', $cadence('lipless_crankbait', ['water.temp_f' => 46])?->key, 'cold: lift and fall');
        self::assertSame(
            'burn_and_kill',
            $cadence('lipless_crankbait', ['water.temp_f' => 62, 'spot' => ['cover' => ['grass_submerged'], 'depth_ft' => [3, 8]]])?->key,
        );
        self::assertSame('drop_shake_lift', $cadence('flipping_jig', ['spot' => ['cover' => ['reeds'], 'depth_ft' => [1, 5]]])?->key);
        self::assertSame(
            'wind_rise_twitch',
            $cadence('shallow_crankbait', ['species' => 'northern_pike', 'spot' => ['structure' => 'flat', 'depth_ft' => [1, 4]]])?->key,
        );
        self::assertSame('spin_fast', $cadence('inline_spinner', ['species' => 'muskellunge', 'water.temp_f' => 66])?->key);
        self::assertSame(
            'swim_under_floats',
            $cadence(
                'football_jig',
                [
                    'date' => '2026-07-20',
                    'water.temp_f' => 80,
                    'spot' => ['structure' => 'dock', 'depth_ft' => [5, 35], 'dock' => ['kind' => 'floating', 'depth_ft' => 30]],
                ],
            )?->key,
        );
        foreach (self::plan([])->lineup as $entry) {
            [$slow, $fast] = $entry->setup()->cadence->speed->spanFtS();
            self::assertTrue($entry->setup()->cadence->speedFtS >= $slow - 1e-9 && $entry->setup()->cadence->speedFtS <= $fast + 1e-9, $entry->lure->key);
        }
    }
}
