<?php

declare(strict_types=1);

namespace OldEddy\Where\Docks;

use OldEddy\Basics\Said;

/** Where the boat stays: feet off the outer corner, on which side of the dock, and why. */
final readonly class DockBoat
{
    public function __construct(public int $feetOff, public DockSide $side, public string|Said $text)
    {
    }
}
