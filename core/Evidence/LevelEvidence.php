<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

/**
 * What the casts say of one level of one factor: casts, weighted contacts, rate with its 80 % interval (per cast), the
 * probability of beating the rest, the verdict, and for a level that stands the blank casts until it is faded.
 */
final readonly class LevelEvidence
{
    public function __construct(
        public string $factor,
        public string $level,
        public int $casts,
        public float $contacts,
        public int $contactCount,
        public float $rate,
        public float $rateLow,
        public float $rateHigh,
        public float $pBetter,
        public Verdict $verdict,
        public ?int $castsUntilFaded,
    ) {
    }
}
