<?php

declare(strict_types=1);

namespace OldEddy\Pictures\Slice;

/** A place where a fish may stand: distance from the angler and depth, feet. How far it moves is the scene's reach. */
final readonly class FishMark
{
    public function __construct(public float $distanceFt, public float $depthFt)
    {
    }
}
