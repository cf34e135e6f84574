<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** One lure of the box, as far as the lineup asks (rule K4): its family, and where known color, weight, length and rated depth. */
final readonly class Owned
{
    /**
     * @param  string  $lure  the key of its family
     * @param  ?string  $color  the key of a family of colors
     * @param  ?float  $weightOz  over 0
     * @param  ?float  $lengthIn  over 0
     * @param  ?string  $colorName  what its owner calls that color
     * @param  ?float  $ratedFt  the depth a diver is rated for, over 0
     */
    public function __construct(
        public string $lure,
        public ?string $color = null,
        public ?float $weightOz = null,
        public ?float $lengthIn = null,
        public ?float $ratedFt = null,
        public ?string $colorName = null,
    ) {
    }
}
