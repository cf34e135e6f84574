<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Day\Season\Stage;

/**
 * A section of the lake with its own water (rule W10): temperature and trend in °F, visibilities in feet, the stage where the angler
 * knows better; null as the lake.
 */
final readonly class Section
{
    public function __construct(
        public string $name,
        public ?float $tempF = null,
        public ?float $tempTrendFPerDay = null,
        public ?float $visibilityFt = null,
        public ?float $normalVisibilityFt = null,
        public ?Stage $stage = null,
    ) {
    }

    /** @return array<string, float|Stage> what is known of its own water, by the names that Conditions has for it */
    public function own(): array
    {
        return array_filter([
            'tempF' => $this->tempF, 'tempTrendFPerDay' => $this->tempTrendFPerDay, 'visibilityFt' => $this->visibilityFt,
            'normalVisibilityFt' => $this->normalVisibilityFt, 'stage' => $this->stage,
        ], static fn (float|Stage|null $value): bool => $value !== null);
    }
}
