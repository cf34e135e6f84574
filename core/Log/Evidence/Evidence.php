<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** The evidence of a day: every level of every factor, and the levels that came together. */
final readonly class Evidence
{
    /**
     * @param  list<Stint>  $stints  in order of time
     * @param  list<float>  $freshness  how much each stint still says, 0 to 1
     * @param  list<Turn>  $turns
     * @param  list<LevelEvidence>  $levels
     * @param  Together  $together  levels that always or nearly always came together
     */
    private function __construct(
        public array $stints,
        public array $freshness,
        public array $turns,
        public Prior $prior,
        public Rate $day,
        public array $levels,
        public Together $together,
        private Verdicts $verdicts,
    ) {
    }

    /**
     * Weighs a day's stints; they may come in any order. Turns of the day make older stints say less.
     *
     * @param  list<Stint>  $stints
     * @param  list<Turn>  $turns
     */
    public static function weigh(array $stints, Prior $prior = new Prior, array $turns = []): self
    {
        usort($stints, static fn (Stint $a, Stint $b): int => $a->at <=> $b->at);
        $freshness = Turn::freshness($stints, $turns);
        $members = [];
        foreach ($stints as $i => $stint) {
            foreach ($stint->levels as $factor => $level) {
                $members[$factor][$level][$i] = true;
            }
        }
        $sums = Sums::of($stints, $freshness, array_fill_keys(array_keys($stints), true));
        $day = Rate::after($prior, $sums->contacts, $sums->casts);
        $visits = Visits::in($stints);
        $together = Together::of($stints, $members);
        $allowance = new Allowance($together->groupings);
        $all = new Verdicts($stints, $freshness, $visits, $day->mean(), $allowance);
        $levels = [];
        foreach (array_intersect(Stint::FACTORS, array_keys($members)) as $factor) {
            // Stints in which the factor is unknown say nothing for or against the level.
            $known = array_filter($stints, static fn (Stint $s): bool => isset($s->levels[$factor]));
            $verdicts = count($known) === count($stints) ? $all : new Verdicts($known, $freshness, $visits, $day->mean(), $allowance);
            array_push($levels, ...self::levels($factor, $members[$factor], $verdicts, $stints, $together, $day));
        }

        return new self($stints, $freshness, $turns, $prior, $day, $levels, $together, $all);
    }

    /** The evidence as it was right after one of the stints, by its index. */
    public function asOf(int $stint): self
    {
        $at = $this->stints[$stint]->at;

        return self::weigh(
            array_slice($this->stints, 0, $stint + 1),
            $this->prior,
            array_values(array_filter($this->turns, static fn (Turn $t): bool => $t->at <= $at)),
        );
    }

    /** The evidence on one level, or null when it was never fished. */
    public function of(string $factor, string $level): ?LevelEvidence
    {
        foreach ($this->levels as $one) {
            if ($one->factor === $factor && $one->level === $level) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<LevelEvidence> the levels of one factor, the highest pooled rate first */
    public function levelsOf(string $factor): array
    {
        $levels = array_values(array_filter($this->levels, static fn (LevelEvidence $l): bool => $l->factor === $factor));
        usort($levels, static fn (LevelEvidence $a, LevelEvidence $b): int => $b->pooled->mean() <=> $a->pooled->mean());

        return $levels;
    }

    /** The prior that the levels of a factor are drawn to; a level never fished has nothing else. */
    public function pool(string $factor): Prior
    {
        return self::poolOf(array_map(static fn (LevelEvidence $l): Rate => $l->own, $this->levelsOf($factor)), $this->levelPrior(), $this->day);
    }

    /** What may be claimed of the stints with these indexes against all others, allowing for all that was looked at. */
    public function claim(int ...$in): Verdict
    {
        return $in === [] ? Verdict::NoRead : $this->verdicts->judge(array_fill_keys($in, true))->claim;
    }

    /** The probability (0 to 1) that the stints with these indexes fish better than all others; null where there are no others. */
    public function pBetter(int ...$in): ?float
    {
        return $this->verdicts->pBetter(array_fill_keys($in, true));
    }

    /** On how many spots the stints with these indexes had contacts. */
    public function spotsWithContact(int ...$in): int
    {
        $spots = [];
        foreach ($in as $i) {
            if ($this->stints[$i]->contacts !== []) {
                $spots[$this->stints[$i]->levels['spot'] ?? ''] = true;
            }
        }

        return count($spots);
    }

    /** The last stint, or null before the first. */
    public function last(): ?Stint
    {
        return $this->stints[array_key_last($this->stints) ?? 0] ?? null;
    }

    /** All casts of the day. */
    public function casts(): int
    {
        return array_sum(array_map(static fn (Stint $s): int => $s->casts, $this->stints));
    }

    /** All contacts of the day, unweighted. */
    public function contactCount(): int
    {
        return array_sum(array_map(static fn (Stint $s): int => count($s->contacts), $this->stints));
    }

    /** What any one level is believed to give before its own casts: what the day gave, worth two contacts. */
    public function levelPrior(): Prior
    {
        return $this->verdicts->prior();
    }

    /**
     * @param  array<array-key, array<int, true>>  $members  stint indexes by level
     * @param  list<Stint>  $stints
     * @return list<LevelEvidence>
     */
    private static function levels(string $factor, array $members, Verdicts $verdicts, array $stints, Together $together, Rate $day): array
    {
        $judged = [];
        foreach ($members as $level => $in) {
            $judged[$level] = $verdicts->judge($in, $together->nearlyWith(new Level($factor, (string) $level)));
        }
        $pool = self::poolOf(array_map(static fn (Judged $j): Rate => $j->own, $judged), $verdicts->prior(), $day);
        $levels = [];
        foreach ($members as $level => $in) {
            $casts = 0;
            $contacts = 0.0;
            $count = 0;
            foreach (array_keys($in) as $i) {
                $casts += $stints[$i]->casts;
                $contacts += $stints[$i]->weight();
                $count += count($stints[$i]->contacts);
            }
            $j = $judged[$level];
            $levels[] = new LevelEvidence(
                $factor,
                (string) $level,
                $casts,
                $contacts,
                $count,
                $j->own,
                Rate::after($pool, ...$j->own->since($verdicts->prior())),
                $j->pBetter,
                $j->verdict,
                $j->claim,
                $j->castsUntilFaded,
            );
        }

        return $levels;
    }

    /** @param  array<array-key, Rate>  $own */
    private static function poolOf(array $own, Prior $prior, Rate $day): Prior
    {
        return Pooling::prior(array_values(array_map(static fn (Rate $r): array => $r->since($prior), $own)), $day->mean());
    }
}
