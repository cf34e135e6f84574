<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Route\Runs;

/** One pass over a lake: the way of the boat, and the least water (feet) under any lure of the spread along it. Rule T8. */
final readonly class Pass
{
    /** A place is passed where the way comes so near to it, feet. Basis: own choice, what the outer lines reach, and as much again. */
    private const PAST_FT = 200.0;

    /**
     * @param  non-empty-list<Position>  $way
     * @param  list<PassTurn>  $turns  where it begins and where it ends
     */
    public function __construct(public array $way, public float $leastUnderFt, public array $turns)
    {
    }

    /** After so many feet of the way a place is passed; null where it lies off it. */
    public function past(Position $place): ?float
    {
        [$nearest, $at] = [self::PAST_FT, null];
        foreach ($this->way as $i => $here) {
            $off = $here->feetTo($place);
            [$nearest, $at] = $off <= $nearest ? [$off, $i] : [$nearest, $at];
        }

        return $at === null ? null : Runs::feet(array_slice($this->way, 0, $at + 1));
    }

    /** @return list<Position> its way until after a share (0 to 1) of its places, two at the least */
    public function until(float $share): array
    {
        return array_slice($this->way, 0, max(2, (int) round($share * count($this->way))));
    }

    /** How long it is, feet. */
    public function feet(): float
    {
        return Runs::feet($this->way);
    }

    /** Minutes that it takes at a speed over 0. */
    public function minutes(float $mph): float
    {
        return $this->feet() / Speed::fromMph($mph)->feetPerSecond() / 60;
    }
}
