<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Said;

/** One part of how far a past day is from another: the distance (0 or more) and how it was then (rule Y2). */
final readonly class LikenessPart
{
    public function __construct(public float $distance, public string|Said $then)
    {
    }
}
