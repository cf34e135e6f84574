<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * What the casts say of one level of one factor: casts, weighted contacts and their plain count, the level's own rate,
 * the rate drawn to the day's (partial pooling), the probability of beating the rest (null where there is no rest), the
 * verdict by itself, what of it may be claimed among so many levels (see Allowance) and is said and kept, and for a level
 * that stands the blank casts until it is faded. Rates are contacts per cast.
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
        public ?float $pBetter,
        public Verdict $verdict,
        public Verdict $claim,
        public ?int $castsUntilFaded,
    ) {
    }

    /** Whether it is fit to be part of a pattern: by itself it stands. */
    public function leads(): bool
    {
        return $this->verdict->stands();
    }

    /** What is claimed of it in words; under the claim, which way it leans. */
    public function says(): string
    {
        return match (true) {
            $this->pBetter === null => $this->contactCount > 0 ? 'only tried so' : Verdict::NoRead->words(),
            $this->claim === $this->verdict => $this->claim->words(),
            $this->verdict === Verdict::Rejected => 'rather less here',
            default => $this->claim === Verdict::Hint ? 'rather more here' : $this->claim->words(),
        };
    }
}
