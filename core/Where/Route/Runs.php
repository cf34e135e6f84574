<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;

/** The boat's runs between the places of a day: how long they take, and the line they are run on. */
final readonly class Runs
{
    public function __construct(private Distances $distances, private ?WaterWays $ways)
    {
    }

    /**
     * Minutes from each place to each, INF where no water leads.
     *
     * @param  list<Position>  $places
     * @return list<list<float>>
     */
    public function minutes(array $places, Speed $speed): array
    {
        $perMinute = $speed->feetPerSecond() * 60;

        return array_map(
            static fn (array $feet): array => array_map(static fn (float $f): float => $f / $perMinute, $feet),
            $this->distances->between($places),
        );
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
            $way = $this->ways?->between($places[$i], $places[$i + 1]) ?? [];
            array_push($line, ...($way === [] ? [$places[$i], $places[$i + 1]] : $way));
        }

        return $line;
    }
}
