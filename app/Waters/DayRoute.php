<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Units;
use OldEddy\Basics\Units\Speed;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Comeback;
use OldEddy\Where\Route\Leg;
use OldEddy\Where\Route\OnRoute;
use OldEddy\Where\Route\PlannedRoute;
use OldEddy\Where\Route\PlannedStop;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Runs;
use OldEddy\Where\Route\Sea;
use OldEddy\Where\Route\Stop;
use OldEddy\Where\Route\Timetable;

/** The day's route: asks the core for the ranking by the hour and for the ways over water, and has it choose and order. */
final class DayRoute
{
    /** @var list<LakeSpot> */
    private array $spots;

    private readonly Runs $runs;

    /** The same boat on flat water without zones, to tell what the sea costs. */
    private readonly Runs $onFlat;

    private readonly Sea $sea;

    public function __construct(private readonly DayOnLake $day, private readonly AskedRoute $asked)
    {
        // A route chooses among the best of the day; what must be on it is on it anyway.
        $best = $day->bestOfTheDay();
        $this->spots = array_values(
            array_filter(
                $day->spots,
                static fn (LakeSpot $s): bool => $asked->onRoute($s->id) === OnRoute::Must || (in_array($s->name, $best, true) && $asked->allows($s->id)),
            ),
        );
        $lake = $day->lake;
        $grid = $lake->gridAt($day->day->riseFt());
        $ways = WaysOver::of($lake, $grid, $day->day->riseFt(), $asked->craft->draftFt);
        $zones = $lake->no_wake ?? [];
        $this->sea = $grid === null || $day->day->windFromDeg === null ? Sea::flat($zones)
            : Sea::of($grid, Speed::fromMph($day->day->windMph), $day->day->windFromDeg, $zones);
        $this->runs = new Runs($asked->craft, $ways, $this->sea);
        $this->onFlat = new Runs($asked->craft, $ways, Sea::flat());
    }

    /** Plans the route of a day that has a lake, and keeps it. */
    public static function plan(Trip $trip, AskedRoute $asked): PlannedRoute
    {
        /** @var Lake $lake */
        $lake = $trip->lake;
        $planned = (new self(new DayOnLake($trip, $lake), $asked))->planned();
        $trip->update(['route' => $planned]);

        return $planned;
    }

    public function planned(): PlannedRoute
    {
        [$stops, $this->spots] = $this->candidates();
        $problem = new RouteTask($stops, $this->minutes(), $this->asked->from, $this->asked->to);
        $order = Router::solve($problem);
        $table = Timetable::of($problem, $order, $this->asked->fuelPerHour ?? 0.0);
        $reached = is_finite($table->homeMin);
        $at = fn (Leg $l): LakeSpot => $this->spots[$l->stop];
        $places = [$this->start(), ...array_map(static fn (Leg $l): Position => $at($l)->position(), $table->legs), $this->home()];
        $ways = array_map(fn (int $i): array => $this->runs->line([$places[$i], $places[$i + 1]]), range(0, count($places) - 2));
        $under = array_sum(array_map(static fn (Leg $l): float => $l->runMin, $table->legs)) + ($reached ? $table->homeMin : 0.0);

        return new PlannedRoute(
            $this->asked,
            array_map(static fn (Leg $l, int $i): PlannedStop => new PlannedStop(
                $at($l)->id, $at($l)->name, (int) round($l->at), (int) round($l->to), round($l->runMin, 1), round($l->fuel, 2), round(Runs::feet($ways[$i])),
            ), $table->legs, array_keys($table->legs)),
            $table->legs === [] ? [] : array_merge(...$ways),
            $reached ? round($table->homeMin, 1) : 0.0,
            $reached ? (int) round($table->backAt) : $this->asked->from,
            $reached ? round($table->fuel, 2) : 0.0,
            $order === [] ? 'No spot fits into this time, or no water leads to those that must be on it.' : null,
            $reached ? round(Runs::feet($ways[count($ways) - 1])) : 0.0,
            $this->sea->isFlat() ? 0.0 : round(max(0.0, $under - $this->minutesOnFlat($places)), 1),
            round($this->sea->highestFt(), 2),
        );
    }

    /** @return list<Fished> its stops as the ribbon shows them */
    public static function ribbon(?PlannedRoute $route): array
    {
        return array_map(static fn (PlannedStop $s): Fished => new Fished($s->at, $s->to, $s->name, []), $route->stops ?? []);
    }

    /** Minutes under way and how far that is, in words. */
    public static function underWay(float $minutes, float $feet, Units $units): string
    {
        return $minutes.' min'.($feet > 0 ? ', '.$units->way($feet / 5280) : '').' under way';
    }

    /** @param  list<Position>  $places  in order */
    private function minutesOnFlat(array $places): float
    {
        $sum = 0.0;
        $table = $this->onFlat->minutes($places);
        for ($i = 1; $i < count($places); $i++) {
            $sum += $table[$i - 1][$i] === INF ? 0.0 : $table[$i - 1][$i];
        }

        return $sum;
    }

    /**
     * The stops that could be made, each beside its spot; planned from now on, places that paid may be visited twice (S29).
     *
     * @return array{list<Stop>, list<LakeSpot>}
     */
    private function candidates(): array
    {
        $worth = $this->day->byHour(array_map(static fn (LakeSpot $s): string => $s->name, $this->spots))->fits;
        $today = $this->asked->fromNow ? $this->day->today() : [];
        $stops = $spots = [];
        foreach ($this->spots as $spot) {
            $stop = new Stop($spot->name, $worth[$spot->name], $this->asked->minutes, $this->asked->onRoute($spot->id) === OnRoute::Must);
            $fished = $today[$spot->id] ?? null;
            foreach ($fished === null ? [$stop] : Comeback::stops($stop, $fished, $this->asked->from) as $one) {
                $stops[] = $one;
                $spots[] = $spot;
            }
        }

        return [$stops, $spots];
    }

    /** @return list<list<float>> minutes, start and end at both ends */
    private function minutes(): array
    {
        $places = [$this->start(), ...array_map(static fn (LakeSpot $s): Position => $s->position(), $this->spots), $this->home()];

        return $this->runs->minutes($places);
    }

    /** Where the boat is: as its instruments say, at a spot, or at the ramp. */
    private function start(): Position
    {
        if ($this->asked->startAt !== null) {
            return $this->asked->startAt;
        }
        foreach ($this->day->spots as $spot) {
            if ($spot->id === $this->asked->start) {
                return $spot->position();
            }
        }

        return $this->home();
    }

    /** The ramp, or where no ramp is known the first spot. */
    private function home(): Position
    {
        $lake = $this->day->lake;

        return $lake->ramp_lat !== null
            && $lake->ramp_lon !== null
            ? new Position($lake->ramp_lat, $lake->ramp_lon)
            : (($this->day->spots[0] ?? null)?->position() ?? new Position(0.0, 0.0));
    }
}
