<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** A dock: how it stands, which part is fished, and the water depth there in feet (over 0), if known. */
final readonly class Dock
{
    public function __construct(
        public DockKind $kind,
        public ?DockPart $part = null,
        public ?float $depthFt = null,
    ) {
    }
}
