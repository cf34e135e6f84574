<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\ForecastFile;
use OldEddy\Contract\PlanContract;
use OldEddy\Day\Conditions\ForecastHour;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\OwnSuccess;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\StageTable;
use OldEddy\Drill\Asking;
use OldEddy\Plan\ByHour;
use OldEddy\Plan\HourPlan;
use OldEddy\Plan\WorthAsking;
use OldEddy\Reading\Clearing;
use PHPUnit\Framework\TestCase;

/** What is worth asking, the day by the hour, and one's own success (rules M24, W16, W20, W24). */
final class AskingTest extends TestCase
{
    use Days;

    public function test_what_was_said_is_not_asked_for(): void
    {
        $asked = array_column(PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-06-20'])['ask'], 'worth', 'path');
        self::assertArrayHasKey('water.visibility_ft', $asked);
        self::assertArrayHasKey('spot', $asked);
        self::assertSame($asked, self::sorted($asked), 'most worth first');
        $less = array_column(PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-06-20', 'water' => ['visibility_ft' => 3, 'normal_visibility_ft' => 3]])['ask'], 'path');
        self::assertNotContains('water.visibility_ft', $less);
    }

    public function test_opaque_water_is_asked_about_like_any_other(): void
    {
        $day = ['species' => 'largemouth_bass', 'date' => '2026-06-20', 'water' => ['visibility_ft' => 0]];
        self::assertNotContains('water.visibility_ft', array_column(PlanContract::answer($day)['ask'], 'path'));
    }

    public function test_a_day_of_which_all_is_known_asks_nothing(): void
    {
        $day = self::reading([
            'water.current' => 'none', 'water.level_change_ft_per_week' => 0, 'pressure' => 'normal', 'forage' => ['shad'], 'weather.front' => 'stable', 'weather.sky' => 'partly',
            'weather.wind_mph' => 6, 'spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [1, 4]],
        ])->day;
        self::assertSame([], WorthAsking::of($day));
    }

    public function test_every_ask_says_what_it_would_change(): void
    {
        foreach ([['date' => '2026-01-20'], ['date' => '2026-05-10'], ['date' => '2026-10-20', 'species' => 'walleye']] as $day) {
            foreach (PlanContract::answer($day + ['species' => 'largemouth_bass'])['ask'] as $ask) {
                self::assertMatchesRegularExpression('/^If it is .+, the .+\.$/', $ask['why']);
                self::assertTrue($ask['worth'] > 0 && $ask['worth'] <= 1);
            }
        }
    }

    /** With hidden true conditions, answering in this order reaches the full plan's first three lures in fewer answers. */
    public function test_asking_in_this_order_reaches_the_plan_sooner(): void
    {
        [$worth, $form, $chance] = Asking::compared(range(1, 24));
        self::assertLessThan($form, $worth);
        self::assertLessThan($chance, $worth);
    }

    /** W16, W20: low light at both ends of the day, and nothing without a date. */
    public function test_the_hours_of_a_day_follow_the_sun(): void
    {
        $day = self::settled(['date' => '2026-06-20', 'lat' => 37, 'lon' => -80, 'timezone' => 'America/New_York']);
        $hours = ByHour::of($day);
        // Sunrise at 37 degrees north on this day is a few minutes before six by summer time, sunset about twenty to nine.
        self::assertSame(range(360, 1260, 60), array_map(static fn (HourPlan $h): int => $h->minute, $hours));
        $by = array_combine(range(6, 21), $hours);
        self::assertGreaterThan($by[12]->mood, $by[6]->mood);
        self::assertStringContainsString('low light is over', implode(' ', array_map(static fn (HourPlan $h): string => (string) $h->why, $hours)));
        self::assertSame([], ByHour::of(self::settled(['stage' => 'summer'])));
        // The sun of a clear summer day is hardest on the fish at noon, so the best hour is one of low light, and of several alike the first.
        $best = ByHour::best($hours);
        self::assertTrue($day->atMinute($best->minute)->lowLight);
        self::assertSame(max(array_map(static fn (HourPlan $h): float => $h->mood, $hours)), $best->mood);
        self::assertSame($hours[0], ByHour::best([$hours[0], new HourPlan(1300, 'jerkbait', $hours[0]->mood, '')]));
    }

    /** W24: what is forecast holds from its hour on. */
    public function test_the_hours_follow_a_forecast(): void
    {
        $day = self::settled(['date' => '2026-06-20', 'lat' => 37, 'lon' => -80, 'timezone' => 'America/New_York', 'weather' => ['sky' => 'clear', 'wind_mph' => 2]]);
        $hours = array_combine(range(6, 21), ByHour::of($day, [new ForecastHour(840, Sky::Overcast, 14.0, null, null)]));
        self::assertSame('The sky turns: overcast.', (string) $hours[14]->why);
        self::assertGreaterThan($hours[13]->mood, $hours[14]->mood);
        $falling = array_map(static fn (int $h): ForecastHour => new ForecastHour(60 * $h, null, null, null, 1020.0 - 1.2 * ($h - 5)), range(5, 20));
        self::assertStringContainsString('The front: approaching', implode(' ', array_map(static fn (HourPlan $h): string => (string) $h->why, ByHour::of($day, $falling))));
        $answer = PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-06-20', 'hours' => true, 'forecast' => [['time' => '14:00', 'sky' => 'overcast']]]);
        self::assertGreaterThan(12, count($answer['by_hour']));
        self::assertArrayNotHasKey('by_hour', PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-06-20']));
    }

    /** W21: worked by hand: half of 9 ft is missing, a quarter two days later, so it halves every two days. */
    public function test_muddied_water_clears_towards_its_normal(): void
    {
        $water = ['date' => '2026-04-20', 'water' => ['visibility_ft' => 6.75, 'normal_visibility_ft' => 9, 'temp_f' => 60]];
        $clearing = Clearing::of(self::settled($water + ['visibility_history' => [['date' => '2026-04-18', 'visibility_ft' => 4.5]]]));
        self::assertEqualsWithDelta(log(2) / 2, $clearing?->perDay, 1e-9);
        self::assertFalse($clearing->guessed);
        self::assertEqualsWithDelta(2.0, $clearing->daysUntil(7.875), 1e-9);
        self::assertSame(0.0, $clearing->daysUntil(3.0));
        self::assertNull($clearing->daysUntil(9.5), 'this water never shows so much');
        self::assertNull(Clearing::of(self::settled(['date' => '2026-04-20', 'water' => ['visibility_ft' => 9, 'normal_visibility_ft' => 9]])));
        $muddy = PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'water' => ['visibility_ft' => 0.5, 'normal_visibility_ft' => 6, 'temp_f' => 60]]);
        self::assertLessThan($muddy['clearing']['passes_3_ft'], $muddy['clearing']['passes_1_ft']);
        self::assertStringContainsString('a guess', implode(' ', array_column($muddy['reading']['findings'], 'text')));
    }

    /** W25: 54 °F warming a degree a day reaches a spawn of 62 °F in eight days, and nobody says that day alone. */
    public function test_the_next_stage_is_told_as_a_span(): void
    {
        $temps = array_map(static fn (int $ago): array => ['date' => sprintf('2026-04-%02d', 20 - $ago), 'temp_f' => 56 - $ago], range(1, 5));
        $plan = PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'water' => ['temp_f' => 56], 'day_temps' => $temps]);
        self::assertSame('prespawn', $plan['reading']['stage']);
        self::assertSame(['spawn', '2026-04-26'], [$plan['outlook']['stage'], $plan['outlook']['likely']], 'six degrees at a degree a day');
        self::assertLessThan($plan['outlook']['likely'], $plan['outlook']['earliest']);
        self::assertGreaterThan($plan['outlook']['likely'], $plan['outlook']['latest']);
        self::assertArrayNotHasKey('outlook', PlanContract::answer(['species' => 'largemouth_bass', 'stage' => 'spawn']));
        foreach (Species::cases() as $species) {
            foreach ([[true, 'winter'], [false, 'summer']] as [$warming, $from]) {
                $stage = Stage::from($from);
                for ($steps = 0; ($next = StageTable::of($species)->next($stage, $warming)) !== null; $steps++) {
                    $stage = $next[0];
                }
                self::assertSame($warming ? [Stage::Summer, 5] : [Stage::Winter, 4], [$stage, $steps], $species->value);
            }
        }
    }

    public function test_a_bad_forecast_or_history_is_named(): void
    {
        $day = ['species' => 'largemouth_bass', 'date' => '2026-04-20'];
        foreach ([
            'forecast.0.time' => ['forecast' => [['sky' => 'clear']]], 'forecast.0.sky' => ['forecast' => [['time' => '08:00', 'sky' => 'green']]],
            'own_success.0.lure' => ['own_success' => [['lure' => 'magic', 'casts' => 1, 'contacts' => 0]]], 'own_success.0' => ['own_success' => [['lure' => 'tube']]],
            'day_temps.0' => ['day_temps' => [['date' => '2026-04-19']]], 'visibility_history.0.visibility_ft' => ['visibility_history' => [['date' => '2026-04-19', 'visibility_ft' => -1]]],
            'hours' => ['hours' => 'yes'],
        ] as $path => $wrong) {
            try {
                PlanContract::answer($day + $wrong);
                self::fail("{$path} was taken");
            } catch (InvalidInput $e) {
                self::assertContains($path, array_column($e->toArray(), 'path'));
            }
        }
    }

    /** M24: drawn towards the common value, and by a factor of 1.5 at most. */
    public function test_own_success_is_bounded_and_slow_to_believe(): void
    {
        self::assertSame([], OwnSuccess::ratios([new OwnSuccess('spinnerbait', 0, 0.0)]));
        $ratios = OwnSuccess::ratios([new OwnSuccess('spinnerbait', 400, 20.0), new OwnSuccess('swim_jig', 400, 4.0), new OwnSuccess('tube', 2, 1.0)]);
        self::assertGreaterThan(1.4, $ratios['spinnerbait']);
        self::assertLessThan(0.5, $ratios['swim_jig']);
        self::assertLessThan(2.0, $ratios['tube'], 'two casts prove little');
        $plan = PlanContract::answer(['species' => 'largemouth_bass', 'date' => '2026-06-20', 'own_success' => [['lure' => 'spinnerbait', 'casts' => 4000, 'contacts' => 300], ['lure' => 'swim_jig', 'casts' => 4000, 'contacts' => 3]]]);
        $own = [];
        foreach ($plan['lineup'] as $entry) {
            foreach ($entry['reasons'] as $reason) {
                if ($reason['factor'] === 'own') {
                    self::assertSame('M24', $reason['id']);
                    $own[$entry['lure']] = $reason['effect'];
                }
            }
        }
        self::assertSame(['spinnerbait' => 1.5, 'swim_jig' => 0.667], array_intersect_key($own, ['spinnerbait' => 1, 'swim_jig' => 1]));
    }

    /** @param  array<string, mixed>  $day */
    private static function settled(array $day): Settled
    {
        return Settler::settle(ConditionsReader::read($day + ['species' => 'largemouth_bass']));
    }

    /**
     * @param  array<string, float>  $worths
     * @return array<string, float>
     */
    private static function sorted(array $worths): array
    {
        arsort($worths);

        return $worths;
    }

    public function test_a_forecast_file_is_read_as_csv_and_as_json_in_any_of_its_forms(): void
    {
        $same = [['time' => '06:00', 'sky' => 'overcast', 'wind_mph' => 10.0, 'wind_from_deg' => 180.0, 'pressure_hpa' => 1010.5], ['time' => '07:00', 'sky' => 'rain', 'wind_mph' => 12.0]];
        self::assertEquals($same, ForecastFile::read("time,cloud_pct,wind_mph,wind_from_deg,pressure_hpa,rain\n06:00,90,10,180,1010.5,0\n07:00,95,12,,,2.5\n", null));
        self::assertEquals($same, ForecastFile::read("Time;Sky;Wind speed (m/s);Wind direction;Pressure\n2026-04-20 06:00;overcast;4.4704;180;1010.5\n2026-04-20 07:00;rain;5.36448;;\n2026-04-21 06:00;clear;1;;", '2026-04-20'));
        $json = ['hourly' => ['time' => ['2026-04-20T06:00', '2026-04-20T07:00'], 'cloud_cover' => [90, 80], 'precipitation' => [0, 1.2], 'windspeed' => [10, 12], 'winddirection' => [180, null], 'pressure' => [1010.5, null]]];
        self::assertEquals($same, ForecastFile::read((string) json_encode($json), '2026-04-20'));
        self::assertEquals($same, ForecastFile::read((string) json_encode([['hour' => 6, 'clouds' => 0.9, 'wind' => 10, 'wind_dir' => 180, 'hpa' => 1010.5], ['hour' => 7, 'rain' => 1, 'wind_kmh' => 19.312128]]), null));
    }

    public function test_what_is_no_forecast_says_so(): void
    {
        foreach (["a,b\n1,2", '{broken', '[]', '"text"', "time\n25:00", "time,sky\n2026-04-21 06:00,clear"] as $text) {
            try {
                ForecastFile::read($text, '2026-04-20');
                self::fail("taken: {$text}");
            } catch (InvalidInput $e) {
                self::assertSame('forecast', $e->problems[0]->path);
            }
        }
    }

    /** W24, W13: what nobody said of sky and wind is taken from the forecast of the hour; falling pressure is a front coming. */
    public function test_the_forecast_fills_what_was_not_said(): void
    {
        $hours = ForecastFile::read((string) file_get_contents(__DIR__.'/../../public/forecast-example.csv'), null);
        $day = static fn (string $time, array $more = []): Settled => Settler::settle(ConditionsReader::read(['species' => 'largemouth_bass', 'date' => '2026-04-20', 'time' => $time, 'forecast' => $hours] + $more));
        self::assertSame([Sky::Overcast, 9.0, Front::Approaching], [$day('08:30')->sky, $day('08:30')->windMph, $day('08:30')->front]);
        self::assertSame([Sky::Clear, Front::Post1], [$day('17:00')->sky, $day('17:00')->front]);
        self::assertSame(Sky::Clear, $day('08:30', ['weather' => ['sky' => 'clear']])->sky, 'what was said stands');
        self::assertTrue($day('04:00')->assumes('weather.sky'), 'before its first hour it says nothing');
    }
}
