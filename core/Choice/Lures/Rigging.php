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
     * @param  list<float>  $bigIn  inches of those made for muskellunge
     * @param  bool  $soft  whether it is of soft plastic
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
        private array $bigIn,
        private bool $soft,
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

    /** @return list<float> its lengths that this species is shown, inches, small to big; empty where it is made too small or too big (L23, L40) */
    public function lengthsFor(Species $species): array
    {
        $least = $species->leastInches($this->soft);
        $all = $least > 0.0 ? array_unique([...$this->lengthsIn, ...$this->bigIn]) : $this->lengthsIn;

        return array_values(array_filter($all, fn (float $l): bool => $l >= $least && $l <= $species->mostInches($this->soft)));
    }

    /**
     * The place in these lengths to begin with (rule L10): that of its species, else the middle, one bigger for active fish.
     *
     * @param  non-empty-list<float>  $lengths  those that the species is shown, inches
     */
    public function startingLength(Species $species, bool $active, array $lengths): int
    {
        $inches = $this->startIn[$species->value] ?? $this->startIn[$species->group()] ?? $this->startIn['any'] ?? null;

        return $inches === null || $inches < $lengths[0]
            ? intdiv(count($lengths) - 1, 2) + ($active && count($lengths) > 1 ? 1 : 0)
            : self::nearest($inches, $lengths);
    }

    /**
     * The index of the length nearest to some inches; of two as near the first.
     *
     * @param  non-empty-list<float>  $lengths
     */
    public static function nearest(float $inches, array $lengths): int
    {
        $at = 0;
        foreach ($lengths as $i => $length) {
            $at = abs($length - $inches) < abs($lengths[$at] - $inches) ? $i : $at;
        }

        return $at;
    }

    /** Ounces that this species asks for whatever the depth, or null. */
    public function fixedOzFor(Species $species): ?float
    {
        return $this->fixedOz[$species->value] ?? null;
    }
}
