<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** Weighed contacts and casts (0 or more each) of the stints that share something, and of the rest. */
final readonly class Sums
{
    public function __construct(public float $contacts, public float $casts, public float $restContacts, public float $restCasts)
    {
    }

    /** Whether there were casts with it and casts without it: what was never varied says nothing of itself. */
    public function isVaried(): bool
    {
        return $this->casts > 0 && $this->restCasts > 0;
    }

    /** Whether its share of the contacts is at least its share of the casts. */
    public function isAbove(): bool
    {
        return $this->contacts * $this->restCasts >= $this->restContacts * $this->casts;
    }
}
