<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\TargetClock;
use OldEddy\Where\Places\OwnRecord;
use OldEddy\Where\Route\Comeback;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Stop;
use PHPUnit\Framework\TestCase;

/** S29: a route may come back to a place that paid; fished places are not closed. Common practice, the numbers our own. */
final class ComebackTest extends TestCase
{
    private const TEN = 600.0;

    public function test_a_place_that_paid_may_be_visited_twice_one_that_did_not_once(): void
    {
        self::assertCount(2, Comeback::stops($this->stop(), new OwnRecord(20, 2.0), self::TEN));
        self::assertCount(1, Comeback::stops($this->stop(), new OwnRecord(20, 0.0), self::TEN));
    }

    public function test_what_paid_is_worth_more_and_what_gave_nothing_less(): void
    {
        $worth = function (int $casts, float $contacts): float {
            $stops = Comeback::stops($this->stop(), new OwnRecord($casts, $contacts), self::TEN);

            return $stops[count($stops) - 1]->worthAt(15 * 60);
        };
        self::assertGreaterThan(1.0, $worth(20, 2.0));
        self::assertLessThan(1.0, $worth(40, 0.0));
        self::assertGreaterThan($worth(80, 0.0), $worth(10, 0.0), 'few blank casts say little');
        self::assertGreaterThanOrEqual(0.3, $worth(5000, 0.0), 'no place is closed for good');
        self::assertLessThanOrEqual(2.5, $worth(5, 5.0));
    }

    public function test_a_place_just_fished_rests_first(): void
    {
        [$first, $second] = Comeback::stops($this->stop(), new OwnRecord(20, 2.0), self::TEN);
        self::assertSame(0.0, $first->worthAt(self::TEN));
        self::assertGreaterThan(0.0, $first->worthAt(self::TEN + 90));
        self::assertSame(0.0, $second->worthAt(self::TEN + 90), 'and before the second visit as well');
        self::assertGreaterThan(0.0, $second->worthAt(self::TEN + 240));
        self::assertSame([true, false], [$first->locked, $second->locked]);
    }

    public function test_the_route_of_the_rest_of_the_day_visits_it_again(): void
    {
        $paid = Comeback::stops($this->stop(), new OwnRecord(20, 3.0), self::TEN);
        $poor = array_map(static fn (int $i): Stop => new Stop("Poor {$i}", array_fill(0, 24, 0.2), 40), range(1, 9));
        $stops = [...$paid, ...$poor];
        $ends = range(0, count($stops) + 1);
        $run = array_map(static fn (int $i): array => array_map(static fn (int $j): float => $i === $j || [$i, $j] === [1, 2] || [$i, $j] === [2, 1] ? 0.0 : 5.0, $ends), $ends);
        $task = new RouteTask($stops, $run, self::TEN, self::TEN + 480);
        $order = Router::solve($task);
        self::assertContains(0, $order);
        self::assertContains(1, $order);
        self::assertLessThan(array_search(1, $order, true), array_search(0, $order, true), 'the first visit, then back');
    }

    /** M14: the minutes of a stop follow one's own clock of bites, within the tempos of the trade. */
    public function test_a_stop_is_as_long_as_ones_own_bites_ask_for(): void
    {
        $early = TargetClock::of([1 => 60, 2 => 40, 4 => 20], [30 => 100]);
        $late = TargetClock::of([15 => 40, 18 => 40, 25 => 30, 3 => 5], [30 => 100]);
        self::assertLessThan(Stop::minutesBy(new Schools, $late), Stop::minutesBy(new Schools, $early));
        foreach ([$early, $late, TargetClock::of([], [])] as $clock) {
            $minutes = Stop::minutesBy(new Schools, $clock);
            self::assertTrue($minutes >= 10 && $minutes <= 25 && $minutes % 5 === 0, (string) $minutes);
            self::assertSame(10, Stop::minutesBy(new Schools(['tempo' => 'cover_water']), $clock), 'who moves on moves on');
        }
        self::assertEqualsWithDelta(15, Stop::minutesBy(new Schools, TargetClock::of([], [])), 5, 'without a past about what is usual');
    }

    private function stop(): Stop
    {
        return new Stop('Gull rock', array_fill(0, 24, 1.0), 20, true);
    }
}
