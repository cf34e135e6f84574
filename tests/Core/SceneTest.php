<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Pictures\Slice\Scene;
use PHPUnit\Framework\TestCase;

/** The slice in numbers: every shape of the drawing stands for one that was computed. */
final class SceneTest extends TestCase
{
    use Days;

    public function test_the_water_runs_from_deep_at_the_angler_to_the_bank(): void
    {
        $reading = self::reading(['spot' => ['structure' => 'point', 'cover' => ['rock'], 'depth_ft' => [3, 12], 'depth_nearby_ft' => 20]]);
        $scene = Scene::ofReading($reading);
        self::assertSame(20.0, $scene->bottomAt(0));
        self::assertSame(0.0, $scene->bottomAt($scene->lengthFt));
        self::assertSame(20.0, $scene->depthFt);
        $last = INF;
        for ($at = 0.0; $at <= $scene->lengthFt; $at += 2) {
            self::assertLessThanOrEqual($last, $scene->bottomAt($at));
            $last = $scene->bottomAt($at);
        }
        self::assertSame([$reading->stand->shallowFt, $reading->strikeRadiusFt()], [$scene->bandTopFt, $scene->reachFt]);
        self::assertNull($scene->path);
    }

    public function test_the_band_is_drawn_only_where_the_bottom_is_deep_enough(): void
    {
        $scene = Scene::ofReading(self::reading(['water.temp_f' => 50, 'spot' => ['structure' => 'main_point', 'cover' => ['rock'], 'depth_ft' => [2, 20]]]));
        self::assertGreaterThanOrEqual($scene->bandTopFt - 0.5, $scene->bottomAt($scene->bandFarFt));
        self::assertLessThan($scene->bandTopFt, $scene->bottomAt($scene->bandFarFt + 3));
    }

    public function test_a_lure_that_does_not_get_down_shows_water_above_the_fish(): void
    {
        $reading = self::reading(
            ['date' => '2026-02-10', 'water.temp_f' => 44, 'spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [4, 25]]],
        );
        $shallow = Scene::ofSetup(Setup::of(Catalog::get('stick_worm'), $reading));
        self::assertLessThan($reading->stand->shallowFt, $shallow->depthFt);
        self::assertTrue($shallow->fishStandDeeper());
        self::assertFalse(Scene::ofSetup(Setup::of(Catalog::get('football_jig'), $reading))->fishStandDeeper());
        self::assertFalse(Scene::ofReading($reading)->fishStandDeeper());
    }

    public function test_light_fades_downward_in_the_waters_own_color(): void
    {
        $scene = Scene::ofReading(
            self::reading(['water.visibility_ft' => 2, 'weather.sky' => 'clear', 'spot' => ['structure' => 'point', 'depth_ft' => [2, 15]]]),
        );
        self::assertSame(0.0, $scene->layers[0][0]);
        self::assertEqualsWithDelta($scene->depthFt, $scene->layers[count($scene->layers) - 1][1], 1e-9);
        $last = 256;
        foreach ($scene->layers as [$from, $to, $color]) {
            self::assertLessThan($to, $from);
            $red = (int) hexdec(substr($color, 1, 2));
            self::assertLessThanOrEqual($last, $red);
            $last = $red;
        }
        $dark = Scene::ofReading(self::reading(['time' => '06:40', 'water.visibility_ft' => 2, 'spot' => ['structure' => 'point', 'depth_ft' => [2, 15]]]));
        self::assertLessThan(hexdec(substr($scene->layers[0][2], 1, 2)), hexdec(substr($dark->layers[0][2], 1, 2)), 'first light is darker');
    }

    public function test_ticks_lie_on_the_path_a_second_apart(): void
    {
        $reading = self::reading(['water.temp_f' => 62, 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 9]]]);
        $setup = Setup::of(Catalog::get('spinnerbait'), $reading);
        $scene = Scene::ofSetup($setup);
        self::assertSame($setup->secondsInZone(), $scene->secondsInZone);
        self::assertTrue($scene->parallel);
        self::assertEqualsWithDelta(floor($setup->path()->seconds()) + 1, count($scene->ticks), 1e-9);
        foreach ($scene->ticks as $second => [$distance, $depth]) {
            self::assertEqualsWithDelta($setup->path()->at((float) $second)->distanceFt, $distance, 1e-9);
            self::assertEqualsWithDelta($setup->path()->at((float) $second)->depthFt, $depth, 1e-9);
        }
        self::assertFalse(Scene::ofSetup(Setup::of(Catalog::get('spinnerbait'), $reading, new Wish(CastAngle::Crossing)))->parallel);
    }

    public function test_a_lure_that_takes_minutes_gets_fewer_ticks(): void
    {
        $reading = self::reading(
            ['date' => '2026-01-20', 'water.temp_f' => 42, 'spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [6, 20]]],
        );
        $setup = Setup::of(Catalog::get('football_jig'), $reading);
        self::assertGreaterThan(61, $setup->path()->seconds());
        self::assertLessThanOrEqual(61, count(Scene::ofSetup($setup)->ticks));
    }
}
