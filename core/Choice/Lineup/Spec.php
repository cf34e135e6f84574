<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;

/** How the lure is rigged: weight in ounces, length in inches, hook, trailer, blades, rattle. */
final readonly class Spec
{
    public function __construct(
        public float $weightOz,
        public float $lengthIn,
        public string|Said $hook,
        public ?string $trailer,
        public ?string $blades,
        public bool $rattle,
    ) {
    }

    /** The same at another weight in ounces and another length in inches; null leaves it. */
    public function as(?float $ounces, ?float $inches): self
    {
        return new self($ounces ?? $this->weightOz, $inches ?? $this->lengthIn, $this->hook, $this->trailer, $this->blades, $this->rattle);
    }
}
