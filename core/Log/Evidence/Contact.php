<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * One contact: what the fish did and, as far as known, species, length in inches, weight in pounds, where the hook sat, at
 * which cast of the stint (from 1), how deep in feet the fish took it (D12), and how it was lost (M20).
 */
final readonly class Contact
{
    public function __construct(
        public ContactKind $kind,
        public ?string $species = null,
        public ?float $lengthIn = null,
        public ?Hooked $hooked = null,
        public ?int $atCast = null,
        public ?float $depthFt = null,
        public ?float $weightLb = null,
        public ?LostBy $lostBy = null,
    ) {
    }
}
