<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Distances;
use OldEddy\Where\Route\Leg;
use OldEddy\Where\Route\OnRoute;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Stop;
use OldEddy\Where\Route\Timetable;
use OldEddy\Where\Route\WaterWays;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class RouteTest extends TestCase
{
    public function test_small_days_are_within_three_per_cent_of_the_best_of_all_orders(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            $problem = self::day(7, $seed, 120 + 10 * ($seed % 5));
            $best = self::brute($problem, []);
            self::assertGreaterThanOrEqual(0.97 * $best, $problem->worth(Router::solve($problem)), "day {$seed}");
        }
    }

    public function test_the_route_keeps_the_time_and_the_locked_stops(): void
    {
        for ($seed = 30; $seed <= 40; $seed++) {
            $problem = self::day(16, $seed, 240, [3, 11]);
            $order = Router::solve($problem);
            self::assertSame([], array_diff([3, 11], $order), 'locked');
            self::assertSame($order, array_values(array_unique($order)));
            self::assertLessThanOrEqual(240, $problem->minutes($order));
            self::assertSame($order, Router::solve($problem), 'the same problem, the same route');
        }
        self::assertSame([], Router::solve(self::day(5, 1, 15, [0, 1, 2])), 'locked stops that do not fit are told, not dropped');
    }

    public function test_what_is_asked_of_a_spot(): void
    {
        $asked = new AskedRoute(420, 900, 15, Speed::fromMph(20), locked: [3], forbidden: [5], start: 7);
        self::assertSame([OnRoute::Must, OnRoute::Out, OnRoute::May], array_map($asked->onRoute(...), [3, 5, 9]));
        self::assertSame([3 => true, 5 => false, 7 => false, 9 => true], array_map($asked->allows(...), [3 => 3, 5 => 5, 7 => 7, 9 => 9]), 'the start is no stop');
        $now = $asked->fromNow(600, 9, new Position(37, -80));
        self::assertTrue($now->allows(9), 'on the water one may come back to where one stands');
        self::assertSame([600, 900, 9, [3], [5]], [$now->from, $now->to, $now->start, $now->locked, $now->forbidden]);
        self::assertEqualsWithDelta(5.0, $asked->miles(15), 1e-9, 'a quarter of an hour at 20 miles an hour');
    }

    public function test_a_stop_is_made_in_its_hour(): void
    {
        $flat = array_fill(0, 24, 0.5);
        $early = array_replace($flat, [6 => 3.0, 7 => 3.0]);
        $late = array_replace($flat, [8 => 3.0, 9 => 3.0]);
        $run = array_fill(0, 4, array_fill(0, 4, 5.0));
        self::assertSame([1, 0], Router::solve(new RouteTask([new Stop('late', $late, 100), new Stop('early', $early, 100)], $run, 360, 600)));
    }

    public function test_nobody_crosses_the_lake_for_a_trifle(): void
    {
        $near = new Stop('near', array_fill(0, 24, 1.0), 60);
        $far = new Stop('far', array_fill(0, 24, 1.05), 60);
        $run = [[0.0, 2.0, 10.0, 0.0], [2.0, 0.0, 9.0, 2.0], [10.0, 9.0, 0.0, 10.0], [0.0, 2.0, 10.0, 0.0]];
        self::assertSame([0], Router::solve(new RouteTask([$near, $far], $run, 360, 450)), 'one of them fits, and five per cent are not worth sixteen minutes');
        $much = new Stop('far', array_fill(0, 24, 1.5), 60);
        self::assertSame([1], Router::solve(new RouteTask([$near, $much], $run, 360, 450)));
    }

    public function test_a_timetable_adds_up_runs_stops_and_fuel(): void
    {
        $problem = self::day(6, 3, 240);
        $order = Router::solve($problem);
        $table = Timetable::of($problem, $order, 6.0);
        self::assertSame($order, array_map(static fn (Leg $l): int => $l->stop, $table->legs));
        self::assertEqualsWithDelta(360 + $problem->minutes($order), $table->backAt, 1e-9);
        self::assertLessThanOrEqual(600, $table->backAt);
        $running = $table->homeMin + array_sum(array_map(static fn (Leg $l): float => $l->runMin, $table->legs));
        self::assertEqualsWithDelta(6.0 * $running / 60, $table->fuel, 1e-9);
        self::assertEqualsWithDelta($problem->minutes($order) - $running, 12 * count($order), 1e-9, 'the rest is fishing');
        foreach ($table->legs as $i => $leg) {
            self::assertEqualsWithDelta(12, $leg->to - $leg->at, 1e-9);
            self::assertGreaterThanOrEqual($i === 0 ? 360 : $table->legs[$i - 1]->to, $leg->at);
        }
        self::assertSame(0.0, Timetable::of($problem, $order)->fuel);
    }

    public function test_runs_go_over_water_and_not_over_land(): void
    {
        // Two basins joined by a channel at the bottom; a wall of land between.
        $depths = [];
        for ($row = 0; $row < 60; $row++) {
            for ($col = 0; $col < 60; $col++) {
                $depths[] = $col > 28 && $col < 32 && $row < 50 ? 0.0 : 8.0;
            }
        }
        $grid = new DepthGrid(37, -80, 10, 60, 60, $depths);
        $ways = new WaterWays($grid);
        [$a, $b] = [new Position(...$grid->position(20, 10)), new Position(...$grid->position(40, 10))];
        [$feet] = $ways->feetTo($a, [$b]);
        $around = 2 * sqrt(10 ** 2 + 40 ** 2) * 10 / 0.3048;
        self::assertGreaterThan($around * 0.98, $feet);
        self::assertLessThan($around * 1.08, $feet, 'sixteen directions make it a little longer');
        self::assertLessThan(8, count($ways->between($a, $b)), 'pulled tight');
        foreach ($ways->between($a, $b) as $at) {
            self::assertGreaterThan(0, $grid->at($at->lat, $at->lon));
        }
        $shut = new WaterWays(
            new DepthGrid(
                37,
                -80,
                10,
                60,
                60,
                array_map(static fn (float $d, int $i): float => $i % 60 > 28 && $i % 60 < 32 ? 0.0 : $d, $depths, array_keys($depths)),
            ),
        );
        self::assertSame([INF], $shut->feetTo($a, [$b]));
        self::assertSame([], $shut->between($a, $b));
    }

    public function test_a_way_found_once_is_known_both_ways_and_found_no_more(): void
    {
        $grid = new DepthGrid(37, -80, 10, 20, 20, array_fill(0, 400, 8.0));
        $at = static fn (int $col, int $row): Position => new Position(...$grid->position($col, $row));
        $places = [$at(1, 1), $at(18, 3), $at(5, 17)];
        $found = new Distances(new WaterWays($grid));
        $feet = $found->between($places);
        self::assertSame(0.0, $feet[0][0]);
        self::assertSame($feet[0][2], $feet[2][0]);
        // What is known is taken as it is: a store that was tampered with shows in the answer.
        $known = $found->known();
        foreach ($known as $from => $to) {
            $known[$from] = array_map(static fn (float $f): float => $f + 1000, $to);
        }
        $again = (new Distances(new WaterWays($grid), $known))->between([...$places, $at(10, 10)]);
        self::assertEqualsWithDelta($feet[0][1] + 1000, $again[0][1], 1e-9);
        self::assertEqualsWithDelta($at(1, 1)->feetTo($at(10, 10)), $again[3][0], 120, 'only the new place is found');
    }

    public function test_where_no_depths_are_known_a_run_is_straight_and_a_third_longer(): void
    {
        $here = new Position(37.0, -80.0);
        $there = new Position(37.01, -80.0);
        // A hundredth of a degree of latitude is 1 112 m, 3 648 ft (the metre's own definition: a quarter meridian of ten million).
        self::assertEqualsWithDelta(3648 * 1.33, (new Distances(null))->between([$here, $there])[0][1], 15);
        self::assertSame('b', $here->nearest(['a' => new Position(37.002, -80.0), 'b' => new Position(37.0005, -80.0)], 100));
        self::assertNull($here->nearest(['a' => new Position(37.002, -80.0)], 100));
        self::assertNull($here->nearest([], 100));
    }

    /** @param  list<int>  $locked */
    private static function day(int $stops, int $seed, int $minutes, array $locked = []): RouteTask
    {
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', "route {$seed}", true)));
        $at = [];
        for ($i = 0; $i < $stops + 2; $i++) {
            $at[] = [$luck->getInt(0, 100), $luck->getInt(0, 100)];
        }
        $run = array_map(static fn (array $a): array => array_map(static fn (array $b): float => 0.25 * hypot($a[0] - $b[0], $a[1] - $b[1]), $at), $at);
        $made = [];
        for ($i = 0; $i < $stops; $i++) {
            [$base, $peak] = [$luck->getInt(20, 100) / 100, $luck->getInt(6, 18)];
            $made[] = new Stop(
                "Stop {$i}",
                array_map(static fn (int $h): float => $base * (0.5 + exp(-(($h - $peak) ** 2) / 8)), range(0, 23)),
                12,
                in_array($i, $locked, true),
            );
        }

        return new RouteTask($made, $run, 360, 360 + $minutes);
    }

    /** @param  list<int>  $order */
    private static function brute(RouteTask $problem, array $order): float
    {
        $best = $problem->worth($order);
        foreach (array_diff(array_keys($problem->stops), $order) as $next) {
            if ($problem->worth([...$order, $next]) > -INF) {
                $best = max($best, self::brute($problem, [...$order, $next]));
            }
        }

        return $best;
    }
}
