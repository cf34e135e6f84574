<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\Handles;
use App\Drawing\SeasonScale;
use App\Drawing\SliceDrawing;
use App\Show\Units;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Species;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;

/** The picture in points: its scales are those of the water, wherever a hand takes hold of it. */
final class WaterByHandTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private static function reading(array $more = []): Reading
    {
        return WaterReader::read(Settler::settle(ConditionsReader::read($more + [
            'species' => 'largemouth_bass', 'date' => '2026-04-18', 'time' => '09:30', 'timezone' => 'America/New_York', 'lat' => 36.9, 'lon' => -80.1,
            'water' => ['temp_f' => 61, 'visibility_ft' => 3.5, 'level_ft' => 1.0], 'weather' => ['sky' => 'clear', 'wind_mph' => 8],
            'spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 9], 'cast_bearing_deg' => 90],
        ])));
    }

    public function test_a_handle_lies_on_what_it_says_in_both_systems_and_both_shapes(): void
    {
        $reading = self::reading();
        foreach ([new Units(false), new Units(true)] as $units) {
            foreach ([false, true] as $tall) {
                $draw = new SliceDrawing(Scene::ofReading($reading), tall: $tall);
                $handles = Handles::of($draw, $reading->day, $units);
                foreach (['water.visibility_ft' => 3.5, 'spot.deep_ft' => 9.0, 'spot.shallow_ft' => 2.0, 'water.level_ft' => 1.0] as $path => $feet) {
                    $handle = $handles[$path];
                    self::assertSame($units->show('depth', $feet), $handle['value'], $path);
                    self::assertEqualsWithDelta($draw->y($feet), $draw->height * ($handle['zero'] + $handle['per'] * $handle['value']) / 100, 0.6, $path);
                    self::assertTrue($handle['least'] <= $handle['value'] && $handle['value'] <= $handle['most']);
                }
                // Those of the bottom lie on its own corners.
                self::assertEqualsWithDelta($draw->x($draw->scene->bottom[1][0]), $draw->width * $handles['spot.deep_ft']['left'] / 100, 0.1);
                self::assertEqualsWithDelta($draw->x($draw->scene->bottom[2][0]), $draw->width * $handles['spot.shallow_ft']['left'] / 100, 0.1);
            }
        }
    }

    public function test_the_thermometer_goes_with_the_seasons_beside_it(): void
    {
        foreach (Species::cases() as $species) {
            foreach (['2026-04-18', '2026-10-18'] as $date) {
                $reading = self::reading(['species' => $species->value, 'date' => $date]);
                $bands = SeasonScale::of($reading->day);
                self::assertEqualsWithDelta(100, array_sum(array_column($bands, 'height')), 0.05, "{$species->value}: the scale is full");
                $warmth = Handles::of(new SliceDrawing(Scene::ofReading($reading)), $reading->day, new Units(false))['water.temp_f'];
                $at = $warmth['zero'] + $warmth['per'] * $warmth['value'];
                $here = array_values(array_filter($bands, static fn (array $b): bool => $at >= $b['top'] && $at <= $b['top'] + $b['height']));
                self::assertSame($reading->stage->stage->words(), $here[0]['words'], "{$species->value} on {$date}");
            }
        }
    }

    public function test_below_the_line_heights_are_stretched_and_above_it_they_are_not(): void
    {
        $draw = new SliceDrawing(Scene::ofReading(self::reading()));
        self::assertEqualsWithDelta($draw->downPerFt() / $draw->perFt(), $draw->stretch(), 1e-9);
        self::assertEqualsWithDelta($draw->line + 4 * $draw->downPerFt(), $draw->y(4.0), 0.06);
        self::assertEqualsWithDelta($draw->line - 4 * $draw->perFt(), $draw->y(-4.0), 0.06, 'a foot up is a foot out');
        self::assertLessThanOrEqual($draw->floor, $draw->y($draw->scene->depthFt));
        [$wide, $high] = $draw->circle(2.0);
        self::assertEqualsWithDelta($draw->stretch(), $high / $wide, 0.05);
    }

    public function test_sun_clouds_and_wind_are_drawn_as_they_are(): void
    {
        $sun = static fn (array $more): ?array => (new SliceDrawing(Scene::ofReading(self::reading($more))))->sun();
        $spot = static fn (int $bearing): array => ['spot' => ['structure' => 'flat', 'depth_ft' => [2, 9], 'cast_bearing_deg' => $bearing]];
        $east = $sun($spot(90));
        $west = $sun($spot(270));
        self::assertNotNull($east);
        self::assertNotNull($west);
        self::assertGreaterThan($west[0], $east[0], 'casting east in the morning it stands ahead');
        self::assertLessThan($east[1], $sun(['time' => '12:30'] + $spot(90))[1], 'at noon it stands higher');
        self::assertNull($sun(['weather' => ['sky' => 'overcast']]));
        self::assertNull($sun(['time' => '03:00']));
        $of = static fn (array $weather): SliceDrawing => new SliceDrawing(Scene::ofReading(self::reading(['weather' => $weather])));
        self::assertSame('', $of(['sky' => 'clear'])->clouds());
        self::assertGreaterThan(strlen($of(['sky' => 'partly'])->clouds()), strlen($of(['sky' => 'overcast'])->clouds()));
        self::assertStringContainsString('l-5 ', $of(['sky' => 'rain'])->clouds());
        self::assertStringNotContainsString('q', $of(['sky' => 'clear', 'wind_mph' => 0])->surface(), 'calm water is a line');
        self::assertStringContainsString('q4.5-2 ', $of(['sky' => 'clear', 'wind_mph' => 8])->surface());
    }

    public function test_a_lure_is_drawn_on_its_way_and_its_seconds_stand_inside_the_picture(): void
    {
        foreach (['hollow_frog', 'flipping_jig', 'deep_crankbait', 'punch_rig'] as $key) {
            $draw = new SliceDrawing(Scene::ofSetup(Setup::of(Catalog::get($key), self::reading())));
            [$x, $y, $wide, $high] = $draw->lure() ?? self::fail('no lure');
            self::assertEqualsWithDelta($draw->x($draw->scene->lureAt->distanceFt ?? -1.0), $x + $wide / 2, 0.1);
            self::assertEqualsWithDelta($draw->y($draw->scene->lureAt->depthFt ?? -1.0), $y + $high / 2, 0.1);
            self::assertTrue($draw->saidAt() >= 100 && $draw->saidAt() <= 500);
            self::assertStringStartsWith('M', $draw->path());
            self::assertSame(count($draw->scene->inReach), substr_count($draw->inReach(), 'M'));
            self::assertSame(count($draw->scene->ticks), substr_count($draw->ticks(), 'M'));
        }
        self::assertNull((new SliceDrawing(Scene::ofReading(self::reading())))->lure());
    }
}
