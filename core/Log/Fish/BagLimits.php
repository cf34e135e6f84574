<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

/** The angler's own limits (rule Y7): how many fish make a bag, and the shortest that count, by species. They are never the law. */
final readonly class BagLimits
{
    public const USUAL = 5;

    public const MOST = 50;

    /**
     * @param  int  $number  1 to MOST
     * @param  array<string, float>  $leastIn  inches, by the key of the species; a species without one counts at any length
     */
    public function __construct(public int $number = self::USUAL, public array $leastIn = [])
    {
    }

    /** Whether a fish may be kept by them; one that was not measured may not where a length is asked for. */
    public function allow(BagFish $fish): bool
    {
        $least = $this->leastIn[$fish->species->value] ?? null;

        return $least === null || ($fish->lengthIn !== null && $fish->lengthIn >= $least);
    }
}
