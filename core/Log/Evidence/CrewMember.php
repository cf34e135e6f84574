<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * One angler on the water that the boat shared: casts, contacts, contacts per cast, the chance (0 to 1) of doing better than
 * the others, the lure that brought the most.
 */
final readonly class CrewMember
{
    public function __construct(
        public string $angler,
        public int $casts,
        public int $contactCount,
        public Rate $rate,
        public float $pBetter,
        public ?string $lure,
    ) {
    }

    /** @return array{float, float} contacts per cast between which the true rate lies four times in five */
    public function span(): array
    {
        return [$this->rate->quantile(0.1), $this->rate->quantile(0.9)];
    }
}
