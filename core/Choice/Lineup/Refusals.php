<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\Role;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Reading\Reading;

/** What to show when the first choice is refused: slower and smaller step by step, then back to the first. Basis: M3, M8. */
final class Refusals
{
    /** The ladder that the handbook names for smallmouth on a flat (M8). */
    private const FLAT = ['jerkbait', 'paddletail_swimbait', 'micro_jig'];

    /** A rung is only worth its casts from this share of the first choice's score. */
    private const WORTH = 0.3;

    /**
     * Lure keys in order of trial, 10 to 20 casts each; the last leads back to the first choice.
     *
     * @param  non-empty-list<Entry>  $entries  best first
     * @return list<string>
     */
    public static function after(array $entries, Reading $reading): array
    {
        $first = $entries[0];
        $keys = array_map(static fn (Entry $e): string => $e->lure->key, $entries);
        if ($reading->day->species === Species::SmallmouthBass && $reading->day->spot->structure === Structure::Flat
            && $first->lure->key === self::FLAT[0] && array_diff(self::FLAT, $keys) === []) {
            return [...array_slice(self::FLAT, 1), self::FLAT[0]];
        }
        $pace = CadenceChooser::paceFtS($first->lure, $reading);
        $ladder = [];
        foreach ([Role::Search, Role::Slow, Role::Finesse] as $role) {
            foreach ($entries as $entry) {
                if ($entry === $first || $entry->lure->role !== $role || $entry->score < self::WORTH * $first->score) {
                    continue;
                }
                $its = CadenceChooser::paceFtS($entry->lure, $reading);
                if ($its < $pace || $entry->lure->compact) {
                    $ladder[] = $entry->lure->key;
                    $pace = min($pace, $its + 0.01);

                    break;
                }
            }
        }

        return $ladder === [] ? array_slice($keys, 1, 2) : [...$ladder, $first->lure->key];
    }
}
