<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** A section of the lake with its own water (rule W10): temperature and trend in °F, visibilities in feet; null as the lake. */
final readonly class Section
{
    public function __construct(
        public string $name,
        public ?float $tempF = null,
        public ?float $tempTrendFPerDay = null,
        public ?float $visibilityFt = null,
        public ?float $normalVisibilityFt = null,
    ) {
    }

    /** @return array<string, float> what is known of its own water, by the names that Conditions has for it */
    public function own(): array
    {
        return array_filter([
            'tempF' => $this->tempF, 'tempTrendFPerDay' => $this->tempTrendFPerDay, 'visibilityFt' => $this->visibilityFt,
            'normalVisibilityFt' => $this->normalVisibilityFt,
        ], static fn (?float $value): bool => $value !== null);
    }
}
