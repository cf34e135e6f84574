<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lineup\Wish;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Path\CastAngle;
use OldEddy\Choice\Path\CoverShape;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Pictures\Slice\BiteMark;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Reading\Column;
use OldEddy\Reading\Standing;
use OldEddy\Reading\Tightness;
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

    public function test_the_band_is_drawn_only_over_water_that_holds_the_fish(): void
    {
        $scene = Scene::ofReading(self::reading(['water.temp_f' => 50, 'spot' => ['structure' => 'main_point', 'cover' => ['rock'], 'depth_ft' => [2, 20]]]));
        self::assertGreaterThanOrEqual(0.5, $scene->reading->standing()->over($scene->bottomAt($scene->bandFarFt)));
        self::assertLessThan(0.5, $scene->reading->standing()->over($scene->bottomAt($scene->bandFarFt + 3)));
    }

    public function test_in_winter_fish_lie_on_the_bottom_and_a_lure_above_them_is_out_of_reach(): void
    {
        $reading = self::reading(
            ['date' => '2026-02-10', 'water.temp_f' => 44, 'spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [4, 25]]],
        );
        $above = Scene::ofSetup(Setup::of(Catalog::get('popper'), $reading));
        self::assertSame(0.0, $above->secondsInReach);
        self::assertSame([], $above->inReach);
        $along = Scene::ofSetup(Setup::of(Catalog::get('football_jig'), $reading));
        self::assertGreaterThan(60, $along->secondsInReach);
        foreach ([...$above->fish, ...$along->fish] as $fish) {
            $scene = in_array($fish, $above->fish, true) ? $above : $along;
            self::assertEqualsWithDelta($scene->bottomAt($fish->distanceFt) - Standing::OVER_BOTTOM_FT, $fish->depthFt, 1e-6);
        }
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
        self::assertSame($setup->secondsInReach(), $scene->secondsInReach);
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

    public function test_the_heavy_line_lasts_as_long_as_the_plan_says_and_stays_in_reach(): void
    {
        $reading = self::reading(['water.temp_f' => 62, 'spot' => ['structure' => 'flat', 'cover' => ['laydown', 'reeds'], 'depth_ft' => [1, 9]]]);
        foreach (Catalog::all() as $lure) {
            foreach (CastAngle::cases() as $angle) {
                $setup = Setup::of($lure, $reading, new Wish($angle));
                $scene = Scene::ofSetup($setup);
                $seconds = 0.0;
                foreach ($setup->reach()->pieces as [$from, , , $to, , , $share]) {
                    $seconds += $share * ($to - $from);
                }
                self::assertEqualsWithDelta($setup->secondsInReach(), $seconds, 1e-6, $lure->key);
                self::assertSame($seconds > 0, $scene->inReach !== [], $lure->key);
                $reach = $reading->strikeRadiusFt($lure->isLoud());
                foreach ($scene->inReach as $run) {
                    foreach ($run as [$second, $distance, $depth]) {
                        self::assertEqualsWithDelta($setup->path()->at($second)->depthFt, $depth, 0.11, $lure->key);
                        // No fish under it hangs farther off than one moves and is called; a step of the way, 1 ft, is allowed for.
                        $fish = $reading->standing()->depths($scene->bottomAt($distance));
                        self::assertGreaterThanOrEqual(min($fish) - $reach - $setup->callsFt() - 1.1, $depth, $lure->key);
                        self::assertLessThanOrEqual(max($fish) + $reach + 1.1, $depth, $lure->key);
                    }
                }
            }
        }
    }

    public function test_every_cover_has_a_form_of_its_own_inside_the_water(): void
    {
        $strokes = [];
        foreach (Cover::cases() as $cover) {
            $scene = Scene::ofReading(self::reading(['spot' => ['structure' => 'flat', 'cover' => [$cover->value], 'depth_ft' => [2, 9]]]));
            if ($cover === Cover::None || $cover === Cover::Shade) {
                self::assertSame([], $scene->forms);

                continue;
            }
            self::assertNotSame([], $scene->forms, $cover->value);
            foreach ($scene->forms as $form) {
                foreach ($form->points as [$distance, $depth]) {
                    self::assertLessThanOrEqual($scene->bottomAt($distance) + 0.35, $depth, "{$cover->value} stands in the ground");
                }
            }
            $strokes[$cover->value] = serialize($scene->forms);
        }
        self::assertCount(count($strokes), array_unique($strokes), 'two covers are drawn alike');
    }

    public function test_the_same_water_is_drawn_the_same_way_and_another_cover_leaves_it_so(): void
    {
        $of = static fn (array $covers, string $date = '2026-04-12'): array => Scene::ofReading(
            self::reading(['date' => $date, 'spot' => ['structure' => 'flat', 'cover' => $covers, 'depth_ft' => [2, 9]]]),
        )->forms;
        self::assertEquals($of(['reeds']), $of(['reeds']));
        self::assertEquals($of(['reeds']), array_slice($of(['reeds', 'rock']), 0, count($of(['reeds']))));
        self::assertNotEquals($of(['reeds']), $of(['reeds'], '2026-04-13'));
        $small = Scene::ofSetup(Setup::of(Catalog::get('tube'), self::reading(['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 9]]])), true);
        self::assertLessThan(count($of(['reeds'])), count($small->forms));
    }

    public function test_fish_stand_in_the_water_tight_to_cover_or_spread_over_the_band(): void
    {
        $spot = ['structure' => 'flat', 'cover' => ['laydown'], 'depth_ft' => [2, 9], 'bottom' => 'gravel'];
        $tight = Scene::ofReading(self::reading(['weather.front' => 'post_1', 'weather.sky' => 'clear', 'spot' => $spot]));
        $roaming = Scene::ofReading(self::reading(['water.temp_f' => 62, 'weather.sky' => 'overcast', 'weather.front' => 'approaching', 'spot' => $spot]));
        self::assertSame([Tightness::Tight, Tightness::Roaming], [$tight->reading->stand->tightness, $roaming->reading->stand->tightness]);
        $extent = static fn (Scene $s): float => max(array_column($s->fish, 'distanceFt')) - min(array_column($s->fish, 'distanceFt'));
        self::assertGreaterThan($extent($tight), $extent($roaming));
        foreach ([...$tight->fish, ...$roaming->fish] as $fish) {
            self::assertLessThan($tight->bottomAt($fish->distanceFt), $fish->depthFt);
            self::assertGreaterThan(0, $fish->depthFt);
        }
        self::assertLessThan($roaming->reachFt, $tight->reachFt, 'a front shrinks the circles');
    }

    /** Snell's law (published): at 45° through the surface the ray goes down at asin(sin 45° / 1.33) = 32.1° off the plumb line. */
    public function test_the_shade_leans_with_the_bent_sun_and_has_the_width_that_was_said(): void
    {
        $said = ['structure' => 'flat', 'depth_ft' => [2, 9], 'shaded' => true, 'shade_width_ft' => 9];
        $shade = Scene::ofReading(self::reading(['time' => '10:00', 'weather.sky' => 'clear', 'spot' => $said]))->shade;
        self::assertNotNull($shade);
        self::assertSame(9.0, $shade->widthFt());
        self::assertSame(0.0, abs($shade->leanPerFt), 'no direction of the cast is known');
        $toward = Scene::ofReading(self::reading(['time' => '10:00', 'weather.sky' => 'clear', 'spot' => ['cast_bearing_deg' => 90] + $said]));
        self::assertNotNull($toward->shade);
        self::assertNotNull($toward->above->sunDeg);
        $bent = tan(asin(sin(deg2rad(90 - $toward->above->sunDeg)) / 1.33));
        self::assertEqualsWithDelta(-$toward->above->sunAhead * $bent, $toward->shade->leanPerFt, 1e-9);
        self::assertLessThan(0, $toward->shade->leanPerFt, 'the sun stands ahead in the morning, the shade falls toward the angler');
        self::assertNull(Scene::ofReading(self::reading(['weather.sky' => 'overcast', 'spot' => $said]))->shade);
    }

    public function test_it_says_in_words_what_it_shows(): void
    {
        $setup = Setup::of(Catalog::get('flipping_jig'), self::reading(
            ['weather.sky' => 'clear', 'weather.wind_mph' => 6, 'spot' => ['cover' => ['laydown'], 'bottom' => 'gravel', 'depth_ft' => [1, 9]]],
        ));
        $scene = Scene::ofSetup($setup);
        $words = (string) $scene->words();
        foreach (['Sky clear', 'wind 6 mph', 'Gravel bottom', 'laydown', sprintf('each moves %.1f ft', $scene->reachFt), sprintf('%.0f s in reach', $setup->secondsInReach())] as $said) {
            self::assertStringContainsString($said, $words);
        }
    }

    public function test_bites_stand_over_the_water_that_was_logged(): void
    {
        $scene = Scene::ofReading(self::reading(['spot' => ['structure' => 'flat', 'cover' => ['rock'], 'depth_ft' => [2, 12]]]));
        $bite = BiteMark::in($scene, 4.0, 9.0, ['09:54', '10:05']);
        self::assertNotNull($bite);
        self::assertSame(4.0, $bite->depthFt);
        self::assertEqualsWithDelta(9.0, $scene->bottomAt($bite->distanceFt), 0.3);
        $unknown = BiteMark::in($scene, 4.0, null, ['09:54']);
        self::assertGreaterThan($bite->distanceFt, $unknown?->distanceFt, 'nearer the bank, where the lure just clears the bottom');
        self::assertNull(BiteMark::in($scene, null, 9.0, ['09:54']));
        self::assertLessThanOrEqual($scene->depthFt, BiteMark::in($scene, 90.0, 95.0, ['09:54'])?->depthFt);
    }

    public function test_every_lure_has_a_silhouette_of_its_own(): void
    {
        $sprite = (string) file_get_contents(__DIR__.'/../../public/lures.svg');
        preg_match_all('~<symbol id="([a-z_]+)"[^>]*>(.+?)</symbol>~', $sprite, $symbols);
        self::assertEqualsCanonicalizing(array_keys(Catalog::all()), $symbols[1]);
        self::assertCount(count($symbols[2]), array_unique($symbols[2]), 'two lures look alike');
    }

    public function test_a_roof_throws_its_shade_away_from_the_sun(): void
    {
        $spot = ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [3, 10]];
        $at = static fn (int $bearing): Scene => Scene::ofReading(
            self::reading(['date' => '2026-07-10', 'time' => '10:00', 'water.temp_f' => 80, 'weather.sky' => 'clear', 'spot' => $spot + ['cast_bearing_deg' => $bearing]]),
        );
        [$toward, $away] = [$at(90), $at(270)];
        $dock = CoverShape::of(Cover::Dock);
        self::assertNotNull($dock);
        self::assertNotNull($toward->shade);
        self::assertNotNull($away->shade);
        self::assertNotNull($toward->above->sunDeg);
        // A deck a foot and a half over the water (our own choice) moves its edge by its height over the sun's tangent.
        $shift = $toward->above->sunAhead * 1.5 / tan(deg2rad($toward->above->sunDeg));
        self::assertGreaterThan(0, $shift);
        self::assertEqualsWithDelta($toward->lengthFt * $dock->from - $shift, $toward->shade->fromFt, 1e-9);
        self::assertGreaterThan($toward->shade->fromFt, $away->shade->fromFt);
    }

    public function test_a_fish_near_cover_is_a_few_feet_off_it_and_one_on_the_bottom_is_at_the_bottom(): void
    {
        $scene = Scene::ofReading(self::reading(['water.temp_f' => 58, 'weather.sky' => 'clear', 'spot' => ['structure' => 'flat', 'cover' => ['stumps'], 'depth_ft' => [2, 12]]]));
        self::assertSame(Tightness::Near, $scene->reading->stand->tightness);
        $stumps = CoverShape::of(Cover::Stumps);
        self::assertNotNull($stumps);
        self::assertEqualsWithDelta($scene->lengthFt * $stumps->from - 3.0, $scene->fish[0]->distanceFt, 1e-9);
        $winter = Scene::ofReading(
            self::reading(['date' => '2026-01-20', 'water.temp_f' => 42, 'spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [6, 20]]]),
        );
        self::assertSame(Column::Bottom, $winter->reading->stand->column);
        foreach ($winter->fish as $fish) {
            self::assertEqualsWithDelta($winter->bottomAt($fish->distanceFt) - Standing::OVER_BOTTOM_FT, $fish->depthFt, 1e-9);
        }
    }
}
