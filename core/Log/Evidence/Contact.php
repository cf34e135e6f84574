<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** One contact: what the fish did and, for a fish in hand, species, length in inches and where the hook sat. */
final readonly class Contact
{
    public function __construct(
        public ContactKind $kind,
        public ?string $species = null,
        public ?float $lengthIn = null,
        public ?Hooked $hooked = null,
        public ?int $atCast = null,
    ) {
    }
}
