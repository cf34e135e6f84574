<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use OldEddy\Day\Conditions\Structure;

/** A feature of the bottom: what it is, where (degrees), depth from and to in feet, how marked it is (over 0, to rank its like). */
final readonly class Feature
{
    public function __construct(
        public Structure $kind,
        public float $lat,
        public float $lon,
        public float $shallowFt,
        public float $deepFt,
        public float $strength,
    ) {
    }

    /** What it is known by from reading to reading: its kind and its place to about ten metres. */
    public function key(): string
    {
        return sprintf('%s %.4f %.4f', $this->kind->value, $this->lat, $this->lon);
    }
}
