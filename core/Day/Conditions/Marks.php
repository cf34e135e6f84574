<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

/** What the sounder showed today, as far as somebody said it (rule F24). Feet below the surface, 0 or more. */
final readonly class Marks
{
    /** Fish marked at a depth stand within so many feet of it. Basis: own choice. */
    public const SPREAD_FT = 2.0;

    /**
     * @param  ?float  $fishFt  where fish were marked
     * @param  ?float  $baitFt  where bait was
     * @param  ?bool  $hardBottom  whether the bottom came back hard; null where nobody said
     * @param  ?float  $thermoclineFt  where the warm water ends
     */
    public function __construct(
        public ?float $fishFt = null,
        public ?float $baitFt = null,
        public ?bool $hardBottom = null,
        public ?float $thermoclineFt = null,
    ) {
    }
}
