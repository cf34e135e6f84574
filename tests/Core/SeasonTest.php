<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Temperature;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Appetite;
use OldEddy\Day\Season\Spawning;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\StageTable;
use OldEddy\Day\Season\YearDirection;
use OldEddy\Reading\Reading;
use OldEddy\Reading\StageFinder;
use OldEddy\Reading\StageOutlook;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SeasonTest extends TestCase
{
    use Days;

    /** Common practice, no source: the stage table, warming. */
    #[DataProvider('warming')]
    public function test_stages_while_warming(Species $species, float $tempF, Stage $stage): void
    {
        self::assertSame($stage, StageFinder::find($species, $tempF, YearDirection::Warming, 100)->stage);
    }

    /** @return list<array{Species, float, Stage}> */
    public static function warming(): array
    {
        $lm = Species::LargemouthBass;
        $sm = Species::SmallmouthBass;

        return [
            [$lm, 44, Stage::Winter], [$lm, 45, Stage::EarlyPrespawn], [$lm, 54.9, Stage::EarlyPrespawn], [$lm, 55, Stage::Prespawn],
            [$lm, 62, Stage::Spawn], [$lm, 72, Stage::Spawn], [$lm, 73, Stage::Postspawn], [$lm, 76, Stage::Summer],
            [$sm, 43, Stage::Winter], [$sm, 44, Stage::EarlyPrespawn], [$sm, 50, Stage::Prespawn], [$sm, 59, Stage::Spawn],
            [$sm, 66.5, Stage::Postspawn], [$sm, 70, Stage::Summer],
            [Species::SpottedBass, 54, Stage::Prespawn], [Species::NorthernPike, 46, Stage::Spawn], [Species::Walleye, 45, Stage::Spawn],
            [Species::Muskellunge, 52, Stage::Spawn], [Species::Zander, 55, Stage::Spawn], [Species::YellowPerch, 48, Stage::Spawn],
            [Species::BlackCrappie, 62, Stage::Spawn], [Species::Bluegill, 70, Stage::Spawn], [Species::Bluegill, 60, Stage::Prespawn],
        ];
    }

    /** Common practice, no source: the cut points while cooling. */
    #[DataProvider('cooling')]
    public function test_stages_while_cooling(Species $species, float $tempF, Stage $stage): void
    {
        self::assertSame($stage, StageFinder::find($species, $tempF, YearDirection::Cooling, 290)->stage);
    }

    /** @return list<array{Species, float, Stage}> */
    public static function cooling(): array
    {
        $lm = Species::LargemouthBass;

        return [
            [$lm, 75, Stage::Summer], [$lm, 69, Stage::EarlyFall], [$lm, 61, Stage::Fall], [$lm, 51, Stage::LateFall], [$lm, 46, Stage::LateFall],
            [$lm, 45, Stage::Winter],
            [
                Species::SmallmouthBass,
                64,
                Stage::EarlyFall,
            ], [Species::SmallmouthBass, 60, Stage::Fall], [Species::Walleye, 59, Stage::EarlyFall], [Species::Walleye, 55, Stage::Fall],
        ];
    }

    public function test_the_same_temperature_is_another_stage_in_the_other_half_of_the_year(): void
    {
        self::assertSame('prespawn', self::reading(['date' => '2026-04-05', 'water.temp_f' => 58])->stage->stage->value);
        self::assertSame('fall', self::reading(['date' => '2026-10-25', 'water.temp_f' => 58])->stage->stage->value);
        // The southern year runs half a year apart.
        self::assertSame(
            'fall',
            self::reading(
                ['date' => '2026-04-25', 'lat' => -34.0, 'lon' => 150.0, 'timezone' => 'Australia/Sydney', 'water.temp_f' => 58],
            )->stage->stage->value,
        );
        self::assertSame(
            'prespawn',
            self::reading(
                ['date' => '2026-10-05', 'lat' => -34.0, 'lon' => 150.0, 'timezone' => 'Australia/Sydney', 'water.temp_f' => 58],
            )->stage->stage->value,
        );
    }

    public function test_after_the_turn_of_the_year_water_has_to_rise_out_of_winter(): void
    {
        self::assertSame('late_fall', self::reading(['date' => '2026-12-28', 'water.temp_f' => 47])->stage->stage->value);
        self::assertSame('winter', self::reading(['date' => '2026-01-10', 'water.temp_f' => 44])->stage->stage->value);
        self::assertSame('early_prespawn', self::reading(['date' => '2026-01-10', 'water.temp_f' => 47])->stage->stage->value);
    }

    public function test_around_the_summer_turn_the_measured_trend_decides(): void
    {
        self::assertSame('postspawn', self::reading(['date' => '2026-07-28', 'water.temp_f' => 69, 'water.temp_trend_f_per_day' => 0.5])->stage->stage->value);
        self::assertSame(
            'early_fall',
            self::reading(['date' => '2026-07-28', 'water.temp_f' => 69, 'water.temp_trend_f_per_day' => -0.5])->stage->stage->value,
        );
    }

    public function test_what_the_angler_sees_overrides_the_thermometer(): void
    {
        self::assertSame(Stage::Spawn, StageFinder::find(Species::LargemouthBass, 57, YearDirection::Warming, 110, null, [Observed::Beds])->stage);
        self::assertSame(Stage::Postspawn, StageFinder::find(Species::LargemouthBass, 66, YearDirection::Warming, 110, null, [Observed::Fry])->stage);
        self::assertSame(Stage::EarlyFall, StageFinder::find(Species::LargemouthBass, 74, YearDirection::Cooling, 270, null, [Observed::LeavesTurning])->stage);
        self::assertSame(Stage::Winter, StageFinder::find(Species::LargemouthBass, 74, YearDirection::Cooling, 270, Stage::Winter, [Observed::Beds])->stage);
    }

    /**
     * Sources (values from memory): smallmouth spawn mostly at 15-18 °C, Edwards et al. 1983; largemouth 16-22 °C,
     * Stuber et al. 1982; northern pike 8-12 °C, Inskip 1982; walleye 6-9 °C at the peak, McMahon et al. 1984.
     */
    public function test_spawning_temperatures_agree_with_published_ones(): void
    {
        foreach ([
            [Species::SmallmouthBass, 15, 18], [Species::LargemouthBass, 17, 22], [Species::NorthernPike, 8, 11], [Species::Walleye, 6, 9],
        ] as [$species, $from, $to]) {
            $row = StageTable::of($species);
            self::assertLessThanOrEqual(Temperature::fromCelsius($from + 0.2)->fahrenheit(), $row->spawnFrom);
            self::assertGreaterThanOrEqual(Temperature::fromCelsius($to)->fahrenheit(), $row->spawnTo + 0.5);
        }
    }

    /** F1. Source: Kitchell et al. 1977 as in Deslauriers et al. 2017; optima from memory: the maximum is 1 at CTO. */
    #[DataProvider('optima')]
    public function test_appetite_has_its_maximum_of_one_at_the_published_optimum(Species $species, float $optimumC, float $maximumC): void
    {
        $curve = Appetite::of($species);
        self::assertEqualsWithDelta(1.0, $curve->at($optimumC), 1e-9);
        self::assertLessThan(1.0, $curve->at($optimumC - 1));
        self::assertLessThan(1.0, $curve->at($optimumC + 1));
        self::assertSame(0.0, $curve->at($maximumC));
        self::assertSame(0.0, $curve->at($maximumC + 3));
    }

    /** @return list<array{Species, float, float}> */
    public static function optima(): array
    {
        return [[Species::LargemouthBass, 27.5, 37], [Species::SmallmouthBass, 29, 36], [Species::Walleye, 22, 28], [Species::Muskellunge, 26, 34]];
    }

    /** Worked by hand from the published formula for largemouth bass at 10 °C: V 2.842, X 2.109, f 0.186. */
    public function test_appetite_by_hand(): void
    {
        self::assertEqualsWithDelta(0.186, Appetite::of(Species::LargemouthBass)->at(10), 0.001);
    }

    /** The scale says what the table says: every degree lies in the stage that a thermometer would name. */
    public function test_the_scale_of_the_seasons_is_that_of_the_thermometer(): void
    {
        foreach (Species::cases() as $species) {
            $table = StageTable::of($species);
            foreach ([true, false] as $warming) {
                $scale = $table->scale($warming);
                self::assertNull($scale[0][1], 'the coldest begins nowhere');
                $from = array_column(array_slice($scale, 1), 1);
                self::assertSame($from, self::sorted($from), "{$species->value}: coldest first");
                for ($tempF = 33.5; $tempF < 95; $tempF++) {
                    $named = $scale[0][0];
                    foreach ($scale as [$stage, $begins]) {
                        $named = $begins !== null && $tempF >= $begins ? $stage : $named;
                    }
                    self::assertSame($warming ? $table->warming($tempF) : $table->cooling($tempF), $named, "{$species->value} at {$tempF} °F");
                }
            }
        }
    }

    /**
     * @param  list<float>  $numbers
     * @return list<float>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }

    /** F22: common practice, no source; the days between the named latitudes are our own. */
    public function test_the_calendar_holds_the_spawn_by_latitude(): void
    {
        $stage = static fn (string $species, string $date, float $lat, float $tempF, array $more = []): Stage => WaterReader::read(Settler::settle(
            ConditionsReader::read(['species' => $species, 'date' => $date, 'lat' => $lat, 'lon' => -85.0, 'water' => ['temp_f' => $tempF]] + $more),
        ))->stage->stage;
        foreach (Species::cases() as $species) {
            foreach (['2026-12-05', '2026-01-05', '2026-01-30'] as $date) {
                foreach ([34.0, 40.0, 44.0] as $tempF) {
                    self::assertSame(Stage::Winter, $stage($species->value, $date, 40.0, $tempF), "{$species->value}, {$date}, {$tempF}: midwinter");
                }
            }
        }
        // Pike spawn just after the ice is gone: in February far south, in May far north.
        self::assertSame([Stage::Spawn, Stage::Prespawn], [$stage('northern_pike', '2026-02-20', 36.0, 44), $stage('northern_pike', '2026-02-20', 50.0, 44)]);
        self::assertSame(Stage::Spawn, $stage('northern_pike', '2026-05-06', 54.0, 44));
        // Largemouth not before late January far south, not before mid May at 45 degrees.
        self::assertSame([Stage::Spawn, Stage::Prespawn], [$stage('largemouth_bass', '2026-01-28', 27.0, 66), $stage('largemouth_bass', '2026-01-15', 27.0, 66)]);
        self::assertSame([Stage::Prespawn, Stage::Spawn], [$stage('largemouth_bass', '2026-05-08', 45.0, 64), $stage('largemouth_bass', '2026-05-20', 45.0, 64)]);
        foreach (['largemouth_bass', 'smallmouth_bass', 'spotted_bass'] as $bass) {
            self::assertSame(Stage::Postspawn, $stage($bass, '2026-07-06', 47.0, 61), 'no bass spawns after the first days of July');
        }
        self::assertSame(Stage::Spawn, $stage('bluegill', '2026-07-20', 47.0, 72), 'bluegill do');
        // The southern half, half a year later.
        self::assertSame([Stage::Prespawn, Stage::Spawn], [$stage('largemouth_bass', '2026-11-06', -45.0, 64), $stage('largemouth_bass', '2026-11-22', -45.0, 64)]);
        // What is seen stands over any date; without a date the thermometer speaks.
        self::assertSame(Stage::Spawn, $stage('largemouth_bass', '2026-04-20', 45.0, 64, ['observed' => ['beds']]));
        self::assertSame(Stage::Spawn, StageFinder::find(Species::LargemouthBass, 66, YearDirection::Warming, 200)->stage);
    }

    /** F22, W25: what the calendar holds back does not come before its day, and nothing comes in no days. */
    public function test_the_outlook_waits_for_the_calendar(): void
    {
        $read = static fn (string $date, float $tempF): Reading => WaterReader::read(Settler::settle(
            ConditionsReader::read(['species' => 'largemouth_bass', 'date' => $date, 'lat' => 45.0, 'lon' => -85.0, 'water' => ['temp_f' => $tempF]]),
        ));
        $outlook = StageOutlook::of($read('2026-05-01', 66));
        self::assertNotNull($outlook);
        self::assertSame([Stage::Spawn, 14.0, 14.0], [$outlook->stage, $outlook->earliestDays, $outlook->likelyDays]);
        self::assertSame(31.0 - 10.0 + 1.0, Spawning::of(Species::LargemouthBass, 45)->daysUntil(Stage::EarlyPrespawn, 10));
        self::assertSame(58.0, Spawning::of(Species::LargemouthBass, 45)->daysUntil(Stage::EarlyPrespawn, 340));
        foreach (range(40, 80) as $tempF) {
            $said = implode(' ', array_map(static fn (mixed $f): string => (string) $f->text, $read('2026-05-20', $tempF)->findings()));
            self::assertStringNotContainsString('in about 0 days', $said);
        }
    }
}
