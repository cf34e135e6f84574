<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\LakeSpot;
use App\Show\Units;
use Illuminate\Support\Facades\Cache;
use OldEddy\Basics\Units\Speed;
use OldEddy\Pictures\Ribbon\Fished;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\Comeback;
use OldEddy\Where\Route\Distances;
use OldEddy\Where\Route\Leg;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Runs;
use OldEddy\Where\Route\Stop;
use OldEddy\Where\Route\Timetable;
use OldEddy\Where\Route\WaterWays;

/**
 * The day's route: asks the core for the ranking by the hour and for the ways over water, and has it choose and order.
 *
 * @phpstan-type Asked array{from: int, to: int, minutes: float, speed_mph: float, fuel_per_hour?: ?float, locked: list<int>, forbidden: list<int>, start?: ?int, start_at?: ?array{float, float}, from_now?: bool}
 */
final class DayRoute
{
    /** @var list<LakeSpot> */
    private array $spots;

    private Runs $runs;

    private Distances $distances;

    /** Where the ways over this water at this level are kept, so that a route planned anew on the water need not find them again. */
    private string $kept;

    /** @param  Asked  $asked */
    public function __construct(private readonly DayOnLake $day, private readonly array $asked)
    {
        // A route chooses among the best of the day; what must be on it is on it anyway.
        $best = $day->bestOfTheDay();
        // Where one starts in the morning is no stop; where one stands on the water may be come back to.
        $out = ($asked['from_now'] ?? false) ? $asked['forbidden'] : [...$asked['forbidden'], $asked['start'] ?? null];
        $this->spots = array_values(
            array_filter(
                $day->spots,
                static fn (LakeSpot $s): bool => in_array($s->id, $asked['locked'], true)
                    || (in_array($s->name, $best, true) && ! in_array($s->id, $out, true)),
            ),
        );
        // Of a lake whose depths nobody measured, no way over water is known.
        $grid = $day->lake->deepest() === null ? null : $day->lake->workingGrid();
        $ways = $grid === null ? null : new WaterWays($grid->atLevel($day->day->riseFt()));
        $this->kept = sprintf('ways:%s:%.1f', $day->lake->shapeKey(), $day->day->riseFt());
        $this->distances = new Distances($ways, $ways === null ? [] : Cache::get($this->kept, []));
        $this->runs = new Runs($this->distances, $ways);
    }

    /**
     * @return array{stops: list<array{spot: int, name: string, at: int, to: int, run_min: float, fuel: float}>, line: list<array{float, float}>, home_min: float, end: int, fuel: float, note: ?string}
     */
    public function planned(): array
    {
        [$stops, $this->spots] = $this->candidates();
        $problem = new RouteTask($stops, $this->minutes(), $this->asked['from'], $this->asked['to']);
        $order = Router::solve($problem);
        $table = Timetable::of($problem, $order, (float) ($this->asked['fuel_per_hour'] ?? 0.0));
        $reached = is_finite($table->homeMin);

        $stops = array_map(fn (Leg $l): array => [
            'spot' => $this->spots[$l->stop]->id, 'name' => $this->spots[$l->stop]->name, 'at' => (int) round($l->at), 'to' => (int) round($l->to),
            'run_min' => round($l->runMin, 1), 'fuel' => round($l->fuel, 2),
        ], $table->legs);

        return [
            'stops' => $stops, 'line' => $stops === [] ? [] : $this->line($stops),
            'home_min' => $reached ? round($table->homeMin, 1) : 0.0,
            'end' => $reached ? (int) round($table->backAt) : $this->asked['from'],
            'fuel' => $reached ? round($table->fuel, 2) : 0.0,
            'note' => $order === [] ? 'No spot fits into this time, or no water leads to those that must be on it.' : null,
        ];
    }

    /**
     * The line of a route over the water, kept with it: the plan is looked at more often than made.
     *
     * @param  list<array{spot: int}>  $stops
     * @return list<array{float, float}> latitude, longitude
     */
    private function line(array $stops): array
    {
        $by = collect($this->day->spots)->keyBy('id');
        $at = array_map(static fn (array $s): ?Position => $by->get($s['spot'])?->position(), $stops);

        return array_map(
            static fn (Position $p): array => [round($p->lat, 6), round($p->lon, 6)],
            $this->runs->line([$this->start(), ...array_values(array_filter($at)), $this->home()]),
        );
    }

    /**
     * The stops as the ribbon shows them.
     *
     * @param  list<array{name: string, at: int, to: int}>  $stops
     * @return list<Fished>
     */
    public static function ribbon(array $stops): array
    {
        return array_map(static fn (array $s): Fished => new Fished($s['at'], $s['to'], $s['name'], []), $stops);
    }

    /**
     * What the angler wished of a spot: that it must be on the route, may be, or stays out.
     *
     * @param  Asked  $asked
     */
    public static function wish(int $spot, array $asked): string
    {
        return match (true) {
            in_array($spot, $asked['locked'], true) => 'must',
            in_array($spot, $asked['forbidden'], true) => 'out',
            default => 'may',
        };
    }

    /**
     * Minutes under way and how far that is, in words.
     *
     * @param  Asked  $asked
     */
    public static function underWay(float $minutes, array $asked, Units $units): string
    {
        return $minutes.' min, '.$units->way($minutes / 60 * $asked['speed_mph']).' under way';
    }

    /**
     * The stops that could be made, each beside its spot; planned from now on, places that paid may be visited twice (S29).
     *
     * @return array{list<Stop>, list<LakeSpot>}
     */
    private function candidates(): array
    {
        $worth = $this->day->byHour(array_map(static fn (LakeSpot $s): string => $s->name, $this->spots))->fits;
        $today = ($this->asked['from_now'] ?? false) ? $this->day->today() : [];
        $stops = $spots = [];
        foreach ($this->spots as $spot) {
            $stop = new Stop($spot->name, $worth[$spot->name], $this->asked['minutes'], in_array($spot->id, $this->asked['locked'], true));
            $fished = $today[$spot->id] ?? null;
            foreach ($fished === null ? [$stop] : Comeback::stops($stop, $fished, $this->asked['from']) as $one) {
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

        $minutes = $this->runs->minutes($places, Speed::fromMph($this->asked['speed_mph']));
        Cache::put($this->kept, $this->distances->known(), now()->addWeek());

        return $minutes;
    }

    /** Where the boat is: as its instruments say, at a spot, or at the ramp. */
    private function start(): Position
    {
        if (($this->asked['start_at'] ?? null) !== null) {
            return new Position(...$this->asked['start_at']);
        }
        foreach ($this->day->spots as $spot) {
            if ($spot->id === ($this->asked['start'] ?? null)) {
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
