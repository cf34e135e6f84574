<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Direction;
use OldEddy\Basics\Units\Speed;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Stage;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockRow;
use OldEddy\Where\Drift\DriftPlan;
use OldEddy\Where\Drift\Lane;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Lake\Shape;
use OldEddy\Where\Places\Backwater;
use OldEddy\Where\Places\Place;
use PHPUnit\Framework\TestCase;

/** S26 to S28: a flat is drifted lane by lane, an arm walked to its back, docks are taken by the depths of the pattern. */
final class DriftAndWalkTest extends TestCase
{
    /** S28, S7: a flat that falls to the south, drifted with a wind from the west: the deep edge first, each lane of one depth band, down the wind. */
    public function test_a_flat_is_drifted_from_the_deep_edge_in(): void
    {
        // Twelve inches deeper every ten metres south: 2 ft at the north shore.
        $grid = Lakes::grid(60, 60, static fn (int $c, int $r): float => max(0.0, ($r - 20) * 0.3 + 2), 5);
        $drift = DriftPlan::at($grid, Lakes::at($grid, 30, 35), Speed::fromMph(10), 270);
        self::assertNotNull($drift);
        self::assertEqualsWithDelta(90, $drift->headingDeg, 1e-9);
        $depths = array_map(static fn (Lane $l): float => $l->depthFt, $drift->lanes);
        $bands = array_map(static fn (float $d): int => $d >= 6.5 ? 0 : ($d >= 4 ? 1 : 2), $depths);
        $sorted = $bands;
        sort($sorted);
        self::assertSame($sorted, $bands, 'deep first, then shallower');
        self::assertSame([0, 1, 2], array_values(array_unique($bands)));
        foreach ($drift->lanes as $lane) {
            self::assertEqualsWithDelta(90, $lane->from->bearingTo($lane->to), 1.0);
            self::assertEqualsWithDelta($lane->from->feetTo($lane->to) / ($drift->speed->feetPerSecond() * 60), $lane->minutes, 0.06);
            self::assertEqualsWithDelta($lane->minutes * 60 / 45, $lane->casts, 0.6, 'a cast every 45 seconds');
        }
        self::assertEqualsWithDelta(array_sum(array_column(array_map(get_object_vars(...), $drift->lanes), 'minutes')), $drift->minutes(), 1e-9);
        self::assertGreaterThan($drift->speed->mph(), DriftPlan::at($grid, Lakes::at($grid, 30, 35), Speed::fromMph(20), 270)?->speed->mph());
    }

    public function test_without_wind_or_without_water_of_those_depths_nothing_is_drifted(): void
    {
        $flat = Lakes::grid(60, 60, static fn (): float => 5.0, 5);
        self::assertNull(DriftPlan::at($flat, Lakes::at($flat, 30, 30), Speed::fromMph(2), 270));
        $deep = Lakes::grid(60, 60, static fn (): float => 30.0, 5);
        self::assertNull(DriftPlan::at($deep, Lakes::at($deep, 30, 30), Speed::fromMph(10), 270));
        self::assertNull(DriftPlan::at(Lakes::grid(60, 60, static fn (): ?float => null, 5), Lakes::at($flat, 30, 30), Speed::fromMph(10), 270));
    }

    /** S27: in fall, cover from the main lake to the back; where the line pinches, first. */
    public function test_the_walk_to_the_backwater_goes_from_the_main_lake_in_and_begins_where_the_line_pinches(): void
    {
        $place = static fn (string $name, array $covers, ?Structure $structure = null, float $bend = 0.0): Place => new Place(
            $name, 37, -80, $structure, $covers, shape: new Shape(3, 0, $bend),
        );
        $places = [
            $place('back wood', [Cover::Wood]), $place('mouth dock', [Cover::Dock]), $place('bare bank', []), $place('mid brush', [Cover::Brush]),
            $place('notch', [], Structure::Notch), $place('bend', [Cover::Rock], null, -1 / 50), $place('other lake', [Cover::Wood]),
        ];
        $walk = Backwater::walk($places, [900, 100, 300, 500, 700, 400, INF]);
        self::assertSame(['bend', 'notch', 'mouth dock', 'mid brush', 'back wood'], array_map(static fn (array $s): string => $s['place']->name, $walk));
        self::assertSame([true, true, false, false, false], array_column($walk, 'pinch'));
        self::assertSame([], Backwater::walk(array_slice($places, 0, 3), [900, 100, 300]), 'two pieces are no walk');
        self::assertTrue(Backwater::isTime(Stage::Fall));
        self::assertFalse(Backwater::isTime(Stage::Prespawn));
    }

    public function test_the_main_lake_is_the_water_farthest_from_all_land(): void
    {
        $grid = Lakes::drawn('####################', '#.........##########', '#.........##########', '#.................##', '#.........##########', '#.........##########', '####################');
        $main = Backwater::mainLake(Ground::of($grid));
        self::assertNotNull($main);
        [$col, $row] = $grid->cellAt($main->lat, $main->lon);
        self::assertTrue($col >= 3 && $col <= 7 && $row === 3, "column {$col}, row {$row}");
        self::assertNull(Backwater::mainLake(Ground::of(Lakes::drawn('###', '###', '###'))));
    }

    /** S17, S26: docks by the depths of one that paid, or by the depth at which fish are met. */
    public function test_any_dock_is_ranked_by_the_depths_of_the_pattern(): void
    {
        $dock = static fn (string $name, float $in, float $out): DockPlan => new DockPlan($name, DockKind::Floating, $in, $out, 15, [], null);
        $docks = [$dock('shallow', 1, 4), $dock('twin', 3, 8.5), $dock('deep', 8, 16), $dock('paid', 3, 8)];
        self::assertSame(['paid', 'twin', 'shallow', 'deep'], array_map(static fn (array $d): string => $d['dock']->name, DockRow::byDepths($docks, [[3, 8]])));
        self::assertEqualsWithDelta([0.0, 0.25, 3.0, 6.5], array_column(DockRow::byDepths($docks, [[3, 8]]), 'offFt'), 1e-9);
        $at = DockRow::byDepths($docks, [[10, 10]]);
        self::assertSame('deep', $at[0]['dock']->name, 'only there are ten feet under it');
        self::assertEqualsWithDelta([0.0, 1.5, 2.0, 6.0], array_column($at, 'offFt'), 1e-9);
    }

    public function test_winds_are_averaged_as_arrows(): void
    {
        $mean = Direction::mean([[10, 350], [10, 10]]);
        self::assertEqualsWithDelta(10, $mean[0] ?? 0, 1e-9);
        self::assertEqualsWithDelta(0, fmod(($mean[1] ?? 90) + 1e-6, 360), 1e-4, 'north, not south');
        self::assertNull(Direction::mean([[10, 90], [10, 270]]));
        self::assertNull(Direction::mean([]));
        self::assertSame(45.0, Direction::back(225));
    }
}
