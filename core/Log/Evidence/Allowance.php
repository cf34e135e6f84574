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

    /** @param  int  $looks  different groupings of the stints, 0 or more */
    public function __construct(private int $looks = 0)
    {
    }

    /**
     * For every level of every factor that was varied, counting groupings that are the same stints once.
     *
     * @param  array<string, array<array-key, array<int, true>>>  $members  stint indexes by level by factor
     */
    public static function forLooks(array $members): self
    {
        $seen = [];
        foreach ($members as $factor => $levels) {
            // A spot cannot be confirmed, since that takes two; anglers are compared elsewhere; what never varied is not looked at.
            foreach (in_array($factor, ['spot', 'angler'], true) || count($levels) < 2 ? [] : $levels as $in) {
                $seen[implode(',', array_keys($in))] = true;
            }
        }

        return new self(count($seen));
    }

    /** The limit (0 to 1) that is left of one when all that was looked at shares it. */
    public function of(float $limit): float
    {
        return $this->looks === 0 ? $limit : min($limit, self::TOGETHER / $this->looks);
    }
}
