<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Troll\Station;

/** A lure as the hidden water feels it: which one (by its key), in which color, from where on the boat, how deep (feet) and how fast (mph). */
final readonly class TowedLure
{
    public function __construct(public string $lure, public string $color, public Station $station, public float $depthFt, public float $mph)
    {
    }
}
