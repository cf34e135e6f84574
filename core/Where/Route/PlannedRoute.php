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
     */
    public function __construct(
        public AskedRoute $asked, public array $stops, public array $line, public float $homeMin, public int $backAt,
        public float $fuel, public ?string $note = null,
    ) {
    }

    /** @return list<string> the names of its stops, in order */
    public function names(): array
    {
        return array_map(static fn (PlannedStop $s): string => $s->name, $this->stops);
    }
}
