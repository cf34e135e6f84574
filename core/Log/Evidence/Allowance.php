<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * How much more is asked of what is claimed when many levels were looked at: with thirty of them, one will always look good, and one
 * bad. Basis: our own choice (the share-out is Bonferroni's), set and held by simulated days: without it one trip in five on a lake
 * without a pattern would "confirm" something.
 */
final readonly class Allowance
{
    private const TOGETHER = 0.35;

    /** @param  int  $looks  different groupings of the stints that were looked at, 0 or more: a level is one, and all levels that are the same stints */
    public function __construct(private int $looks = 0)
    {
    }

    /** The limit (0 to 1) that is left of one when all that was looked at shares it. */
    public function of(float $limit): float
    {
        return $this->looks === 0 ? $limit : min($limit, self::TOGETHER / $this->looks);
    }
}
