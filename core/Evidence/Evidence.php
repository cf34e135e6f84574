<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

/** The evidence of a day: every level of every factor, and the levels that always came together. */
final readonly class Evidence
{
    private const REJECTED_UNDER = 0.1;

    private const REJECTED_CASTS = 30;

    private const READ_CASTS = 20;

    private const HOLDING_P = 0.75;

    private const CONFIRMED_P = 0.9;

    /** So unlikely must a run of blank casts be before a level counts as faded. */
    private const FADED_UNDER = 0.1;

    /**
     * @param  list<Stint>  $stints  in order of time
     * @param  list<LevelEvidence>  $levels
     * @param  list<list<string>>  $confounded  groups of "factor:level"
     */
    private function __construct(public array $stints, public Prior $prior, public array $levels, public array $confounded)
    {
    }

    /**
     * Weighs a day's stints; they may come in any order.
     *
     * @param  list<Stint>  $stints
     */
    public static function weigh(array $stints, Prior $prior = new Prior): self
    {
        usort($stints, static fn (Stint $a, Stint $b): int => $a->at <=> $b->at);
        $members = [];
        foreach ($stints as $i => $stint) {
            foreach ($stint->levels as $factor => $level) {
                $members[$factor][$level][$i] = true;
            }
        }
        $levels = [];
        foreach (Stint::FACTORS as $factor) {
            foreach ($members[$factor] ?? [] as $level => $in) {
                // Stints in which the factor is unknown say nothing for or against the level.
                $known = array_filter($stints, static fn (Stint $s): bool => isset($s->levels[$factor]));
                $levels[] = self::level($factor, (string) $level, $known, $in, $prior);
            }
        }

        return new self($stints, $prior, $levels, self::confounded($members));
    }

    /**
     * The verdict on stints that share something, against the others. Basis: handbook 08.
     *
     * @param  array<int, Stint>  $stints  in order of time
     * @param  array<int, true>  $in  indexes of those that share it
     */
    public static function verdict(array $stints, array $in, Prior $prior): Verdict
    {
        $now = self::verdictOf($stints, $in, $prior);
        if ($now === Verdict::Rejected) {
            return $now;
        }
        // Judge the log up to the level's last contact: had it stood then, and have too many blank casts followed?
        $last = null;
        foreach (array_keys($in) as $i) {
            if ($stints[$i]->contacts !== []) {
                $last = $i;
            }
        }
        if ($last !== null) {
            $until = array_filter($stints, static fn (int $i): bool => $i <= $last, ARRAY_FILTER_USE_KEY);
            $blank = self::blankCasts($stints, $in);
            $rate = self::rates($until, array_intersect_key($in, $until), $prior)[0]->mean();
            if (self::verdictOf($until, array_intersect_key($in, $until), $prior)->stands() && exp(-$rate * $blank) < self::FADED_UNDER) {
                return Verdict::Faded;
            }
        }

        return $now;
    }

    /**
     * Casts with a level since its last contact.
     *
     * @param  array<int, Stint>  $stints
     * @param  array<int, true>  $in
     */
    public static function blankCasts(array $stints, array $in): int
    {
        $blank = 0;
        foreach (array_reverse(array_keys($in)) as $i) {
            $blank += $stints[$i]->castsSinceContact();
            if ($stints[$i]->contacts !== []) {
                break;
            }
        }

        return $blank;
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

    /**
     * @param  array<int, Stint>  $stints
     * @param  array<int, true>  $in
     */
    private static function level(string $factor, string $level, array $stints, array $in, Prior $prior): LevelEvidence
    {
        [$rate, $rest] = self::rates($stints, $in, $prior);
        $casts = 0;
        $contacts = 0.0;
        $count = 0;
        foreach (array_keys($in) as $i) {
            $casts += $stints[$i]->casts;
            $contacts += $stints[$i]->weight();
            $count += count($stints[$i]->contacts);
        }
        $verdict = self::verdict($stints, $in, $prior);
        $left = $verdict->stands() ? max(0, (int) ceil(-log(self::FADED_UNDER) / $rate->mean()) - self::blankCasts($stints, $in)) : null;

        return new LevelEvidence($factor, $level, $casts, $contacts, $count, $rate->mean(), $rate->quantile(0.1), $rate->quantile(0.9), $rate->exceeds($rest), $verdict, $left);
    }

    /**
     * @param  array<int, Stint>  $stints
     * @param  array<int, true>  $in
     */
    private static function verdictOf(array $stints, array $in, Prior $prior): Verdict
    {
        [$rate, $rest] = self::rates($stints, $in, $prior);
        $p = $rate->exceeds($rest);
        $casts = 0;
        $contacts = 0;
        $stintsWith = 0;
        $spots = [];
        foreach (array_keys($in) as $i) {
            $stint = $stints[$i];
            $casts += $stint->casts;
            $contacts += count($stint->contacts);
            if ($stint->contacts !== []) {
                $stintsWith++;
                $spots[$stint->levels['spot'] ?? ''] = true;
            }
        }

        return match (true) {
            $casts >= self::REJECTED_CASTS && $p < self::REJECTED_UNDER => Verdict::Rejected,
            $casts < self::READ_CASTS || $contacts === 0 => Verdict::NoRead,
            $contacts >= 3 && count($spots) >= 2 && $p >= self::CONFIRMED_P => Verdict::Confirmed,
            $contacts >= 2 && $stintsWith >= 2 && $p >= self::HOLDING_P => Verdict::Holding,
            default => Verdict::Hint,
        };
    }

    /**
     * The rate of the stints that share a level, and of the rest.
     *
     * @param  array<int, Stint>  $stints
     * @param  array<int, true>  $in
     * @return array{Rate, Rate}
     */
    private static function rates(array $stints, array $in, Prior $prior): array
    {
        $sums = [[0.0, 0], [0.0, 0]];
        foreach ($stints as $i => $stint) {
            $side = isset($in[$i]) ? 0 : 1;
            $sums[$side][0] += $stint->weight();
            $sums[$side][1] += $stint->casts;
        }

        return [Rate::after($prior, ...$sums[0]), Rate::after($prior, ...$sums[1])];
    }

    /**
     * Levels of different factors that always came together while each factor was varied.
     *
     * @param  array<string, array<string, array<int, true>>>  $members
     * @return list<list<string>>
     */
    private static function confounded(array $members): array
    {
        $groups = [];
        foreach (Stint::FACTORS as $factor) {
            if (in_array($factor, ['spot', 'angler'], true) || count($members[$factor] ?? []) < 2) {
                continue;
            }
            foreach ($members[$factor] as $level => $in) {
                $groups[implode(',', array_keys($in))][] = "{$factor}:{$level}";
            }
        }

        return array_values(array_filter($groups, static fn (array $g): bool => count($g) > 1));
    }
}
