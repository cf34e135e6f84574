<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * What the casts say of one level of one factor: casts, weighted contacts and their plain count, the level's own rate,
 * the rate drawn to the day's (partial pooling), the probability of beating the rest, the verdict, what of it may be
 * claimed among so many levels (see Allowance), and for a level that stands the blank casts until it is faded. Rates are
 * contacts per cast.
 */
final readonly class LevelEvidence
{
    public function __construct(
        public string $factor,
        public string $level,
        public int $casts,
        public float $contacts,
        public int $contactCount,
        public Rate $own,
        public Rate $pooled,
        public float $pBetter,
        public Verdict $verdict,
        public Verdict $claim,
        public ?int $castsUntilFaded,
    ) {
    }

    /** Whether it is fit to be part of a pattern: it stands, and rather beats the rest than not. */
    public function leads(): bool
    {
        return $this->verdict->stands() && $this->pBetter >= 0.75;
    }
}
