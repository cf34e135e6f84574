<?php

declare(strict_types=1);

namespace OldEddy\Plan;

use OldEddy\Choice\Lineup\Entry;
use OldEddy\Choice\Lineup\RuledOut;
use OldEddy\Plan\Cautions\Caution;
use OldEddy\Reading\Reading;

/** The plan of a day: reading, lineup, rods to rig, what to show when refused, cautions. */
final readonly class Plan
{
    /**
     * @param  non-empty-list<Entry>  $lineup  best first
     * @param  list<RuledOut>  $ruledOut
     * @param  non-empty-list<Entry>  $rods  from search to slow
     * @param  list<string>  $nextIfRefused
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public Reading $reading,
        public array $lineup,
        public array $ruledOut,
        public array $rods,
        public array $nextIfRefused,
        public array $cautions,
    ) {
    }

    /** @return list<Entry> the best of the rods to rig, so many at the most, from search to slow */
    public function worthFirst(int $count): array
    {
        $ranks = array_map(static fn (Entry $e): int => $e->rank, $this->rods);
        sort($ranks);
        $last = $ranks[min($count, count($ranks)) - 1];

        return array_values(array_filter($this->rods, static fn (Entry $e): bool => $e->rank <= $last));
    }

    /** The entry of a lure, or null when it is ruled out. */
    public function entry(string $lure): ?Entry
    {
        foreach ($this->lineup as $entry) {
            if ($entry->lure->key === $lure) {
                return $entry;
            }
        }

        return null;
    }
}
