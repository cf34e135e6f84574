<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** Water running in: whether it runs, against the lake's temperature, and whether it is muddy. */
final readonly class Inflow
{
    public function __construct(
        public bool $running = false,
        public RelativeTemp $relativeTemp = RelativeTemp::Same,
        public bool $muddy = false,
    ) {
    }

    /** The worst case in bass fishing (rule W6): running, colder and muddy. */
    public function isColdMud(): bool
    {
        return $this->running && $this->muddy && $this->relativeTemp === RelativeTemp::Colder;
    }

    /** Running and warmer than the lake (rule W6). */
    public function isWarm(): bool
    {
        return $this->running && $this->relativeTemp === RelativeTemp::Warmer;
    }
}
