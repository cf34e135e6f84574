<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\Craft;
use OldEddy\Where\Route\Runs;
use OldEddy\Where\Route\Sea;
use OldEddy\Where\Route\WaterWays;
use OldEddy\Where\Route\Waves;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use SplPriorityQueue;

/** The boat's runs: the shortest way over water at any angle, and what waves, zones and shallow bars do to it. */
final class RunsTest extends TestCase
{
    public function test_around_a_wall_the_way_is_the_one_a_string_would_take(): void
    {
        // Two basins, a wall of three columns between, open below row 50.
        $grid = Lakes::grid(60, 60, static fn (int $c, int $r): float => $c > 28 && $c < 32 && $r < 50 ? 0.0 : 8.0);
        [$a, $b] = [Lakes::at($grid, 20, 10), Lakes::at($grid, 40, 10)];
        $way = self::runs($grid)->between($a, $b);
        // By Pythagoras, around the two corners of the wall at columns 28.5 and 31.5, row 49.5.
        $shortest = Length::fromMetres(10 * (2 * hypot(8.5, 39.5) + 3))->feet();
        self::assertEqualsWithDelta($shortest, Runs::feet($way), 0.002 * $shortest);
        self::assertCount(4, $way, 'from, two corners, to');
        self::assertSame([$a, $b], [$way[0], $way[3]], 'it begins and ends where the places are, not in the middle of a cell');
        $shut = Lakes::grid(60, 60, static fn (int $c, int $r): float => $c > 28 && $c < 32 ? 0.0 : 8.0);
        self::assertSame([], self::runs($shut)->between($a, $b));
        self::assertSame(INF, self::runs($shut)->minutes([$a, $b])[0][1]);
    }

    /** @return array<string, array{int}> */
    public static function lakes(): array
    {
        return ['first' => [1], 'second' => [2], 'third' => [3], 'fourth' => [4], 'fifth' => [5]];
    }

    /**
     * At most one per cent longer than the shortest way over water. From outside: another method, Dijkstra over every step of up to nine
     * cells whose straight line is looked along finely; it can only be too long.
     */
    #[DataProvider('lakes')]
    public function test_no_way_is_one_per_cent_longer_than_the_shortest_over_water(int $seed): void
    {
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', "lake {$seed}", true)));
        [$p, $q] = [$luck->getInt(5, 9), $luck->getInt(4, 8)];
        $grid = Lakes::grid(44, 40, static fn (int $c, int $r): float => $c < 2 || $r < 2 || $c > 41 || $r > 37 ? 0.0
            : max(0.0, 5 + 9 * sin($c / $p + $seed) * cos($r / $q) + 3 * sin(($c + 2 * $r) / 5)));
        $runs = self::runs($grid);
        $tried = 0;
        $from = self::somewhere($grid, $luck);
        $far = self::byBruteForce($grid, $from);
        for ($n = 0; $n < 12; $n++) {
            $to = self::somewhere($grid, $luck);
            $way = $runs->between(Lakes::at($grid, $from % 44, intdiv($from, 44)), Lakes::at($grid, $to % 44, intdiv($to, 44)));
            self::assertSame(isset($far[$to]), $way !== [], 'both find a way, or neither');
            if (isset($far[$to]) && $far[$to] > 5) {
                self::assertLessThanOrEqual(1.01 * $far[$to], Length::fromFeet(Runs::feet($way))->metres() / 10);
                $tried++;
                foreach (self::along($way) as $at) {
                    self::assertGreaterThanOrEqual(Craft::USUAL_DRAFT_FT, $grid->at($at->lat, $at->lon), 'over water all the way');
                }
            }
        }
        self::assertGreaterThan(3, $tried);
    }

    /** W12: a bar of 3 ft floats the boat at the map's level, and does not when the water is two feet lower; a boat of less draft still passes. */
    public function test_a_shallow_bar_is_gone_around_by_todays_level_and_the_boats_draft(): void
    {
        $grid = Lakes::drawn('##########', '#...33...#', '#...33...#', '#...33...#', '#...##...#', '#........#', '##########');
        [$a, $b] = [Lakes::at($grid, 2, 1), Lakes::at($grid, 7, 1)];
        $feet = static fn (float $rise, float $draft): float => Runs::feet(
            (new Runs(new Craft(Speed::fromMph(20), $draft), new WaterWays($grid->atLevel($rise), $draft), Sea::flat()))->between($a, $b),
        );
        $straight = $a->feetTo($b);
        self::assertEqualsWithDelta($straight, $feet(0, 1.5), 0.01);
        self::assertGreaterThan(1.5 * $straight, $feet(-2, 1.5), 'around by the deep end');
        self::assertEqualsWithDelta($straight, $feet(-2, 0.7), 0.01, 'a canoe slides over');
        self::assertGreaterThan(1.5 * $straight, $feet(0, 4.0), 'a deep keel does not');
    }

    /** On flat water minutes are the way by the speed; a no-wake zone across it costs what idling through it takes. */
    public function test_minutes_are_way_by_speed_and_no_wake_zones_are_idled_through(): void
    {
        $grid = Lakes::grid(80, 12, static fn (int $c, int $r): float => 8.0);
        $places = [Lakes::at($grid, 5, 6), Lakes::at($grid, 75, 6)];
        $flat = self::runs($grid)->minutes($places)[0][1];
        self::assertEqualsWithDelta(700 / (20 * 0.44704 * 60), $flat, 0.001);
        // A band of 200 m over the whole width of the lake.
        [$nw, $se] = [$grid->position(30, -1), $grid->position(50, 12)];
        $zone = [[$nw[1], $nw[0]], [$se[1], $nw[0]], [$se[1], $se[0]], [$nw[1], $se[0]]];
        $slow = (new Runs(new Craft(Speed::fromMph(20)), new WaterWays($grid), Sea::flat([$zone])))->minutes($places)[0][1];
        self::assertEqualsWithDelta(200 / (Craft::NO_WAKE_MPH * 0.44704 * 60) + 500 / (20 * 0.44704 * 60), $slow, 0.25);
        $canoe = new Runs(new Craft(Speed::fromMph(3)), new WaterWays($grid), Sea::flat([$zone]));
        self::assertEqualsWithDelta(700 / (3 * 0.44704 * 60), $canoe->minutes($places)[0][1], 0.01, 'who is slower anyway loses nothing');
    }

    public function test_into_the_waves_takes_longer_than_with_them_and_the_lee_is_flat(): void
    {
        $grid = Lakes::grid(200, 30, static fn (int $c, int $r): float => 20.0, 30.0);
        $sea = Sea::of($grid, Speed::fromMph(22), 270);
        $runs = new Runs(new Craft(Speed::fromMph(25)), new WaterWays($grid), $sea);
        [$west, $east] = [Lakes::at($grid, 4, 15), Lakes::at($grid, 195, 15)];
        [$with, $into] = [$runs->minutes([$west, $east])[0][1], $runs->minutes([$west, $east])[1][0]];
        $flat = self::runs($grid, 25)->minutes([$west, $east])[0][1];
        self::assertGreaterThan(1.1 * $with, $into, 'the sea ahead costs most');
        self::assertGreaterThan(1.02 * $flat, $with, 'a following sea costs a little');
        self::assertLessThan(0.3, $sea->waveFt($west), 'the west shore lies in the lee');
        self::assertGreaterThan(0.8, $sea->waveFt($east), 'six kilometres of open water');
        self::assertSame($sea->highestFt(), max(array_map(static fn (int $c): float => $sea->waveFt(Lakes::at($grid, $c, 15)), range(0, 199))));
        self::assertTrue(Sea::of($grid, Speed::fromMph(3), 270)->isFlat());
        // Halved in a sea of a foot and a half ahead, hardly slowed by one from behind.
        self::assertEqualsWithDelta(0.5, Craft::leftInWaves(1.5, 0), 1e-9);
        self::assertGreaterThan(0.75, Craft::leftInWaves(1.5, 180));
        self::assertSame(1.0, Craft::leftInWaves(0, 45));
    }

    /**
     * Source: the deep-water limit of the same manual, gH/U² = 0.0016 √(gF/U²), value from memory; and that waves grow with wind, fetch
     * and depth, common practice.
     */
    public function test_waves_are_those_of_the_manual(): void
    {
        $height = static fn (float $mph, float $fetchM, float $depthM): float => Waves::heightFt(
            Speed::fromMph($mph), Length::fromMetres($fetchM), Length::fromMetres($depthM),
        );
        foreach ([[15, 800], [20, 2000], [30, 5000]] as [$mph, $fetch]) {
            $stress = 0.71 * ($mph * 0.44704) ** 1.23;
            $deep = 0.0016 * sqrt(9.80665 * $fetch) * $stress / 9.80665;
            self::assertEqualsWithDelta($deep, $height($mph, $fetch, 500) * 0.3048, 0.02 * $deep);
        }
        self::assertGreaterThan($height(15, 2000, 5), $height(20, 2000, 5));
        self::assertGreaterThan($height(15, 2000, 5), $height(15, 4000, 5));
        self::assertGreaterThan($height(30, 9000, 2), $height(30, 9000, 10));
        self::assertSame([0.0, 0.0, 0.0], [$height(3, 5000, 5), $height(20, 0, 5), $height(20, 500, 0)]);
    }

    public function test_where_no_depths_are_known_a_run_is_straight_and_a_third_longer(): void
    {
        [$here, $there] = [new Position(37.0, -80.0), new Position(37.01, -80.0)];
        $runs = new Runs(new Craft(Speed::fromMph(20)), null, Sea::flat());
        // A hundredth of a degree of latitude is 1 112 m (the metre's own definition: a quarter meridian of ten million).
        self::assertEqualsWithDelta(1112 * 1.33 / (20 * 0.44704 * 60), $runs->minutes([$here, $there])[0][1], 0.02);
        self::assertSame([$here, $there], $runs->line([$here, $there]));
        self::assertSame('b', $here->nearest(['a' => new Position(37.002, -80.0), 'b' => new Position(37.0005, -80.0)], 100));
        self::assertNull($here->nearest(['a' => new Position(37.002, -80.0)], 100));
        self::assertNull($here->nearest([], 100));
    }

    public function test_a_spot_on_the_bank_is_left_to_a_boat_that_lies_off_it(): void
    {
        $grid = Lakes::drawn('#########', '####....#', '####....#', '#########');
        $runs = self::runs($grid);
        self::assertNotSame([], $runs->between(Lakes::at($grid, 2, 1), Lakes::at($grid, 7, 2)));
        $wide = Lakes::grid(30, 3, static fn (int $c, int $r): float => $c > 20 ? 8.0 : 0.0);
        self::assertSame([], self::runs($wide)->between(Lakes::at($wide, 3, 1), Lakes::at($wide, 25, 1)), 'but not across a hill');
    }

    private static function runs(DepthGrid $grid, float $mph = 20): Runs
    {
        return new Runs(new Craft(Speed::fromMph($mph)), new WaterWays($grid), Sea::flat());
    }

    private static function somewhere(DepthGrid $grid, Randomizer $luck): int
    {
        do {
            $cell = $luck->getInt(0, $grid->cols * $grid->rows - 1);
        } while (($grid->depthsFt[$cell] ?? 0) < Craft::USUAL_DRAFT_FT);

        return $cell;
    }

    private static function areCoprime(int $a, int $b): bool
    {
        return $b === 0 ? $a === 1 : self::areCoprime($b, $a % $b);
    }

    /** @return array<int, float> cells to every cell */
    private static function byBruteForce(DepthGrid $grid, int $from): array
    {
        $floats = static fn (float $c, float $r): bool => ($grid->cell((int) round($c), (int) round($r)) ?? 0.0) >= Craft::USUAL_DRAFT_FT;
        $steps = [];
        for ($y = -9; $y <= 9; $y++) {
            for ($x = -9; $x <= 9; $x++) {
                if ($x * $x + $y * $y > 0 && self::areCoprime(abs($x), abs($y))) {
                    $steps[] = [$x, $y, hypot($x, $y)];
                }
            }
        }
        [$far, $done] = [[$from => 0.0], []];
        $queue = new SplPriorityQueue;
        $queue->insert($from, 0.0);
        while (! $queue->isEmpty()) {
            $cell = $queue->extract();
            if (isset($done[$cell])) {
                continue;
            }
            $done[$cell] = true;
            [$c, $r] = [$cell % $grid->cols, intdiv($cell, $grid->cols)];
            foreach ($steps as [$x, $y, $long]) {
                for ($i = 1, $parts = (int) ceil(12 * $long); $i <= $parts; $i++) {
                    if (! $floats($c + $x * $i / $parts, $r + $y * $i / $parts)) {
                        continue 2;
                    }
                }
                $to = ($r + $y) * $grid->cols + $c + $x;
                if ($far[$cell] + $long < ($far[$to] ?? INF) - 1e-9) {
                    $far[$to] = $far[$cell] + $long;
                    $queue->insert($to, -$far[$to]);
                }
            }
        }

        return $far;
    }

    /**
     * @param  list<Position>  $way
     * @return iterable<Position>
     */
    private static function along(array $way): iterable
    {
        for ($i = 1; $i < count($way); $i++) {
            for ($t = 0.01; $t < 1; $t += 0.02) {
                yield new Position(
                    $way[$i - 1]->lat + $t * ($way[$i]->lat - $way[$i - 1]->lat), $way[$i - 1]->lon + $t * ($way[$i]->lon - $way[$i - 1]->lon),
                );
            }
        }
    }
}
