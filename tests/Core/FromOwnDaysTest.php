<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\WindDay;
use OldEddy\Day\Water\FromOwnDays;
use OldEddy\Day\Water\OwnDay;
use OldEddy\Day\Water\PoolLevel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** W22: trend, level, normal visibility and front from one's own days on the water. */
final class FromOwnDaysTest extends TestCase
{
    public function test_a_straight_warming_is_found_as_it_is(): void
    {
        $days = array_map(static fn (int $ago): OwnDay => new OwnDay($ago, tempF: 60 - 0.8 * $ago), [0, 2, 5, 9]);
        self::assertEqualsWithDelta(0.8, FromOwnDays::of($days)->tempTrendFPerDay, 1e-9);
        self::assertEqualsWithDelta(0.8, FromOwnDays::of(array_reverse($days))->tempTrendFPerDay, 1e-9, 'in any order');
    }

    /** The line through (−4, 50), (−2, 53), (0, 54) rises by 1.0 a day: sum of (x+2)(y−52.33) is 8, of (x+2)² is 8; by hand. */
    public function test_scattered_readings_are_met_by_least_squares(): void
    {
        self::assertEqualsWithDelta(1.0, FromOwnDays::of([new OwnDay(4, 50), new OwnDay(2, 53), new OwnDay(0, 54)])->tempTrendFPerDay, 1e-9);
    }

    public function test_too_few_too_old_or_too_steep_readings_say_nothing(): void
    {
        self::assertNull(FromOwnDays::of([])->tempTrendFPerDay);
        self::assertNull(FromOwnDays::of([new OwnDay(3, 55)])->tempTrendFPerDay, 'one reading');
        self::assertNull(FromOwnDays::of([new OwnDay(3, 55), new OwnDay(3, 57)])->tempTrendFPerDay, 'two of one day');
        self::assertNull(FromOwnDays::of([new OwnDay(40, 45), new OwnDay(30, 50)])->tempTrendFPerDay, 'long ago');
        self::assertNull(FromOwnDays::of([new OwnDay(1, 50), new OwnDay(0, 62)])->tempTrendFPerDay, 'another water');
    }

    /** W23: the winds of the two days before, from any day that noted one; today's own is the day's. */
    public function test_the_winds_of_the_days_before_are_kept(): void
    {
        $days = [new OwnDay(0, windMph: 9, windFromDeg: 90), new OwnDay(2, windMph: 12, windFromDeg: 180), new OwnDay(1, windMph: 8, windFromDeg: 200), new OwnDay(5, windMph: 20, windFromDeg: 10)];
        self::assertEquals([new WindDay(1, 8, 200), new WindDay(2, 12, 180)], FromOwnDays::of($days)->windDays);
        self::assertSame([], FromOwnDays::of([new OwnDay(1, windMph: 8)])->windDays, 'without a direction it warms nothing');
    }

    public function test_the_level_changes_by_the_week(): void
    {
        self::assertEqualsWithDelta(-1.5, FromOwnDays::of([new OwnDay(14, levelFt: 2.0), new OwnDay(7, levelFt: 0.5), new OwnDay(0, levelFt: -1.0)])->levelChangeFtPerWeek, 1e-9);
        self::assertNull(FromOwnDays::of([new OwnDay(0, levelFt: 1.0)])->levelChangeFtPerWeek);
        $said = [new OwnDay(30, poolReferenceFt: 640.0), new OwnDay(3, poolReferenceFt: 641.0), new OwnDay(1)];
        self::assertSame([641.0, null], [FromOwnDays::of($said)->poolReferenceFt, FromOwnDays::of([new OwnDay(1)])->poolReferenceFt], 'said once, as it was said last');
    }

    /** W22: the gauge says 641.3 ft where the map was made at 640; a level that is said outright goes first. */
    public function test_a_pool_is_read_by_its_gauge(): void
    {
        self::assertSame([1.3, -2.0, null, null], [PoolLevel::ft(null, 641.3, 640.0), PoolLevel::ft(-2.0, 641.3, 640.0), PoolLevel::ft(null, 641.3, null), PoolLevel::ft(null, null, 640.0)]);
        $day = static fn (array $water): float => Settler::settle(ConditionsReader::read(['species' => 'walleye', 'date' => '2026-06-01', 'water' => $water]))->riseFt();
        self::assertSame([1.3, 0.0], [$day(['pool_ft' => 641.3, 'pool_reference_ft' => 640]), $day(['pool_ft' => 641.3])]);
        $this->expectException(InvalidInput::class);
        $day(['pool_ft' => 64.13, 'pool_reference_ft' => 640]);
    }

    public function test_the_normal_is_the_median_of_clear_weather_days_before_today(): void
    {
        $clear = static fn (float $feet, int $ago = 10, Sky $sky = Sky::Clear): OwnDay => new OwnDay($ago, visibilityFt: $feet, sky: $sky);
        self::assertSame(5.0, FromOwnDays::of([$clear(4), $clear(5), $clear(9)])->normalVisibilityFt);
        self::assertSame(4.5, FromOwnDays::of([$clear(4), $clear(5), $clear(9), $clear(3, sky: Sky::Partly)])->normalVisibilityFt);
        self::assertNull(FromOwnDays::of([$clear(4), $clear(5)])->normalVisibilityFt, 'two days make no normal');
        self::assertNull(FromOwnDays::of([$clear(4), $clear(5), $clear(0.5, sky: Sky::Rain)])->normalVisibilityFt, 'rain muddies');
        self::assertSame(5.0, FromOwnDays::of([$clear(4), $clear(5), $clear(9), $clear(0.3, 0)])->normalVisibilityFt, 'today is not its own normal');
    }

    #[DataProvider('fronts')]
    public function test_a_front_goes_on_by_the_day(Front $noted, int $daysAgo, ?Front $today): void
    {
        self::assertSame($today, FromOwnDays::of([new OwnDay($daysAgo, front: $noted)])->front);
    }

    /** @return iterable<string, array{Front, int, ?Front}> */
    public static function fronts(): iterable
    {
        yield 'it approached yesterday' => [Front::Approaching, 1, Front::Passing];
        yield 'it passed yesterday' => [Front::Passing, 1, Front::Post1];
        yield 'it passed two days ago' => [Front::Passing, 2, Front::Post2];
        yield 'the second day after' => [Front::Post2, 1, Front::Recovering];
        yield 'it was recovering' => [Front::Recovering, 2, Front::Stable];
        yield 'stable says nothing of today' => [Front::Stable, 1, null];
        yield 'too long ago' => [Front::Post1, 4, null];
        yield 'today' => [Front::Passing, 0, null];
    }

    public function test_the_last_note_counts(): void
    {
        self::assertSame(Front::Post2, FromOwnDays::of([new OwnDay(3, front: Front::Approaching), new OwnDay(1, front: Front::Post1)])->front);
    }
}
