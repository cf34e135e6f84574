<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** Judges groups of stints against the others of the day. Basis: rule EVIDENCE. */
final readonly class Verdicts
{
    private const REJECTED_UNDER = 0.1;

    private const REJECTED_CASTS = 30;

    private const READ_CASTS = 20;

    private const HOLDING_P = 0.75;

    private const CONFIRMED_P = 0.9;

    /** So unlikely must a run of blank casts be before a level counts as faded. */
    private const FADED_UNDER = 0.1;

    /**
     * @param  array<int, Stint>  $stints  in order of time; those that say nothing of the question left out
     * @param  array<int, float>  $freshness  0 to 1, by the same indexes
     */
    public function __construct(private array $stints, private array $freshness, private Prior $prior, private Allowance $allowance = new Allowance)
    {
    }

    /**
     * The judgement on the stints that share something, against the others.
     *
     * @param  array<int, true>  $in  indexes of those that share it
     */
    public function judge(array $in): Judged
    {
        [$own, $rest] = $this->rates($in);
        $p = $own->exceeds($rest);
        $verdict = $this->bare($in, $p);
        if ($verdict !== Verdict::Rejected && $this->hasFaded($in)) {
            $verdict = Verdict::Faded;
        }
        $claim = $verdict === Verdict::Confirmed && ! $this->allowance->lets($p) ? Verdict::Holding : $verdict;

        return new Judged(
            $own,
            $p,
            $verdict,
            $claim,
            $verdict->stands() ? max(0, (int) ceil(-log(self::FADED_UNDER) / $own->mean()) - $this->blankCasts($in)) : null,
        );
    }

    /**
     * The rate of the stints that share a level, and of the rest; stints from before a turn of the day say less.
     *
     * @param  array<int, true>  $in
     * @return array{Rate, Rate}
     */
    public function rates(array $in): array
    {
        $sums = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($this->stints as $i => $stint) {
            $side = isset($in[$i]) ? 0 : 1;
            $sums[$side][0] += $this->freshness[$i] * $stint->weight();
            $sums[$side][1] += $this->freshness[$i] * $stint->casts;
        }

        return [Rate::after($this->prior, ...$sums[0]), Rate::after($this->prior, ...$sums[1])];
    }

    /**
     * Casts since the last contact.
     *
     * @param  array<int, true>  $in
     */
    private function blankCasts(array $in): int
    {
        $blank = 0;
        foreach (array_reverse(array_keys($in)) as $i) {
            $blank += $this->stints[$i]->castsSinceContact();
            if ($this->stints[$i]->contacts !== []) {
                break;
            }
        }

        return $blank;
    }

    /**
     * Whether it stood at its last contact, and too many blank casts have followed.
     *
     * @param  array<int, true>  $in
     */
    private function hasFaded(array $in): bool
    {
        $last = null;
        foreach (array_keys($in) as $i) {
            if ($this->stints[$i]->contacts !== []) {
                $last = $i;
            }
        }
        if ($last === null) {
            return false;
        }
        $then = new self(array_filter($this->stints, static fn (int $i): bool => $i <= $last, ARRAY_FILTER_USE_KEY), $this->freshness, $this->prior);
        $inThen = array_intersect_key($in, $then->stints);
        [$own, $rest] = $then->rates($inThen);

        return exp(-$own->mean() * $this->blankCasts($in)) < self::FADED_UNDER && $then->bare($inThen, $own->exceeds($rest))->stands();
    }

    /**
     * The verdict by the limits of rule EVIDENCE alone.
     *
     * @param  array<int, true>  $in
     */
    private function bare(array $in, float $p): Verdict
    {
        $casts = 0;
        $contacts = 0;
        $stintsWith = 0;
        $spots = [];
        foreach (array_keys($in) as $i) {
            $stint = $this->stints[$i];
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
}
