<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;
use OldEddy\Reading\StrikeRadius;
use OldEddy\Reading\Tightness;
use OldEddy\Rules\RuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the water says. Where no source is named: common practice, no source; numbers of F12 and F13 are our own. */
final class ReadingTest extends TestCase
{
    use Days;

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('speaking')]
    public function test_a_rule_speaks_when_its_conditions_hold_and_only_then(string $id, array $changes): void
    {
        self::assertContains($id, self::ids(self::reading($changes)), "{$id} should speak");
        self::assertNotContains($id, self::ids(self::reading()), "{$id} should be silent on the plain day");
        self::assertTrue(RuleBook::has($id));
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function speaking(): array
    {
        $spot = ['structure' => 'flat', 'depth_ft' => [2, 6]];
        $rows = [
            ['W1', ['water.visibility_ft' => 1, 'water.normal_visibility_ft' => 6]],
            ['W2', ['water.visibility_ft' => 1.5]],
            ['W3', ['water.visibility_ft' => 9, 'water.normal_visibility_ft' => 9]],
            ['W4', ['water.visibility_ft' => 0.5]],
            ['W5', ['water.days_since_storm' => 2, 'water.visibility_ft' => 1]],
            ['W6', ['water.inflow' => ['running' => true, 'relative_temp' => 'warmer']]],
            ['W7', ['weather.wind_mph' => 15]],
            ['W11', ['date' => '2026-07-20', 'water.temp_f' => 86]],
            ['W12', ['water.level_change_ft_per_week' => 2]],
            ['W13', ['weather.front' => 'approaching']],
            ['W14', ['weather.front' => 'post_1']],
            ['W15', ['weather.sky' => 'overcast']],
            ['W16', ['time' => '06:50']],
            ['W17', ['weather.wind_mph' => 12]],
            ['W18', ['time' => '08:00', 'spot' => $spot + ['cast_bearing_deg' => 270]]],
            ['F2', ['date' => '2026-01-20', 'water.temp_f' => 42]],
            ['F3', ['water.temp_f' => 49]],
            ['F5', ['water.temp_f' => 66]],
            ['F6', ['water.temp_f' => 74]],
            ['F7', ['date' => '2026-07-20', 'water.temp_f' => 82]],
            ['F8', ['date' => '2026-10-15', 'water.temp_f' => 60]],
            ['F9', ['date' => '2026-11-25', 'water.temp_f' => 50]],
            ['F10', ['water.visibility_ft' => 2, 'water.temp_f' => 64]],
            ['F11', ['species' => 'spotted_bass']],
            ['F14', ['observed' => ['follows']]],
            ['S8', ['water.current' => 'moderate']],
            ['S11', ['spot' => $spot + ['dock' => ['kind' => 'floating', 'depth_ft' => 4]]]],
            ['S12', ['spot' => $spot + ['dock' => ['kind' => 'piling', 'depth_ft' => 4]]]],
            ['S20', ['spot' => $spot + ['shaded' => true]]],
            ['S21', ['spot' => $spot + ['shaded' => true]]],
        ];

        return array_combine(array_column($rows, 0), $rows);
    }

    /** F4, F13, F15, W8, W9: these speak on the plain prespawn day, and fall silent when their season is over. */
    public function test_rules_of_the_plain_day(): void
    {
        $plain = self::ids(self::reading());
        foreach (['F4', 'F13', 'F15', 'W8', 'W9'] as $id) {
            self::assertContains($id, $plain);
        }
        $summer = self::ids(self::reading(['date' => '2026-07-20', 'water.temp_f' => 82]));
        foreach (['F4', 'F15', 'W9'] as $id) {
            self::assertNotContains($id, $summer);
        }
        self::assertStringContainsString('north-east', self::text('W9', self::reading(['weather.wind_from_deg' => 225, 'weather.wind_mph' => 9])));
    }

    /** F12: the words' limits, and each part where it belongs. */
    public function test_mood_in_parts(): void
    {
        self::assertSame('active', self::reading(['weather.front' => 'approaching', 'weather.sky' => 'overcast', 'weather.wind_mph' => 10])->mood->word());
        self::assertSame('neutral', self::reading()->mood->word());
        self::assertSame('negative', self::reading(['weather.front' => 'post_1'])->mood->word());
        foreach ([
            ['stage', []], ['wind', ['weather.wind_mph' => 10]], ['light', ['time' => '06:50']], ['sky', ['weather.sky' => 'rain']],
            ['trend', ['water.temp_trend_f_per_day' => 1]], ['front', ['weather.front' => 'approaching']],
        ] as [$key, $day]) {
            self::assertGreaterThan(0.0, self::moodPart(self::reading($day), $key), $key);
        }
        foreach ([['clarity', ['water.visibility_ft' => 0.9]], ['pressure', ['pressure' => 'heavy']]] as [$key, $day]) {
            self::assertLessThan(0.0, self::moodPart(self::reading($day), $key), $key);
        }
    }

    public function test_dirtier_water_holds_fish_shallower_and_clearer_water_deeper(): void
    {
        $deep = 0.0;
        foreach ([0.3, 0.8, 1.5, 3, 6, 12, 25] as $visibility) {
            $reading = self::reading(['water.visibility_ft' => $visibility, 'water.normal_visibility_ft' => $visibility]);
            self::assertGreaterThanOrEqual($deep, $reading->stand->deepFt);
            $deep = $reading->stand->deepFt;
        }
        self::assertSame(Tightness::Tight, self::reading(['water.visibility_ft' => 0.5])->stand->tightness);
    }

    /** W6: the very back of the creek when the inflow is warmer; out to the points when it is cold mud (school cold_mud). */
    public function test_inflow_moves_the_fish(): void
    {
        $warm = self::reading(['water.temp_f' => 52, 'water.inflow' => ['running' => true, 'relative_temp' => 'warmer', 'muddy' => true]]);
        self::assertSame('back_of_creek', $warm->stand->structures[0]->value);
        self::assertFalse($warm->leave);
        $cold = ['water.temp_f' => 52, 'water.inflow' => ['running' => true, 'relative_temp' => 'colder', 'muddy' => true]];
        self::assertTrue(self::reading($cold)->leave);
        self::assertSame('main_point', self::reading($cold)->stand->structures[0]->value);
        self::assertFalse(self::reading($cold + ['spot' => ['structure' => 'main_point']])->leave);
        $stay = self::reading($cold + ['schools' => ['cold_mud' => 'stay_slow']]);
        self::assertFalse($stay->leave);
        self::assertSame(Tightness::Tight, $stay->stand->tightness);
        self::assertEqualsWithDelta(-0.8, self::moodPart(self::reading($cold), 'inflow'), 1e-9);
    }

    /** W14: after a front tight, and at a weed edge down to its deep side, 10-15 ft. */
    public function test_a_front_shrinks_the_strike_zone_and_sends_them_to_the_deep_edge(): void
    {
        $edge = ['spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 16]], 'water.temp_f' => 68];
        $before = self::reading($edge);
        $after = self::reading($edge + ['weather.front' => 'post_1', 'weather.sky' => 'clear']);
        self::assertLessThan($before->strikeRadiusFt(), $after->strikeRadiusFt());
        self::assertLessThanOrEqual(1.0, $after->strikeRadiusFt());
        self::assertSame(Tightness::Tight, $after->stand->tightness);
        self::assertGreaterThanOrEqual(8.0, $after->stand->shallowFt);
        self::assertEqualsWithDelta(-0.6, self::moodPart($after, 'front'), 1e-9);
        self::assertEqualsWithDelta(-0.4, self::moodPart(self::reading(['weather.front' => 'post_2']), 'front'), 1e-9);
        self::assertEqualsWithDelta(-0.1, self::moodPart(self::reading(['weather.front' => 'recovering']), 'front'), 1e-9);
    }

    /** F13 with W14: the knots 0.5, 1.5 and 4 ft; never more than 0.8 of the visibility, plus 1 ft for sound. */
    public function test_strike_radius(): void
    {
        self::assertEqualsWithDelta(0.5, StrikeRadius::feet(-1, 20), 1e-9);
        self::assertEqualsWithDelta(1.5, StrikeRadius::feet(0.05, 20), 1e-9);
        self::assertEqualsWithDelta(4.0, StrikeRadius::feet(1, 20), 1e-9);
        self::assertEqualsWithDelta(0.8, StrikeRadius::feet(1, 1), 1e-9);
        self::assertEqualsWithDelta(1.8, StrikeRadius::feet(1, 1, true), 1e-9);
        $last = 0.0;
        for ($mood = -1.0; $mood <= 1.0; $mood += 0.01) {
            $now = StrikeRadius::feet($mood, 20);
            self::assertGreaterThanOrEqual($last, $now);
            self::assertLessThan(0.2, $now - $last + ($last === 0.0 ? -0.5 : 0.0), 'smooth');
            $last = $now;
        }
    }

    /** S11, S12. */
    public function test_docks(): void
    {
        $at = static fn (string $kind, float $depth, array $more = []): Reading => self::reading(
            ['spot' => ['structure' => 'dock', 'depth_ft' => [2, 30], 'dock' => ['kind' => $kind, 'depth_ft' => $depth]]] + $more,
        );
        self::assertSame(Column::Bottom, $at('floating', 4)->stand->column);
        self::assertSame(Column::Suspended, $at('floating', 12)->stand->column);
        self::assertSame(Column::Suspended, $at('floating', 12, ['water.visibility_ft' => 0.8])->stand->column);
        self::assertSame(Column::Bottom, $at('piling', 4)->stand->column);
        self::assertSame(Column::Bottom, $at('piling', 9)->stand->column);
        self::assertLessThanOrEqual(8.0, $at('floating', 12)->stand->deepFt);
    }

    /** S20, S21: shade counts from 55 °F (school shade_from_f: 50), not under clouds; in murk fish hug the bank. */
    public function test_shade(): void
    {
        $spot = ['spot' => ['structure' => 'flat', 'depth_ft' => [1, 10], 'shaded' => true]];
        $ids = static fn (array $more): array => self::ids(self::reading($spot + $more));
        self::assertContains('S21', $ids(['water.temp_f' => 56]));
        self::assertNotContains('S21', $ids(['water.temp_f' => 53]));
        self::assertContains('S21', $ids(['water.temp_f' => 53, 'schools' => ['shade_from_f' => '50']]));
        self::assertNotContains('S21', $ids(['water.temp_f' => 65, 'weather.sky' => 'overcast']));
        self::assertLessThanOrEqual(3.0, self::reading($spot + ['water.temp_f' => 75, 'water.visibility_ft' => 1.2])->stand->deepFt);
        self::assertSame(Column::Suspended, self::reading($spot + ['water.temp_f' => 75, 'water.visibility_ft' => 7])->stand->column);
    }

    /** F11, W12, W15. */
    public function test_habits_level_and_clouds(): void
    {
        self::assertSame(Column::Suspended, self::reading(['species' => 'spotted_bass', 'date' => '2026-07-10', 'water.temp_f' => 80])->stand->column);
        self::assertSame(Column::Bottom, self::reading(['species' => 'spotted_bass', 'water.temp_f' => 64])->stand->column);
        self::assertLessThan(self::reading()->stand->deepFt, self::reading(['water.level_change_ft_per_week' => 2])->stand->deepFt);
        self::assertGreaterThanOrEqual(2.0, self::reading(['water.temp_f' => 66, 'water.level_change_ft_per_week' => -1.5])->stand->shallowFt);
        self::assertLessThan(self::reading(['weather.sky' => 'clear'])->stand->deepFt, self::reading(['weather.sky' => 'overcast'])->stand->deepFt);
    }

    /** W18: shadow within 30° of the cast while the sun is under 45° high. */
    public function test_shadow_warning(): void
    {
        $at = static fn (string $time, float $bearing): ?string => self::reading(
            ['time' => $time, 'weather.sky' => 'clear', 'spot' => ['cast_bearing_deg' => $bearing]],
        )->shadowWarning();
        self::assertNotNull($at('08:00', 270));
        self::assertNull($at('08:00', 180));
        self::assertNull($at('13:20', 0), 'the sun is high');
    }

    /** W13, cut points our own: 2 hPa in 3 h. */
    public function test_front_from_a_pressure_series(): void
    {
        $front = static fn (array $hpa): string => self::reading(
            ['weather' => [
                'pressure_series' => array_map(static fn (int $i, float $p): array => ['hours_ago' => $i * 3, 'hpa' => $p], array_keys($hpa), $hpa),
            ]],
        )->day->front->value;
        self::assertSame('approaching', $front([1004, 1007, 1009]));
        self::assertSame('stable', $front([1013, 1013.5, 1013, 1012]));
        self::assertSame('post_1', $front([1012, 1008, 1003, 1007, 1010]));
        self::assertSame('stable', $front([1013, 1010, 1010, 1010]), 'a rise without a fall before it');
        self::assertSame('post_2', $front([1015, 1015, 1015, 1015, 1015, 1015, 1015, 1015, 1015, 1015, 1012, 1008, 1004, 1008]));
    }

    public function test_unknown_inputs_become_named_assumptions(): void
    {
        $reading = \OldEddy\Reading\WaterReader::read(
            \OldEddy\Day\Conditions\Settler::settle(\OldEddy\Contract\ConditionsReader::read(['species' => 'largemouth_bass', 'stage' => 'summer'])),
        );
        $paths = array_map(static fn ($a): string => $a->path, $reading->day->assumed);
        foreach ([
            'water.temp_f', 'water.visibility_ft', 'water.normal_visibility_ft', 'weather.sky', 'weather.wind_mph', 'weather.front', 'spot', 'time',
            'lat', 'pressure',
        ] as $path) {
            self::assertContains($path, $paths);
        }
        self::assertNull(self::assumption('water.temp_f'));
        self::assertNotNull(self::assumption('waterbody', ['waterbody' => null]));
    }

    /** @param  array<string, mixed>  $changes */
    private static function assumption(string $path, array $changes = []): ?string
    {
        foreach (self::reading($changes)->day->assumed as $assumption) {
            if ($assumption->path === $path) {
                return $assumption->text;
            }
        }

        return null;
    }

    private static function text(string $id, Reading $reading): string
    {
        foreach ($reading->findings() as $finding) {
            if ($finding->id === $id) {
                return $finding->text;
            }
        }

        return '';
    }

    /** @return list<string> */
    private static function ids(Reading $reading): array
    {
        return array_map(static fn ($f): string => $f->id, $reading->findings());
    }

    private static function moodPart(Reading $reading, string $key): float
    {
        foreach ($reading->mood->parts as $part) {
            if ($part->key === $key) {
                return $part->value;
            }
        }

        return 0.0;
    }
}
