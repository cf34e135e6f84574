<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Stint;

/** A place one could fish: a name and what is known of it. Depth in feet where the fish are fished for. */
final readonly class Fishable
{
    public function __construct(
        public string $name,
        public ?string $structure = null,
        public ?string $cover = null,
        public ?string $coverPart = null,
        public ?string $light = null,
        public ?float $depthFt = null,
    ) {
    }

    /** @return array<string, string> known levels by factor, as a stint here would have them */
    public function levels(): array
    {
        return array_filter([
            'structure' => $this->structure,
            'cover' => $this->cover,
            'cover_part' => $this->coverPart,
            'light' => $this->light,
            'depth' => $this->depthFt === null ? null : Stint::depthLevel($this->depthFt),
            'spot' => $this->name,
        ], static fn (?string $level): bool => $level !== null);
    }
}
