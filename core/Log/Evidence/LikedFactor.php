<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** A factor as it is guessed at: its levels, those that were fished first, in which stints each was fished and what it gave. */
final readonly class LikedFactor
{
    /** What a level multiplies that is not the liked one: so that all levels together leave the rate as it is. */
    public float $scale;

    /**
     * @param  non-empty-list<string>  $levels
     * @param  list<list<int>>  $stints  of the levels that were fished, in their order
     * @param  list<float>  $contacts  weighted, of the same
     * @param  float  $times  what a liked level brings against another, over 0
     */
    public function __construct(public string $name, public array $levels, public array $stints, public array $contacts, float $times)
    {
        $this->scale = count($levels) / (count($levels) - 1 + $times);
    }
}
