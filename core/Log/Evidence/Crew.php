<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * The anglers of one boat, compared fairly: by their casts where and when another of them cast as well, so that nobody wins by having
 * stood at the better place or fished the better hour, and by no order at all from a handful of casts. Basis: rules G3, M4.
 */
final readonly class Crew
{
    /** Under so many shared casts of each nobody is put before another. Basis: own choice. */
    private const RANKED_FROM = 40;

    /** So likely must one do better, on so many contacts, before all change over. Basis: own choice. */
    private const WON = 0.85;

    private const WON_ON = 2;

    /**
     * @param  list<CrewMember>  $members  by their rate, the highest first, where they are ranked; else by name
     * @param  list<SharedStretch>  $stretches  in order of time
     */
    private function __construct(public array $members, public array $stretches, public bool $ranked)
    {
    }

    /** The anglers in a day's evidence; empty where fewer than two fished the same water at the same time. */
    public static function of(Evidence $evidence): self
    {
        $stretches = SharedStretch::in($evidence->stints);
        $shared = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->stints as $angler => $stints) {
                $shared[$angler] = [...($shared[$angler] ?? []), ...$stints];
            }
        }
        $members = [];
        foreach ($shared as $angler => $stints) {
            $others = array_merge(...array_values(array_diff_key($shared, [$angler => true])));
            $rate = self::rate($stints, $evidence->levelPrior());
            $members[] = new CrewMember(
                (string) $angler,
                SharedStretch::casts($stints),
                array_sum(array_map(static fn (Stint $s): int => count($s->contacts), $stints)),
                $rate,
                $rate->exceeds(self::rate($others, $evidence->levelPrior())),
                self::lure($stints),
            );
        }
        $ranked = $members !== [] && min(array_map(static fn (CrewMember $m): int => $m->casts, $members)) >= self::RANKED_FROM;
        usort($members, static fn (CrewMember $a, CrewMember $b): int => $ranked ? $b->rate->mean() <=> $a->rate->mean() : $a->angler <=> $b->angler);

        return new self($members, $stretches, $ranked);
    }

    /** Whose lure won, so that all change over to it (G1); null while nobody's has. */
    public function winner(): ?CrewMember
    {
        foreach ($this->members as $member) {
            if ($member->pBetter >= self::WON && $member->contactCount >= self::WON_ON && $member->lure !== null) {
                return $member;
            }
        }

        return null;
    }

    /** What the comparison comes to, in a sentence; null with fewer than two. */
    public function says(): ?string
    {
        $winner = $this->winner();

        return match (true) {
            $this->members === [] => null,
            $winner !== null => sprintf(
                'The %s of %s is winning on the same water (%d %% sure): all change over to it.', str_replace('_', ' ', (string) $winner->lure), $winner->angler,
                (int) floor(100 * $winner->pBetter),
            ),
            ! $this->ranked => sprintf('Too few casts over the same water to put anybody first: it takes %d each.', self::RANKED_FROM),
            default => 'Over the same water none of you is ahead by more than luck: throw different things a while longer.',
        };
    }

    /** @param  list<Stint>  $stints */
    private static function rate(array $stints, Prior $prior): Rate
    {
        return Rate::after($prior, array_sum(array_map(static fn (Stint $s): float => $s->weight(), $stints)), SharedStretch::casts($stints));
    }

    /**
     * The lure that brought the most; null where none brought anything.
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
        $lure = array_key_first($by);

        return $lure !== null && $by[$lure] > 0 ? (string) $lure : null;
    }
}
