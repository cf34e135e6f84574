<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\Exposure;
use OldEddy\Choice\Lures\Job;
use OldEddy\Choice\Lures\Role;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** Which rods to rig: each slot covers another job (M5, L22). Basis: common practice; the jobs' order is our own. */
final class Rods
{
    /** A rod stands at least at this share of the best score, unless its lure is the only one for its job (L22). */
    public const FLOOR = 0.5;

    /** One kind of structure on which crankbaits are tiered, a rod a tier (M5, L22). */
    private const TIERED = [
        Structure::Point, Structure::MainPoint, Structure::SecondaryPoint, Structure::Ledge, Structure::RockPile, Structure::Hump,
    ];

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
            $able = array_values(array_filter($entries, $job));
            $floor = count($able) === 1 ? 0.0 : self::FLOOR * $entries[0]->score;
            foreach ($able as $entry) {
                if (! isset($picked[$entry->lure->key]) && $entry->score >= $floor) {
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
        if ($reading->isOfBass(Stage::Winter)) {
            // In winter the jobs are the winter five (L7).
            $five = array_fill(0, count(Catalog::doing(Job::WinterFive)), static fn (Entry $e): bool => $e->lure->does(Job::WinterFive));

            return [static fn (Entry $e): bool => true, ...$five];
        }
        $jobs = [
            static fn (Entry $e): bool => true,
            static fn (Entry $e): bool => $e->lure->role === Role::Slow && ! $e->lure->dives(),
            static fn (Entry $e): bool => $e->lure->role === Role::Finesse,
            static fn (Entry $e): bool => $e->lure->role === Role::Search && ! ($e->lure->dives() && $e->lure->appeal->deflects),
        ];
        if (in_array($reading->day->spot->structure, self::TIERED, true)) {
            $crank = static fn (Entry $e): bool => $e->lure->dives() && $e->lure->appeal->deflects;
            array_push($jobs, $crank, $crank);
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
