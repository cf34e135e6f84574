<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Craft;
use OldEddy\Where\Route\Leg;
use OldEddy\Where\Route\OnRoute;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Stop;
use OldEddy\Where\Route\Timetable;
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
        $asked = new AskedRoute(420, 900, 15, new Craft(Speed::fromMph(20)), locked: [3], forbidden: [5], start: 7);
        self::assertSame([OnRoute::Must, OnRoute::Out, OnRoute::May], array_map($asked->onRoute(...), [3, 5, 9]));
        self::assertSame([3 => true, 5 => false, 7 => false, 9 => true], array_map($asked->allows(...), [3 => 3, 5 => 5, 7 => 7, 9 => 9]), 'the start is no stop');
        $now = $asked->fromNow(600, 9, new Position(37, -80));
        self::assertTrue($now->allows(9), 'on the water one may come back to where one stands');
        self::assertSame([600, 900, 9, [3], [5]], [$now->from, $now->to, $now->start, $now->locked, $now->forbidden]);
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
