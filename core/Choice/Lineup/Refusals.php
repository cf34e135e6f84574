<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\Role;
use OldEddy\Choice\Retrieve\Tempo;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Reading\Reading;

/** What to show when the first choice is refused: slower and smaller step by step, then back to the first. Basis: M3, M8. */
final class Refusals
{
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
        if ($reading->day->species === Species::SmallmouthBass && $reading->day->spot->structure === Structure::Flat) {
            $flat = TrialOrders::named('smallmouth_flat')->order;
            // It starts from the lure it names, wherever that stands (M8).
            if (array_diff($flat, $keys) === []) {
                return [...array_slice($flat, 1), $flat[0]];
            }
        }
        $tempo = Tempo::of($reading);
        $pace = $tempo->paceFtS($first->lure);
        $ladder = [];
        foreach ([Role::Search, Role::Slow, Role::Finesse] as $role) {
            foreach ($entries as $entry) {
                if ($entry === $first || $entry->lure->role !== $role || $entry->score < self::WORTH * $first->score) {
                    continue;
                }
                $its = $tempo->paceFtS($entry->lure);
                if ($its < $pace || $entry->lure->appeal->compact) {
                    $ladder[] = $entry->lure->key;
                    $pace = min($pace, $its + 0.01);

                    break;
                }
            }
        }

        return $ladder === [] ? array_slice($keys, 1, 2) : [...$ladder, $first->lure->key];
    }
}
