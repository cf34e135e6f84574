<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;

/** How long a boat runs between the places of a day: over the water where its depths are known, else straight with a detour. */
final readonly class Runs
{
    /** Where the depths are not known, runs are taken straight and a third longer. Own choice. */
    private const DETOUR = 1.33;

    public function __construct(private ?WaterWays $ways)
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
        $minutes = [];
        foreach ($places as $from) {
            $feet = $this->ways?->feetTo($from, $places) ?? array_map(static fn (Position $to): float => self::DETOUR * $from->feetTo($to), $places);
            $minutes[] = array_map(static fn (float $f): float => $f / $perMinute, $feet);
        }

        return $minutes;
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
