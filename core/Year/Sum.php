<?php

declare(strict_types=1);

namespace OldEddy\Year;

/** What casts add up to at one level of one factor: casts, contacts, and contacts weighed by what the fish did (0 or more each). */
final class Sum
{
    public function __construct(public int $casts = 0, public int $contacts = 0, public float $weighed = 0.0)
    {
    }

    /** Takes in so many casts and contacts more. */
    public function add(int $casts, int $contacts, float $weighed): void
    {
        $this->casts += $casts;
        $this->contacts += $contacts;
        $this->weighed += $weighed;
    }
}
