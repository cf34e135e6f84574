<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Length;
use OldEddy\Where\Lake\Position;
use SplPriorityQueue;

/**
 * The boat's runs between the places of a day: how long they take and are, and the line they are run on. On flat water the shortest
 * way is the quickest; waves and no-wake zones can make another one quicker.
 */
final class Runs
{
    /** Where the depths are not known, runs are taken straight and a third longer. Basis: own choice. */
    private const DETOUR = 1.33;

    /** Along a run the sea is looked at so often, metres. Basis: own choice. */
    private const LOOK_M = 30.0;

    /** @var array<int, array<int, float>> minutes from corner to corner */
    private array $minutes = [];

    private readonly float $cellM;

    public function __construct(private readonly Craft $craft, private readonly ?WaterWays $ways, private readonly Sea $sea)
    {
        $this->cellM = $ways?->frame()->cellM ?? 1.0;
    }

    /**
     * Minutes from each place to each, INF where no water leads.
     *
     * @param  list<Position>  $places
     * @return list<list<float>>
     */
    public function minutes(array $places): array
    {
        if ($this->ways === null) {
            $flat = 60 * $this->craft->speed->metresPerSecond();

            return array_map(static fn (Position $from): array => array_map(
                static fn (Position $to): float => self::DETOUR * $from->metresTo($to) / $flat, $places,
            ), $places);
        }
        [$ashore, $seen] = $this->looked($places);
        $table = [];
        foreach ($places as $i => $from) {
            $far = $ashore[$i] === null ? [[], []] : $this->spread($ashore[$i], $seen[$i]);
            foreach (array_keys($places) as $j) {
                $table[$i][$j] = match (true) {
                    $i === $j => 0.0,
                    $ashore[$i] === null || $ashore[$j] === null => INF,
                    default => $this->last($far[0], $ashore[$i], $ashore[$j], $seen[$j])[0],
                };
            }
        }

        return array_values(array_map(array_values(...), $table));
    }

    /**
     * The line over the water along places in order; straight where no way is known.
     *
     * @param  list<Position>  $places
     * @return list<Position>
     */
    public function line(array $places): array
    {
        $line = [];
        for ($i = 0; $i + 1 < count($places); $i++) {
            $way = $this->between($places[$i], $places[$i + 1]);
            array_push($line, ...($way === [] ? [$places[$i], $places[$i + 1]] : $way));
        }

        return $line;
    }

    /**
     * The way from one place to another, with both.
     *
     * @return list<Position> empty where no water leads there, or none is known
     */
    public function between(Position $from, Position $to): array
    {
        if ($this->ways === null) {
            return [];
        }
        [$ashore, $seen] = $this->looked([$from, $to]);
        if ($ashore[0] === null || $ashore[1] === null) {
            return [];
        }
        [$far, $before] = $this->spread($ashore[0], $seen[0]);
        [$minutes, $corner] = $this->last($far, $ashore[0], $ashore[1], $seen[1]);
        if ($minutes === INF) {
            return [];
        }
        $turns = [];
        for (; $corner !== null; $corner = $before[$corner]) {
            [$x, $y] = $this->ways->corners()[$corner];
            array_unshift($turns, $this->ways->position($x, $y));
        }

        return [$from, ...$turns, $to];
    }

    /**
     * Feet along a line.
     *
     * @param  list<Position>  $line
     */
    public static function feet(array $line): float
    {
        $metres = 0.0;
        for ($i = 1; $i < count($line); $i++) {
            $metres += $line[$i - 1]->metresTo($line[$i]);
        }

        return Length::fromMetres($metres)->feet();
    }

    /**
     * @param  list<Position>  $places
     * @return array{list<array{float, float}|null>, list<list<int>>} where the boat floats at each, and the corners seen from there
     */
    private function looked(array $places): array
    {
        assert($this->ways !== null);
        $afloat = array_map($this->ways->afloat(...), $places);

        return [$afloat, array_map(fn (?array $at): array => $at === null ? [] : $this->ways->cornersSeenFrom(...$at), $afloat)];
    }

    /**
     * Minutes to every corner, by Dijkstra's method.
     *
     * @param  array{float, float}  $from
     * @param  list<int>  $seen
     * @return array{array<int, float>, array<int, ?int>} minutes, and the corner before each
     */
    private function spread(array $from, array $seen): array
    {
        assert($this->ways !== null);
        [$far, $before, $done] = [[], [], []];
        /** @var SplPriorityQueue<float, int> $queue */
        $queue = new SplPriorityQueue;
        foreach ($seen as $corner) {
            [$x, $y] = $this->ways->corners()[$corner];
            [$far[$corner], $before[$corner]] = [$this->straight($from[0], $from[1], $x, $y), null];
            $queue->insert($corner, -$far[$corner]);
        }
        while (! $queue->isEmpty()) {
            $corner = $queue->extract();
            if (isset($done[$corner])) {
                continue;
            }
            $done[$corner] = true;
            foreach ($this->ways->seenFrom($corner) as $next) {
                $way = $far[$corner] + ($this->minutes[$corner][$next] ??= $this->fromCorner($corner, $next));
                if (! isset($far[$next]) || $way < $far[$next] - 1e-9) {
                    [$far[$next], $before[$next]] = [$way, $corner];
                    $queue->insert($next, -$way);
                }
            }
        }

        return [$far, $before];
    }

    /**
     * @param  array<int, float>  $far
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  list<int>  $seen  corners seen from where it ends
     * @return array{float, ?int} minutes, and the last corner of the way
     */
    private function last(array $far, array $from, array $to, array $seen): array
    {
        assert($this->ways !== null);
        $best = $this->ways->isOpen(...$from, ...$to) ? [$this->straight(...$from, ...$to), null] : [INF, null];
        if ($best[0] < INF && $this->sea->isFlat()) {
            return $best;
        }
        foreach ($seen as $corner) {
            if (isset($far[$corner]) && $far[$corner] < $best[0]) {
                [$x, $y] = $this->ways->corners()[$corner];
                $way = $far[$corner] + $this->straight($x, $y, ...$to);
                $best = $way < $best[0] ? [$way, $corner] : $best;
            }
        }

        return $best;
    }

    private function fromCorner(int $from, int $to): float
    {
        assert($this->ways !== null);
        [[$ax, $ay], [$bx, $by]] = [$this->ways->corners()[$from], $this->ways->corners()[$to]];

        return $this->straight($ax, $ay, $bx, $by);
    }

    /** Minutes straight over the water between two places in cells. */
    private function straight(float $ax, float $ay, float $bx, float $by): float
    {
        assert($this->ways !== null);
        $metres = $this->cellM * hypot($bx - $ax, $by - $ay);
        if ($this->sea->isFlat()) {
            return $metres / $this->craft->metresPerMinute(0.0, 0.0, false);
        }
        $looks = max(1, (int) ceil($metres / self::LOOK_M));
        $off = $this->sea->fromDeg === null ? 0.0 : rad2deg(atan2($bx - $ax, $ay - $by)) - $this->sea->fromDeg;
        $minutes = 0.0;
        for ($i = 0; $i < $looks; $i++) {
            $t = ($i + 0.5) / $looks;
            $at = $this->ways->position($ax + $t * ($bx - $ax), $ay + $t * ($by - $ay));
            $minutes += $metres / $looks / $this->craft->metresPerMinute($this->sea->waveFt($at), $off, $this->sea->isNoWake($at));
        }

        return $minutes;
    }
}
