<?php

declare(strict_types=1);

namespace OldEddy\Where\Places;

/** What the angler did at a spot before, in the same stage: casts and weighted contacts, 0 or more. */
final readonly class OwnRecord
{
    public function __construct(public int $casts, public float $contacts)
    {
    }

    /** Both together. */
    public function and(?self $more): self
    {
        return $more === null ? $this : new self($this->casts + $more->casts, $this->contacts + $more->contacts);
    }
}
