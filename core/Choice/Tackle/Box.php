<?php

declare(strict_types=1);

namespace OldEddy\Choice\Tackle;

use OldEddy\Day\Conditions\Owned;
use OldEddy\Day\Conditions\Settled;

/** What the box holds of one lure family (rule K4); without lures told it says nothing, and the catalog's own values count. */
final readonly class Box
{
    /** @param  list<Owned>  $lures  of one family */
    private function __construct(private array $lures)
    {
    }

    /** What it holds of a family on this day. */
    public static function of(string $lure, Settled $day): self
    {
        return new self($day->box[$lure] ?? []);
    }

    /**
     * The weights in it, ounces; those given where it tells none.
     *
     * @param  non-empty-list<float>  $usual
     * @return non-empty-list<float>
     */
    public function weightsOz(array $usual): array
    {
        return $this->values(static fn (Owned $o): ?float => $o->weightOz, $usual);
    }

    /**
     * The lengths in it, inches, small to big; those given where it tells none.
     *
     * @param  non-empty-list<float>  $usual
     * @return non-empty-list<float>
     */
    public function lengthsIn(array $usual): array
    {
        return $this->values(static fn (Owned $o): ?float => $o->lengthIn, $usual);
    }

    /**
     * The rated depths of its divers, feet, shallow to deep; those given where it tells none.
     *
     * @param  non-empty-list<float>  $usual
     * @return non-empty-list<float>
     */
    public function ratedFt(array $usual): array
    {
        return $this->values(static fn (Owned $o): ?float => $o->ratedFt, $usual);
    }

    /** @return list<string> the colors it holds, by their keys; nothing where it tells none */
    public function colors(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (Owned $o): ?string => $o->color, $this->lures))));
    }

    /** What its owner calls a color (a key) that it holds; null where he gave it no name. */
    public function nameOf(string $color): ?string
    {
        foreach ($this->lures as $owned) {
            if ($owned->color === $color && ($owned->colorName ?? '') !== '') {
                return $owned->colorName;
            }
        }

        return null;
    }

    /** Whether it holds one in this color (a key); null where it tells no color at all. */
    public function hasColor(string $color): ?bool
    {
        $colors = $this->colors();

        return $colors === [] ? null : in_array($color, $colors, true);
    }

    /**
     * @param  callable(Owned): ?float  $of
     * @param  non-empty-list<float>  $usual
     * @return non-empty-list<float>
     */
    private function values(callable $of, array $usual): array
    {
        if ($this->lures === []) {
            return $usual;
        }
        $values = array_values(array_unique(array_filter(array_map($of, $this->lures), static fn (?float $v): bool => $v !== null)));
        sort($values);

        return $values === [] ? $usual : $values;
    }
}
