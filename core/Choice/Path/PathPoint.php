<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

/** The lure at one moment: seconds since it touched the water, feet from the angler, feet below the surface. */
final readonly class PathPoint
{
    public function __construct(
        public float $seconds,
        public float $distanceFt,
        public float $depthFt,
        public bool $onBottom,
        public string $doing,
    ) {
    }
}
