<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use InvalidArgumentException;

/**
 * What the route must keep to: minutes of the day from and to, the stops, and the minutes of running between them. Row
 * and column 0 are the ramp (or where one is now), the last is where the day ends; stops stand between. INF: no way.
 */
final readonly class RouteTask
{
    private const DAY_MIN = 1440;

    /** What a minute under way costs, in the worth of stops: fuel and noise, so that nobody crosses the lake for a trifle. Basis: our own choice. */
    private const RUN_COSTS = 0.01;

    /** @var list<list<float>> what each stop is worth at every minute of the day: an order is weighed many thousand times */
    private array $worth;

    /** @var list<float> */
    private array $minutes;

    /**
     * @param  list<Stop>  $stops
     * @param  list<list<float>>  $run  minutes; (stops + 2) squared
     */
    public function __construct(public array $stops, public array $run, public float $from, public float $to)
    {
        if (count($run) !== count($stops) + 2 || $to <= $from) {
            throw new InvalidArgumentException('A route needs running times for its stops, start and end, and time to fish.');
        }
        $this->worth = array_map(static fn (Stop $s): array => array_map($s->worthAt(...), range(0, self::DAY_MIN - 1)), $stops);
        $this->minutes = array_map(static fn (Stop $s): float => $s->minutes, $stops);
    }

    /**
     * Minutes an order of stops takes, running and fishing; INF where no way leads.
     *
     * @param  list<int>  $order  indexes of stops
     */
    public function minutes(array $order): float
    {
        $at = 0;
        $sum = 0.0;
        foreach ($order as $stop) {
            $sum += $this->run[$at][$stop + 1] + $this->stops[$stop]->minutes;
            $at = $stop + 1;
        }

        return $sum + $this->run[$at][count($this->stops) + 1];
    }

    /**
     * What an order of stops is worth: the worth of each at its hour, less a little for running; −INF when the time does
     * not suffice or there is no way.
     *
     * @param  list<int>  $order  indexes of stops
     */
    public function worth(array $order): float
    {
        [$at, $clock, $sum, $running, $end] = [0, $this->from, 0.0, 0.0, count($this->stops) + 1];
        foreach ($order as $stop) {
            $leg = $this->run[$at][$stop + 1];
            $running += $leg;
            $clock += $leg;
            $sum += $this->worth[$stop][(int) $clock] ?? 0.0;
            $clock += $this->minutes[$stop];
            $at = $stop + 1;
        }
        $last = $this->run[$at][$end];

        return $clock + $last > $this->to + 1e-9 ? -INF : $sum - self::RUN_COSTS * ($running + $last);
    }
}
