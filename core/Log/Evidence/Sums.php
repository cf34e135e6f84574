<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** Weighed contacts and casts (0 or more each) of the stints that share something, and of the rest. */
final readonly class Sums
{
    public function __construct(public float $contacts, public float $casts, public float $restContacts, public float $restCasts)
    {
    }

    /**
     * Those of some stints; what is from before a turn of the day says less.
     *
     * @param  array<int, Stint>  $stints
     * @param  array<int, float>  $freshness  0 to 1, by the same indexes
     * @param  array<int, true>  $in  indexes of those that share it
     */
    public static function of(array $stints, array $freshness, array $in): self
    {
        $sums = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($stints as $i => $stint) {
            $side = isset($in[$i]) ? 0 : 1;
            $sums[$side][0] += $freshness[$i] * $stint->weight();
            $sums[$side][1] += $freshness[$i] * $stint->casts;
        }

        return new self(...$sums[0], ...$sums[1]);
    }

    /** Whether there were casts with it and casts without it: what was never varied says nothing of itself. */
    public function isVaried(): bool
    {
        return $this->casts > 0 && $this->restCasts > 0;
    }

    /** Contacts per cast of all together; there were casts. */
    public function perCast(): float
    {
        return ($this->contacts + $this->restContacts) / ($this->casts + $this->restCasts);
    }

    /** Whether its share of the contacts is at least its share of the casts. */
    public function isAbove(): bool
    {
        return $this->contacts * $this->restCasts >= $this->restContacts * $this->casts;
    }
}
