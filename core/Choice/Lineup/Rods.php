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
    /** A lure that is rigged for its job stands at least at this share of the best score (L22). */
    public const FLOOR = 0.5;

    /** So many of the rods are given by worth alone: three of five (L22). */
    private const BY_WORTH = 0.6;

    /** From so many feet between the shallowest and the deepest of a spot a third tier is rigged (own choice). */
    private const VARIES_FT = 10.0;

    /** One kind of structure on which crankbaits are tiered, a rod a tier (M5, L22). */
    private const TIERED = [
        Structure::Point, Structure::MainPoint, Structure::SecondaryPoint, Structure::Ledge, Structure::RockPile, Structure::Hump,
    ];

    /**
     * The entries to rig: the best first, the others in the order of the rack from search to slow. Most rods are given by worth; the
     * rest go to jobs that none of these does, where a lure is worth it (L22).
     *
     * @param  non-empty-list<Entry>  $entries  best first
     * @return non-empty-list<Entry>
     */
    public static function rig(array $entries, Reading $reading): array
    {
        $count = min($reading->day->rods, count($entries));
        $picked = array_slice($entries, 0, max(1, (int) round(self::BY_WORTH * $count)));
        foreach (self::jobs($reading) as [$job, $times]) {
            foreach (array_filter($entries, $job) as $entry) {
                if (count($picked) === $count || count(array_filter($picked, $job)) >= $times) {
                    break;
                }
                if ($entry->score >= self::FLOOR * $entries[0]->score && ! in_array($entry, $picked, true)) {
                    $picked[] = $entry;
                }
            }
        }
        foreach ($entries as $entry) {
            if (count($picked) < $count && ! in_array($entry, $picked, true)) {
                $picked[] = $entry;
            }
        }
        $order = [Role::Search->value => 1, Role::Slow->value => 2, Role::Finesse->value => 3];
        $place = static fn (Entry $e): int => $e === $entries[0] ? 0 : $order[$e->lure->role->value];
        usort($picked, static fn (Entry $a, Entry $b): int => $place($a) <=> $place($b) ?: $a->rank <=> $b->rank);

        return $picked;
    }

    /** @return list<array{callable(Entry): bool, int}> the jobs in order of need, and how many rods each is worth */
    private static function jobs(Reading $reading): array
    {
        if ($reading->isOfBass(Stage::Winter)) {
            // In winter the jobs are the winter five (L7).
            return [[static fn (Entry $e): bool => $e->lure->does(Job::WinterFive), count(Catalog::doing(Job::WinterFive))]];
        }
        $crank = static fn (Entry $e): bool => $e->lure->dives() && $e->lure->appeal->deflects;

        return [
            [static fn (Entry $e): bool => $e->lure->role === Role::Slow && ! $e->lure->dives(), 1],
            [static fn (Entry $e): bool => $e->lure->role === Role::Finesse, 1],
            [static fn (Entry $e): bool => $e->lure->role === Role::Search && ! $crank($e), 1],
            ...(in_array($reading->day->spot->structure, self::TIERED, true) ? [[$crank, self::variesMuch($reading) ? 3 : 2]] : []),
            [static fn (Entry $e): bool => $e->lure->isSurface(), 1],
            [static fn (Entry $e): bool => $e->lure->role === Role::Search
                && in_array($e->lure->rigging->exposure, [Exposure::Guarded, Exposure::Weedless], true), 1],
        ];
    }

    /** Whether the bottom lies over so many depths that a crankbait for each is worth its rod (L39). */
    private static function variesMuch(Reading $reading): bool
    {
        $spot = $reading->day->spot;

        return $spot->shallowFt !== null && $spot->deepFt !== null && $spot->deepFt - $spot->shallowFt >= self::VARIES_FT;
    }
}
