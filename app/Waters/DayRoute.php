<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Trip;
use App\Show\Units;
use Illuminate\Support\Facades\Cache;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\AskedRoute;
use OldEddy\Where\Route\Comeback;
use OldEddy\Where\Route\Distances;
use OldEddy\Where\Route\Leg;
use OldEddy\Where\Route\OnRoute;
use OldEddy\Where\Route\PlannedRoute;
use OldEddy\Where\Route\PlannedStop;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Runs;
use OldEddy\Where\Route\Stop;
use OldEddy\Where\Route\Timetable;
use OldEddy\Where\Route\WaterWays;

/** The day's route: asks the core for the ranking by the hour and for the ways over water, and has it choose and order. */
final class DayRoute
{
    /** @var list<LakeSpot> */
    private array $spots;

    private Runs $runs;

    private Distances $distances;

    /** Where the ways over this water at this level are kept, so that a route planned anew on the water need not find them again. */
    private string $kept;

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
        // Of a lake whose depths nobody measured, no way over water is known.
        $grid = $day->lake->deepest() === null ? null : $day->lake->workingGrid();
        $ways = $grid === null ? null : new WaterWays($grid->atLevel($day->day->riseFt()));
        $this->kept = sprintf('ways:%s:%.1f', $day->lake->shapeKey(), $day->day->riseFt());
        $this->distances = new Distances($ways, $ways === null ? [] : Cache::get($this->kept, []));
        $this->runs = new Runs($this->distances, $ways);
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

        return new PlannedRoute(
            $this->asked,
            array_map(static fn (Leg $l): PlannedStop => new PlannedStop(
                $at($l)->id, $at($l)->name, (int) round($l->at), (int) round($l->to), round($l->runMin, 1), round($l->fuel, 2),
            ), $table->legs),
            $table->legs === [] ? [] : $this->runs->line([
                $this->start(), ...array_map(static fn (Leg $l): Position => $at($l)->position(), $table->legs), $this->home(),
            ]),
            $reached ? round($table->homeMin, 1) : 0.0,
            $reached ? (int) round($table->backAt) : $this->asked->from,
            $reached ? round($table->fuel, 2) : 0.0,
            $order === [] ? 'No spot fits into this time, or no water leads to those that must be on it.' : null,
        );
    }

    /** @return list<Fished> its stops as the ribbon shows them */
    public static function ribbon(?PlannedRoute $route): array
    {
        return array_map(static fn (PlannedStop $s): Fished => new Fished($s->at, $s->to, $s->name, []), $route->stops ?? []);
    }

    /** Minutes under way and how far that is, in words. */
    public static function underWay(float $minutes, AskedRoute $asked, Units $units): string
    {
        return $minutes.' min, '.$units->way($asked->miles($minutes)).' under way';
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

        $minutes = $this->runs->minutes($places, $this->asked->speed);
        Cache::put($this->kept, $this->distances->known(), now()->addWeek());

        return $minutes;
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
