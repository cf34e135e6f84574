<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;

/** A turn of the boat: its radius (feet), the lures in it by the keys of their lines, what can go wrong. */
final readonly class BoatTurn
{
    /**
     * @param  array<string, InTurn>  $lures
     * @param  list<Said>  $warnings
     */
    public function __construct(public float $radiusFt, public array $lures, public array $warnings)
    {
    }
}
