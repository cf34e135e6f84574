<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

use OldEddy\Basics\Words;

/** Fish of cold water that are caught along with those a day is for: they are logged and weighed, and have no stages of their own. Basis: rule T1. */
enum ColdwaterGuest: string implements Fish
{
    use Words;

    case BrownTrout = 'brown_trout';
    case RainbowTrout = 'rainbow_trout';
    case LakeTrout = 'lake_trout';
    case LandlockedSalmon = 'landlocked_salmon';

    /** Water from which they hardly live through a fight, °F. Basis: common practice, value from memory. */
    public const WARM_F = 65.0;

    /** @return list<string> the keys of every fish that can be logged: those that days are planned for, then the guests */
    public static function allKeys(): array
    {
        return [...Species::keys(), ...self::keys()];
    }

    /**
     * The fish of a key.
     *
     * @throws \ValueError where there is none
     */
    public static function fish(string $key): Fish
    {
        return Species::tryFrom($key) ?? self::from($key);
    }
}
