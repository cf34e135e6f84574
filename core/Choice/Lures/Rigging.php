<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

use OldEddy\Day\Season\Species;

/** How a family is rigged, and what it is fished on. */
final readonly class Rigging
{
    /**
     * @param  float  $snag  share of casts into cover that hang up
     * @param  non-empty-list<float>  $lengthsIn  inches, small to big
     * @param  non-empty-list<float>  $weightsOz  ounces, light to heavy; [0.0] for the unweighted
     * @param  array<string, float>  $startIn  inches to begin with by species or group, "any" for the rest; empty: the middle of its lengths
     * @param  array<string, float>  $fixedOz  ounces by species that take one weight whatever the depth
     * @param  ?float  $mostOverPlantsOz  ounces it may weigh over shallow plants
     * @param  ?string  $trailers  the row of trailers.php that speaks for it, by temperature; null: $trailer always
     * @param  ?string  $blades  the row of blades.php that speaks for it; null for the bladeless
     * @param  string  $line  a key of tackle.php; $rod: another
     */
    public function __construct(
        public Exposure $exposure,
        public float $snag,
        public array $lengthsIn,
        public array $weightsOz,
        private array $startIn,
        private array $fixedOz,
        public ?float $mostOverPlantsOz,
        public string $hook,
        public ?string $trailer,
        public ?string $trailers,
        public ?string $blades,
        public string $line,
        public string $rod,
    ) {
    }

    /** Whether it carries no weight at all. */
    public function isUnweighted(): bool
    {
        return $this->weightsOz === [0.0];
    }

    /** The place in its lengths to begin with (rule L10): that of its species, else the middle, one bigger for active fish. */
    public function startingLength(Species $species, bool $active): int
    {
        if ($this->startIn === []) {
            return intdiv(count($this->lengthsIn) - 1, 2) + ($active && count($this->lengthsIn) > 1 ? 1 : 0);
        }
        $inches = $this->startIn[$species->value] ?? $this->startIn[$species->group()] ?? $this->startIn['any'];

        return (int) array_search($inches, $this->lengthsIn, true);
    }

    /** The index of the length nearest to some inches; of two as near the first. */
    public function nearestLength(float $inches): int
    {
        $at = 0;
        foreach ($this->lengthsIn as $i => $length) {
            $at = abs($length - $inches) < abs($this->lengthsIn[$at] - $inches) ? $i : $at;
        }

        return $at;
    }

    /** Ounces that this species asks for whatever the depth, or null. */
    public function fixedOzFor(Species $species): ?float
    {
        return $this->fixedOz[$species->value] ?? null;
    }
}
