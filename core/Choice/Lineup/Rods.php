<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\Role;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Reading\Reading;

/** Which rods to rig: each slot covers another job (M5). Basis: common practice; the jobs' order is our own. */
final class Rods
{
    /** A job is only worth a rod while a lure for it reaches this share of the best score. */
    private const WORTH = 0.2;

    /**
     * The entries to rig, in the order of the rack from search to slow.
     *
     * @param  non-empty-list<Entry>  $entries  best first
     * @return non-empty-list<Entry>
     */
    public static function rig(array $entries, Reading $reading): array
    {
        $count = min($reading->day->rods, count($entries));
        $picked = [];
        foreach (self::jobs($reading) as $job) {
            if (count($picked) === $count) {
                break;
            }
            foreach ($entries as $entry) {
                if (! isset($picked[$entry->lure->key]) && $entry->score >= self::WORTH * $entries[0]->score && $job($entry)) {
                    $picked[$entry->lure->key] = $entry;

                    break;
                }
            }
        }
        foreach ($entries as $entry) {
            if (count($picked) >= $count) {
                break;
            }
            $picked[$entry->lure->key] ??= $entry;
        }
        $order = [Role::Search->value => 0, Role::Slow->value => 1, Role::Finesse->value => 2];
        $rods = array_values($picked);
        usort($rods, static fn (Entry $a, Entry $b): int => $order[$a->lure->role->value] <=> $order[$b->lure->role->value] ?: $a->rank <=> $b->rank);

        /** @var non-empty-list<Entry> $rods */
        return $rods;
    }

    /** @return list<callable(Entry): bool> the jobs in order of need */
    private static function jobs(Reading $reading): array
    {
        $jobs = [
            static fn (Entry $e): bool => true,
            static fn (Entry $e): bool => $e->lure->role === Role::Slow && ! $e->lure->dives(),
            static fn (Entry $e): bool => $e->lure->role === Role::Finesse,
            static fn (Entry $e): bool => $e->lure->role === Role::Search && ! ($e->lure->dives() && $e->lure->appeal->deflects),
        ];
        if (in_array($reading->day->spot->structure, [Structure::Point, Structure::MainPoint, Structure::Ledge, Structure::RockPile, Structure::Hump], true)) {
            // Tiers of crankbaits where one kind of structure is fished.
            $jobs[] = static fn (Entry $e): bool => $e->lure->dives() && $e->lure->appeal->deflects;
        }
        $jobs[] = static fn (Entry $e): bool => $e->lure->isSurface();
        $jobs[] = static fn (Entry $e): bool => in_array(
            $e->lure->rigging->exposure,
            [Exposure::Guarded, Exposure::Weedless],
            true,
        ) && $e->lure->role === Role::Search;

        return $jobs;
    }
}
