<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * How much more is asked of "confirmed" when many levels were looked at: with thirty of them, one will always look good.
 * Up to three groupings have nothing added to the limit of rule EVIDENCE. Basis: our own choice (the share-out is Bonferroni's),
 * set and held by the simulated lake: without it one trip in five on a lake without a pattern would "confirm" something.
 */
final readonly class Allowance
{
    private const TOGETHER = 0.115;

    private const FEW = 3;

    /** For so many different groupings of the stints, 0 or more. */
    public function __construct(private int $looks = 0)
    {
    }

    /**
     * For every level of every factor, counting groupings that are the same stints once.
     *
     * @param  array<string, array<array-key, array<int, true>>>  $members  stint indexes by level by factor
     */
    public static function forLooks(array $members): self
    {
        $seen = [];
        foreach ($members as $factor => $levels) {
            // A spot cannot be confirmed, since that takes two; anglers are compared elsewhere.
            foreach (in_array($factor, ['spot', 'angler'], true) ? [] : $levels as $in) {
                $seen[implode(',', array_keys($in))] = true;
            }
        }

        return new self(count($seen));
    }

    /** Whether a probability (0 to 1) of beating the rest is high enough to be claimed. */
    public function lets(float $pBetter): bool
    {
        return $this->looks <= self::FEW || 1 - $pBetter <= self::TOGETHER / $this->looks;
    }
}
