<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** One idea of what makes a spot good at an hour. The effects are our own numbers; the direction is the rule's. */
interface PlaceFactor
{
    /** The reason for or against, or null when this idea has nothing to say. */
    public function weigh(Place $place, Hour $hour): ?Reason;
}
