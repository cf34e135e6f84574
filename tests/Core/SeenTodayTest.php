<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Choice\Color\ColorChooser;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lineup\Setup;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\PlanContract;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use PHPUnit\Framework\TestCase;

/** What was seen today goes before the tables: marks on the sounder (F24), prey and its color (C16), and the night (W26). */
final class SeenTodayTest extends TestCase
{
    use Days;

    private const HUMP = ['structure' => 'hump', 'cover' => ['rock'], 'depth_ft' => [8, 40]];

    public function test_fish_marked_at_a_depth_are_fished_at_it(): void
    {
        $reading = self::summer(['sounder' => ['fish_ft' => 14]]);
        self::assertSame([12.0, 16.0], [$reading->stand->shallowFt, $reading->stand->deepFt]);
        self::assertStringContainsString('marked fish at', self::said($reading, 'F24'));
        // Over water that is deeper everywhere they hang.
        $over = self::summer(['sounder' => ['fish_ft' => 14], 'spot' => ['structure' => 'basin', 'depth_ft' => [30, 45]]]);
        self::assertSame(Column::Suspended, $over->stand->column);
        // Where there is no such depth the mark was taken elsewhere.
        $shallow = self::summer(['sounder' => ['fish_ft' => 30], 'spot' => ['structure' => 'flat', 'depth_ft' => [2, 6]]]);
        self::assertLessThanOrEqual(6.0, $shallow->stand->deepFt);
    }

    public function test_bait_has_fish_at_it_and_below(): void
    {
        $stand = self::summer(['sounder' => ['bait_ft' => 20]])->stand;
        self::assertSame([18.0, 24.0], [$stand->shallowFt, $stand->deepFt]);
    }

    public function test_no_fish_are_sought_below_a_thermocline_in_warm_months(): void
    {
        $without = self::summer([])->stand;
        self::assertGreaterThan(16.0, $without->deepFt);
        self::assertSame(16.0, self::summer(['sounder' => ['thermocline_ft' => 16]])->stand->deepFt);
        $winter = ['date' => '2026-01-20', 'water.temp_f' => 42];
        self::assertEquals(self::summer($winter)->stand, self::summer($winter + ['sounder' => ['thermocline_ft' => 16]])->stand);
    }

    public function test_the_bottom_is_what_came_back_where_nobody_said_more(): void
    {
        self::assertStringContainsString('soft', self::said(self::summer(['date' => '2026-01-20', 'water.temp_f' => 42, 'sounder' => ['bottom' => 'soft']]), 'F2'));
        $said = self::summer(['spot' => ['bottom' => 'gravel'] + self::HUMP, 'sounder' => ['bottom' => 'soft']]);
        self::assertSame('gravel', $said->day->spot->bottom?->value);
    }

    public function test_the_color_of_the_prey_seen_overrides_the_table(): void
    {
        foreach (['red' => ColorFamily::CrawRed, 'blue' => ColorFamily::DarkContrast, 'green' => ColorFamily::NaturalCraw] as $color => $family) {
            $reading = self::summer(['seen_prey' => [['prey' => 'crawfish', 'color' => $color]]]);
            $first = ColorChooser::choose(Catalog::get('football_jig'), $reading)[0];
            self::assertSame([$family, 'C16'], [$first->family, $first->ruleId], $color);
            self::assertStringContainsString($color, $first->name);
        }
        self::assertNotSame('C16', ColorChooser::choose(Catalog::get('walking_topwater'), $reading)[0]->ruleId, 'a surface lure copies no crawfish');
    }

    public function test_what_he_owns_in_that_color_is_called_by_his_own_name(): void
    {
        $owned = [['lure' => 'tube', 'color' => 'natural_craw', 'color_name' => 'the old brown one', 'weight_oz' => 0.25], ['lure' => 'tube', 'color' => 'white']];
        $answer = PlanContract::answer(['date' => '2026-07-01', 'species' => 'smallmouth_bass', 'owned' => $owned, 'seen_prey' => [['prey' => 'goby', 'color' => 'green']]]);
        self::assertSame('the old brown one', $answer['lineup'][0]['colors'][0]['name']);
    }

    public function test_where_they_eat_minnows_and_gobies_nothing_says_crawfish(): void
    {
        foreach ([44, 52, 60, 78] as $temp) {
            $day = ['date' => '2026-04-10', 'species' => 'smallmouth_bass', 'water' => ['temp_f' => $temp, 'visibility_ft' => 2], 'forage' => ['minnow', 'goby']];
            foreach (PlanContract::answer($day)['lineup'] as $entry) {
                self::assertStringNotContainsStringIgnoringCase('craw', json_encode([
                    array_column($entry['colors'], 'name'), array_column($entry['colors'], 'why'), $entry['spec']['trailer'],
                ], JSON_THROW_ON_ERROR), "{$entry['lure']} at {$temp}");
            }
        }
    }

    public function test_a_color_without_a_prey_is_asked_about(): void
    {
        try {
            ConditionsReader::read(['species' => 'largemouth_bass', 'date' => '2026-07-01', 'seen_prey' => [['color' => 'red']]]);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertStringContainsString('seen_prey.0.prey', $e->getMessage());
        }
    }

    public function test_night_is_a_light_of_its_own(): void
    {
        [$dusk, $night] = [self::at('21:00'), self::at('23:30')];
        self::assertFalse($dusk->day->isNight());
        self::assertTrue($night->day->isNight());
        self::assertNotSame('', self::said($dusk, 'W16'));
        self::assertSame('', self::said($night, 'W16'));
        self::assertStringContainsString('lights on docks', self::said($night, 'W26'));
        self::assertSame(ColorFamily::Black, ColorChooser::choose(Catalog::get('spinnerbait'), $night)[0]->family);
        self::assertSame(ColorFamily::DarkContrast, ColorChooser::choose(Catalog::get('creature_texas_rig'), $night)[0]->family);
        $speed = static fn (Reading $r): float => Setup::of(Catalog::get('spinnerbait'), $r)->cadence->speedFtS;
        self::assertLessThan($speed($dusk), $speed($night), 'slow and steady');
        $answer = PlanContract::answer(self::lit('23:30'));
        self::assertContains('night', array_column($answer['cautions'], 'id'));
        self::assertStringContainsString('thumps or gurgles', json_encode(array_column($answer['lineup'], 'reasons', 'lure')['spinnerbait'], JSON_THROW_ON_ERROR));
    }

    /** L38. */
    public function test_a_trailer_kicks_in_blind_water_and_is_still_in_cold_or_clear_water(): void
    {
        $trailer = static fn (float $temp, float $feet): ?string => Setup::of(Catalog::get('casting_jig'), self::reading([
            'date' => '2026-05-10', 'water.temp_f' => $temp, 'water.visibility_ft' => $feet, 'water.normal_visibility_ft' => $feet, 'forage' => ['crawfish'],
        ]))->spec->trailer;
        self::assertStringContainsString('kicking', (string) $trailer(65, 0.8));
        self::assertStringContainsString('little kick', (string) $trailer(65, 3));
        self::assertStringContainsString('bulky chunk', (string) $trailer(65, 9));
        self::assertStringContainsString('bulky chunk', (string) $trailer(45, 3));
        self::assertStringContainsString('kicking', (string) $trailer(80, 3));
    }

    /** @param  array<string, mixed>  $more */
    private static function summer(array $more): Reading
    {
        return self::reading($more + ['date' => '2026-07-20', 'water.temp_f' => 82, 'water.visibility_ft' => 6, 'water.normal_visibility_ft' => 6, 'spot' => self::HUMP]);
    }

    private static function at(string $time): Reading
    {
        return self::reading(self::lit($time));
    }

    /** @return array<string, mixed> */
    private static function lit(string $time): array
    {
        return [
            'date' => '2026-07-20', 'time' => $time, 'timezone' => 'America/New_York', 'lat' => 36.5, 'lon' => -84.0, 'species' => 'largemouth_bass',
            'water' => ['temp_f' => 82, 'visibility_ft' => 4, 'normal_visibility_ft' => 4], 'spot' => ['structure' => 'flat', 'cover' => ['wood'], 'depth_ft' => [2, 7]],
        ];
    }
}
