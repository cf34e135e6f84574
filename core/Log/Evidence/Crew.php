<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * The anglers of one boat, compared fairly: by their casts, and only on spots that more than one of them fished, so that
 * nobody wins by having stood at the better place. Basis: rule M4; the restriction to shared spots is our own.
 */
final readonly class Crew
{
    /** @param  list<CrewMember>  $members  the highest rate first */
    private function __construct(public array $members)
    {
    }

    /** The anglers in a day's evidence; empty with fewer than two. */
    public static function of(Evidence $evidence): self
    {
        $bySpot = [];
        foreach ($evidence->stints as $stint) {
            if (isset($stint->levels['angler'])) {
                $bySpot[$stint->levels['spot'] ?? ''][$stint->levels['angler']][] = $stint;
            }
        }
        $shared = [];
        foreach ($bySpot as $anglers) {
            foreach (count($anglers) > 1 ? $anglers : [] as $angler => $stints) {
                $shared[$angler] = [...($shared[$angler] ?? []), ...$stints];
            }
        }
        $members = [];
        foreach ($shared as $angler => $stints) {
            $others = array_merge(...array_values(array_diff_key($shared, [$angler => true])));
            $rate = self::rate($stints, $evidence->prior);
            $members[] = new CrewMember(
                (string) $angler,
                self::casts($stints),
                self::contacts($stints),
                $rate,
                $rate->exceeds(self::rate($others, $evidence->prior)),
                self::lure($stints),
            );
        }
        usort($members, static fn (CrewMember $a, CrewMember $b): int => $b->rate->mean() <=> $a->rate->mean());

        return new self($members);
    }

    /** Who does best, or null with fewer than two. */
    public function lead(): ?CrewMember
    {
        return $this->members[0] ?? null;
    }

    /** @param  list<Stint>  $stints */
    private static function rate(array $stints, Prior $prior): Rate
    {
        return Rate::after($prior, array_sum(array_map(static fn (Stint $s): float => $s->weight(), $stints)), self::casts($stints));
    }

    /** @param  list<Stint>  $stints */
    private static function casts(array $stints): int
    {
        return array_sum(array_map(static fn (Stint $s): int => $s->casts, $stints));
    }

    /** @param  list<Stint>  $stints */
    private static function contacts(array $stints): int
    {
        return array_sum(array_map(static fn (Stint $s): int => count($s->contacts), $stints));
    }

    /**
     * The lure that brought the most.
     *
     * @param  list<Stint>  $stints
     */
    private static function lure(array $stints): ?string
    {
        $by = [];
        foreach ($stints as $stint) {
            if (isset($stint->levels['lure'])) {
                $by[$stint->levels['lure']] = ($by[$stint->levels['lure']] ?? 0.0) + $stint->weight();
            }
        }
        arsort($by);

        return array_key_first($by);
    }
}
