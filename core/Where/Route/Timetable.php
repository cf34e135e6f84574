<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

/** An order of stops as a timetable: each run and stop, the run home, when one is back, the fuel (in the unit of the rate). */
final readonly class Timetable
{
    /** @param  list<Leg>  $legs */
    private function __construct(public array $legs, public float $homeMin, public float $backAt, public float $fuel)
    {
    }

    /**
     * The timetable of an order of stops that can be reached.
     *
     * @param  list<int>  $order  indexes of the problem's stops
     * @param  float  $fuelPerHour  burnt under way, 0 or more; drifting and fishing burn none
     */
    public static function of(RouteTask $problem, array $order, float $fuelPerHour = 0.0): self
    {
        [$at, $clock, $legs, $under] = [0, $problem->from, [], 0.0];
        foreach ($order as $stop) {
            $run = $problem->run[$at][$stop + 1];
            $clock += $run;
            $under += $run;
            $legs[] = new Leg($stop, $run, $clock, $clock + $problem->stops[$stop]->minutes, $run / 60 * $fuelPerHour);
            $clock += $problem->stops[$stop]->minutes;
            $at = $stop + 1;
        }
        $home = $problem->run[$at][count($problem->stops) + 1];

        return new self($legs, $home, $clock + $home, ($under + $home) / 60 * $fuelPerHour);
    }
}
