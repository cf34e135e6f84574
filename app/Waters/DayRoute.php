<?php

declare(strict_types=1);

namespace App\Waters;

use App\Models\LakeSpot;
use OldEddy\Ribbon\Fished;
use OldEddy\Route\Problem;
use OldEddy\Route\Router;
use OldEddy\Route\Stop;
use OldEddy\Route\WaterWays;
use OldEddy\Units\Speed;

/** The day's route: asks the core for the ranking by the hour and for the ways over water, and has it choose and order. */
final class DayRoute
{
    /** Where the lake's depths are not known, runs are taken straight and a third longer. */
    private const DETOUR = 1.33;

    private const FEET_PER_DEGREE = 364_000.0;

    /** @var list<LakeSpot> */
    private array $spots;

    private ?WaterWays $ways;

    /** @param  array{from: int, to: int, minutes: float, speed_mph: float, locked: list<int>, forbidden: list<int>, start?: ?int}  $asked */
    public function __construct(private readonly DayOnLake $day, private readonly array $asked)
    {
        $this->spots = array_values(array_filter($day->spots, fn (LakeSpot $s): bool => ! in_array($s->id, $asked['forbidden'], true) && $s->id !== ($asked['start'] ?? null)));
        $grid = $day->lake->workingGrid();
        $this->ways = $grid === null ? null : new WaterWays($grid);
    }

    /** @return array{stops: list<array{spot: int, name: string, at: int, to: int, run_min: float}>, home_min: float, end: int, note: ?string} */
    public function planned(): array
    {
        $run = $this->runs();
        $order = Router::solve($problem = new Problem($this->stops(), $run, $this->asked['from'], $this->asked['to']));
        [$clock, $at, $stops] = [(float) $this->asked['from'], 0, []];
        foreach ($order as $stop) {
            $clock += $run[$at][$stop + 1];
            $stops[] = ['spot' => $this->spots[$stop]->id, 'name' => $this->spots[$stop]->name, 'at' => (int) round($clock), 'to' => (int) round($clock + $problem->stops[$stop]->minutes), 'run_min' => round($run[$at][$stop + 1], 1)];
            $clock += $problem->stops[$stop]->minutes;
            $at = $stop + 1;
        }
        $home = $run[$at][count($this->spots) + 1];

        return ['stops' => $stops, 'home_min' => is_finite($home) ? round($home, 1) : 0.0, 'end' => (int) round($clock + (is_finite($home) ? $home : 0)), 'note' => $order === [] ? 'No spot fits into this time, or no water leads to the locked ones.' : null];
    }

    /**
     * The line of a planned route over the water.
     *
     * @param  list<array{spot: int}>  $stops
     * @return list<array{float, float}> latitude, longitude
     */
    public function line(array $stops): array
    {
        $by = collect($this->day->spots)->keyBy('id');
        $points = [$this->start(), ...array_filter(array_map(static fn (array $s): ?array => $by->has($s['spot']) ? [$by[$s['spot']]->lat, $by[$s['spot']]->lon] : null, $stops)), $this->home()];
        $line = [];
        for ($i = 0; $i + 1 < count($points); $i++) {
            $leg = $this->ways?->between(...$points[$i], ...$points[$i + 1]) ?? [];
            array_push($line, ...($leg === [] ? [$points[$i], $points[$i + 1]] : $leg));
        }

        return $line;
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

    /** @return list<Stop> */
    private function stops(): array
    {
        $worth = [];
        for ($hour = 0; $hour < 24; $hour++) {
            foreach ($this->day->ranked($hour * 60) as $ranked) {
                $worth[$ranked->place->name][$hour] = $ranked->fit;
            }
        }

        return array_map(fn (LakeSpot $s): Stop => new Stop($s->name, array_values($worth[$s->name]), $this->asked['minutes'], in_array($s->id, $this->asked['locked'], true)), $this->spots);
    }

    /** @return list<list<float>> minutes, start and end at both ends */
    private function runs(): array
    {
        $points = [$this->start(), ...array_map(static fn (LakeSpot $s): array => [$s->lat, $s->lon], $this->spots), $this->home()];
        $perMinute = Speed::fromMph($this->asked['speed_mph'])->feetPerSecond() * 60;
        $run = [];
        foreach ($points as [$lat, $lon]) {
            $feet = $this->ways?->feetTo($lat, $lon, $points) ?? array_map(static fn (array $p): float => self::DETOUR * hypot(($p[0] - $lat) * self::FEET_PER_DEGREE, ($p[1] - $lon) * self::FEET_PER_DEGREE * cos(deg2rad($lat))), $points);
            $run[] = array_map(static fn (float $f): float => $f / $perMinute, $feet);
        }

        return $run;
    }

    /** @return array{float, float} where the boat is, or the ramp */
    private function start(): array
    {
        foreach ($this->day->spots as $spot) {
            if ($spot->id === ($this->asked['start'] ?? null)) {
                return [$spot->lat, $spot->lon];
            }
        }

        return $this->home();
    }

    /** @return array{float, float} the ramp, or where no ramp is known the first spot */
    private function home(): array
    {
        $lake = $this->day->lake;

        return $lake->ramp_lat !== null && $lake->ramp_lon !== null ? [$lake->ramp_lat, $lake->ramp_lon] : [$this->day->spots[0]->lat ?? 0.0, $this->day->spots[0]->lon ?? 0.0];
    }
}
