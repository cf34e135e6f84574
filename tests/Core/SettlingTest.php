<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Assumption;
use OldEddy\Day\Conditions\Conditions;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\StageTable;
use OldEddy\Reading\StageFinder;
use PHPUnit\Framework\TestCase;

/** What is settled for a day on which little was said. The stand-in values are our own choice. */
final class SettlingTest extends TestCase
{
    public function test_what_was_said_is_never_assumed(): void
    {
        $told = ['species' => 'walleye', 'date' => '2026-06-01', 'time' => '05:30', 'timezone' => 'America/Chicago', 'lat' => 45, 'lon' => -93, 'waterbody' => 'river',
            'water' => [
                'temp_f' => 61, 'temp_trend_f_per_day' => 0.1, 'visibility_ft' => 3, 'normal_visibility_ft' => 4, 'level_change_ft_per_week' => 0,
                'current' => 'moderate', 'inflow' => ['running' => false],
            ],
            'weather' => ['sky' => 'rain', 'wind_mph' => 4, 'front' => 'passing'], 'spot' => ['structure' => 'eddy'], 'pressure' => 'low'];
        $day = self::settle($told);
        self::assertSame([], $day->assumed);
        self::assertSame([61.0, 3.0, 4.0, 4.0], [$day->tempF, $day->visibilityFt, $day->normalVisibilityFt, $day->windMph]);
    }

    public function test_visibility_and_its_normal_stand_in_for_each_other(): void
    {
        self::assertSame([7.0, 7.0], self::visibilities(['visibility_ft' => 7]));
        self::assertSame([2.5, 2.5], self::visibilities(['normal_visibility_ft' => 2.5]));
        self::assertSame([4.0, 4.0], self::visibilities([]));
        self::assertSame([0.0, 0.1], self::visibilities(['visibility_ft' => 0]), 'opaque water has a normal too');
    }

    public function test_a_temperature_nobody_measured_follows_date_and_latitude_or_the_stage(): void
    {
        $july = self::settle(['species' => 'largemouth_bass', 'date' => '2026-07-25', 'lat' => 37]);
        $january = self::settle(['species' => 'largemouth_bass', 'date' => '2026-01-25', 'lat' => 37]);
        $north = self::settle(['species' => 'largemouth_bass', 'date' => '2026-07-25', 'lat' => 47]);
        $south = self::settle(['species' => 'largemouth_bass', 'date' => '2026-01-25', 'lat' => -37, 'lon' => 145]);
        self::assertGreaterThan($january->tempF, $july->tempF);
        self::assertLessThan($july->tempF, $north->tempF);
        self::assertEqualsWithDelta($july->tempF, $south->tempF, 1.0, 'January in the south is July in the north');
    }

    /** Rule F19: what is assumed for a stage is of the species, and reads as that stage again. */
    public function test_a_stage_without_a_thermometer_assumes_water_of_its_species(): void
    {
        foreach (Species::cases() as $species) {
            foreach (Stage::cases() as $stage) {
                $day = self::settle(['species' => $species->value, 'stage' => $stage->value]);
                self::assertSame(StageTable::of($species)->usualF($stage), $day->tempF);
                self::assertSame(StageTable::of($species)->usualDay($stage), $day->northernDay);
                // Bluegill spawn until summer begins: no temperature of theirs is postspawn.
                if ([$species, $stage] !== [Species::Bluegill, Stage::Postspawn]) {
                    self::assertSame(
                        $stage,
                        StageFinder::find($species, $day->tempF, $day->direction, $day->northernDay)->stage,
                        "{$species->value}, {$stage->value}",
                    );
                }
            }
        }
        self::assertLessThan(50, self::settle(['species' => 'walleye', 'stage' => 'spawn'])->tempF, 'walleye spawn in water in which bass do not stir');
    }

    public function test_a_river_flows_unless_said_otherwise(): void
    {
        self::assertSame('slight', self::settle(['species' => 'walleye', 'date' => '2026-06-01', 'waterbody' => 'river'])->current->value);
        self::assertSame('none', self::settle(['species' => 'walleye', 'date' => '2026-06-01', 'waterbody' => 'pond'])->current->value);
        self::assertSame(
            'none',
            self::settle(['species' => 'walleye', 'date' => '2026-06-01', 'waterbody' => 'river', 'water' => ['current' => 'none']])->current->value,
        );
    }

    public function test_the_sun_needs_a_date_and_low_light_is_its_first_and_last_hour(): void
    {
        self::assertNull(self::settle(['species' => 'bluegill', 'stage' => 'spawn'])->sunElevationDeg);
        $at = static fn (string $time): Settled => self::settle(
            ['species' => 'bluegill', 'date' => '2026-06-20', 'time' => $time, 'timezone' => 'America/New_York', 'lat' => 37, 'lon' => -80],
        );
        self::assertTrue($at('06:30')->lowLight);
        self::assertFalse($at('13:00')->lowLight);
        self::assertTrue($at('20:20')->lowLight);
        self::assertGreaterThan(70, $at('13:20')->sunElevationDeg);
        // Without a zone the meridian stands in: noon is high there as well.
        self::assertGreaterThan(
            60,
            self::settle(['species' => 'bluegill', 'date' => '2026-06-20', 'time' => '12:00', 'lat' => 37, 'lon' => -80])->sunElevationDeg,
        );
    }

    public function test_each_assumption_names_its_field_and_says_its_value(): void
    {
        $known = [
            'lat', 'time', 'timezone', 'lon', 'water.temp_f', 'water.visibility_ft', 'water.normal_visibility_ft', 'water.temp_trend_f_per_day',
            'water.level_change_ft_per_week', 'water.current', 'water.inflow.running', 'weather.sky', 'weather.wind_mph', 'weather.front', 'pressure',
            'waterbody', 'spot',
        ];
        $assumed = self::settle(['species' => 'zander', 'date' => '2026-03-01'])->assumed;
        self::assertEqualsCanonicalizing($known, array_map(static fn (Assumption $a): string => $a->path, $assumed));
        foreach ($assumed as $assumption) {
            self::assertStringContainsString(':', (string) $assumption->text);
        }
    }

    public function test_hardly_a_change_is_none_and_what_goes_on_goes_on_evenly(): void
    {
        $water = static fn (float $warms, float $rises): Settled => self::settle(['species' => 'bluegill', 'date' => '2026-04-20', 'water' => [
            'temp_f' => 60, 'temp_trend_f_per_day' => $warms, 'level_change_ft_per_week' => $rises,
        ]]);
        self::assertSame([true, true], [$water(0.04, -0.09)->isTempSteady(), $water(0.04, -0.09)->isLevelSteady()]);
        self::assertSame([false, false], [$water(-0.05, 0.1)->isTempSteady(), $water(-0.05, 0.1)->isLevelSteady()]);
        self::assertEqualsWithDelta([60.0, 56.5], [$water(-0.5, 0)->tempIn(0), $water(-0.5, 0)->tempIn(7)], 1e-9);
    }

    public function test_a_changed_day_keeps_everything_else(): void
    {
        $day = self::settle(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'water' => ['temp_f' => 60, 'visibility_ft' => 4]]);
        $muddy = $day->with(['visibilityFt' => 0.5]);
        self::assertSame('mud', $muddy->clarity->value);
        self::assertSame('fair', $day->clarity->value);
        self::assertSame($day->tempF, $muddy->tempF);
        self::assertSame($day->assumed, $muddy->assumed);
    }

    public function test_conditions_hold_what_was_read(): void
    {
        $told = ConditionsReader::read(
            [
                'species' => 'muskellunge',
                'date' => '2026-09-01',
                'spot' => ['depth_ft' => [3, 9], 'cover' => ['reeds', 'reeds', 'wood']],
                'forage' => ['perch'],
                'owned' => ['jerkbait', 'jerkbait'],
                'schools' => ['shade_from_f' => 50],
            ],
        );
        self::assertInstanceOf(Conditions::class, $told);
        self::assertSame(Species::Muskellunge, $told->species);
        self::assertSame([3.0, 9.0], [$told->spot?->shallowFt, $told->spot?->deepFt]);
        self::assertCount(2, $told->spot->covers, 'a cover said twice counts once');
        self::assertSame(['jerkbait'], $told->owned);
        self::assertSame('50', $told->schools->chosen('shade_from_f'));
    }

    /**
     * @param  array<string, float>  $water
     * @return array{float, float}
     */
    private static function visibilities(array $water): array
    {
        $day = self::settle(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'water' => $water]);

        return [$day->visibilityFt, $day->normalVisibilityFt];
    }

    /** @param  array<string, mixed>  $told */
    private static function settle(array $told): Settled
    {
        return Settler::settle(ConditionsReader::read($told));
    }
}
