<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Basics\Said;

/**
 * One proposal for the next move: what to do, the sentence, the rule behind it, what it would be in place and lure where
 * that is known, the probability (0 to 1) that it fishes better than what is fished now, what would change it, and after how many
 * casts without a contact it is asked again.
 */
final readonly class Move
{
    public function __construct(
        public Action $action,
        public string|Said $text,
        public string $ruleId,
        public ?Offer $offer = null,
        public ?float $pBetter = null,
        public ?string $unless = null,
        public int $casts = Offer::CASTS,
    ) {
    }

    /** Whether going on promises more. */
    public function promisesLess(): bool
    {
        return $this->pBetter !== null && $this->pBetter < 0.4;
    }

    /** How sure the proposal is, in plain words; null where nothing was reckoned. */
    public function sure(): ?string
    {
        return $this->pBetter === null ? null : match (true) {
            $this->pBetter >= 0.9 => 'Very likely better than going on',
            $this->pBetter >= 0.7 => 'Likely better than going on',
            $this->pBetter >= 0.55 => 'Rather better than going on',
            ! $this->promisesLess() => 'As good as going on, and it tells something new',
            default => 'A try, no more: going on promises more',
        }.sprintf(' (about %d in 10).', (int) round(10 * $this->pBetter));
    }
}
