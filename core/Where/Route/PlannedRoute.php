<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Where\Lake\Position;

/** The day's route as it was asked for and came out. */
final readonly class PlannedRoute
{
    /**
     * @param  list<PlannedStop>  $stops  in order
     * @param  list<Position>  $line  the way over the water, from the start to the end of the day
     * @param  float  $homeMin  minutes under way at the end
     * @param  int  $backAt  minute of the day at which one is back
     * @param  float  $fuel  of the whole day, in the unit of the wishes
     * @param  ?string  $note  what hinders it, where something does
     * @param  float  $homeFt  feet under way at the end
     * @param  float  $slowedMin  minutes more under way than on flat water without zones
     * @param  float  $waveFt  the highest waves of the lake when it was planned
     */
    public function __construct(
        public AskedRoute $asked, public array $stops, public array $line, public float $homeMin, public int $backAt,
        public float $fuel, public ?string $note = null, public float $homeFt = 0.0, public float $slowedMin = 0.0, public float $waveFt = 0.0,
    ) {
    }

    /** @return list<string> the names of its stops, in order */
    public function names(): array
    {
        return array_map(static fn (PlannedStop $s): string => $s->name, $this->stops);
    }
}
