<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** What is believed before the first cast: contacts per cast (over 0), worth so many casts (over 0). Basis: rule EVIDENCE, our own. */
final readonly class Prior
{
    public function __construct(public float $perCast = 1 / 40, public float $casts = 40.0)
    {
    }

    /** The shape of the gamma distribution. */
    public function shape(): float
    {
        return $this->perCast * $this->casts;
    }
}
