<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

/** Two anglers throw different things until one wins, then both change over (M4). Basis: common practice; "different" is our own choice. */
final class Split
{
    /**
     * What each of two anglers starts with: the first choice, and the best lure of another role and part of the column that
     * stands above the floor of a rod (L22), else the best of another role.
     *
     * @param  non-empty-list<Entry>  $entries  best first
     * @return array{Entry, Entry}
     */
    public static function between(array $entries): array
    {
        $first = $entries[0];
        foreach ($entries as $entry) {
            if ($entry->score < Rods::FLOOR * $first->score) {
                break;
            }
            if ($entry->lure->role !== $first->lure->role && $entry->lure->columns[0] !== $first->lure->columns[0]) {
                return [$first, $entry];
            }
        }

        foreach (array_slice($entries, 1) as $entry) {
            if ($entry->lure->role !== $first->lure->role) {
                return [$first, $entry];
            }
        }

        return [$first, $entries[1] ?? $first];
    }
}
