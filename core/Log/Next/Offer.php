<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

/** One place and one presentation: what a next stint would be. */
final readonly class Offer
{
    /** After so many casts without a contact it is asked again what to do. Basis: rule S3, our own number. */
    public const CASTS = 5;

    public function __construct(public Fishable $place, public Presentation $presentation)
    {
    }

    /** @return array<string, string> levels by factor */
    public function levels(): array
    {
        return [...$this->place->levels(), ...$this->presentation->levels()];
    }
}
