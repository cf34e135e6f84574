<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** Judges groups of stints against the others of the day. Basis: rule EVIDENCE. */
final readonly class Verdicts
{
    private const REJECTED_UNDER = 0.1;

    private const REJECTED_CASTS = 30;

    /** How unlikely it must be that it does not beat the rest. */
    private const HOLDING_UNDER = 0.25;

    private const CONFIRMED_UNDER = 0.1;

    /** Fish that took the lure, for a pattern and for what holds: follows and boils hint. */
    private const CONFIRMED_STRIKES = 3;

    private const HOLDING_STRIKES = 2;

    /** The day's rate counts for each side like so many contacts: equal sides stay equal however unevenly they were fished (own choice). */
    private const WORTH = 2.0;

    private Prior $prior;

    /** What its contacts count for when they come in bunches. */
    private float $counted;

    /** How many times as widely the contacts of its stays are spread as chance alone spreads them, 1 or more. */
    private float $spread;

    /**
     * @param  array<int, Stint>  $stints  those that say nothing of the question left out
     * @param  array<int, float>  $freshness  0 to 1, by the same indexes
     * @param  float  $perCast  contacts per cast of the day, over 0
     */
    public function __construct(
        private array $stints, private array $freshness, private Visits $visits, float $perCast, private Allowance $allowance = new Allowance,
    ) {
        $this->prior = new Prior($perCast, self::WORTH / $perCast);
        $this->counted = $this->countedOf($stints);
        $this->spread = $this->spreadOf($perCast);
    }

    /**
     * The judgement on the stints that share something, against the others.
     *
     * @param  array<int, true>  $in  indexes of those that share it
     * @param  list<array<int, true>>  $within  groups it nearly always came with: it is claimed only so far as it beats the rest within each
     */
    public function judge(array $in, array $within = []): Judged
    {
        $sums = $this->sums($in);
        [$own, $rest, $counted] = $this->rates($sums, $in);
        $p = $sums->isVaried() ? $own->exceeds($rest) : null;
        $verdict = $this->limits($in, $p, new Allowance);
        $claim = $this->limits($in, $p === null ? null : $this->least($p, $in, $within), $this->allowance);
        if ($p !== null && $verdict !== Verdict::Rejected && $this->hasFaded($in, $counted)) {
            $verdict = $claim = Verdict::Faded;
        }

        $seen = Rate::after($this->prior, $sums->contacts / $this->spread, $sums->casts / $this->spread);

        return new Judged($seen, $p, $verdict, $claim, $claim->stands() ? $this->blanksUntilFaded($in) : null);
    }

    /** @param  array<int, true>  $in */
    public function pBetter(array $in): ?float
    {
        $sums = $this->sums($in);
        [$own, $rest] = $this->rates($sums, $in);

        return $sums->isVaried() ? $own->exceeds($rest) : null;
    }

    /** What a rate of this day is believed to be before its own casts. */
    public function prior(): Prior
    {
        return $this->prior;
    }

    /**
     * Its rate, that of the rest, and the share of its contacts that counts. Where it is ahead all stays of the day tell how they bunch,
     * where it is behind those of the rest: so neither a contact nor a blank cast can speak the wrong way.
     *
     * @param  array<int, true>  $in
     * @return array{Rate, Rate, float}
     */
    private function rates(Sums $sums, array $in): array
    {
        $counted = $sums->isAbove() ? $this->counted : $this->countedOf(array_diff_key($this->stints, $in));

        return [
            Rate::after($this->prior, $counted * $sums->contacts, $counted * $sums->casts),
            Rate::after($this->prior, $counted * $sums->restContacts, $counted * $sums->restCasts), $counted,
        ];
    }

    /** @param  array<int, Stint>  $stints  some of them */
    private function countedOf(array $stints): float
    {
        if ($this->visits->beside) {
            return 1.0;
        }
        $contacts = $stays = [];
        foreach ($this->stints as $i => $stint) {
            $stays[$this->visits->of[$i]] = true;
        }
        foreach ($stints as $i => $stint) {
            $stay = $this->visits->of[$i];
            $contacts[$stay] = ($contacts[$stay] ?? 0.0) + $this->freshness[$i] * $stint->weight();
        }

        return Visits::counted(array_filter($contacts), max(1, count($stays)));
    }

    /** Pearson's chi square of the stays over their number, drawn to chance alone by three stays more. */
    private function spreadOf(float $perCast): float
    {
        if ($this->visits->beside) {
            return 1.0;
        }
        $contacts = $casts = [];
        foreach ($this->stints as $i => $stint) {
            $stay = $this->visits->of[$i];
            $contacts[$stay] = ($contacts[$stay] ?? 0.0) + $this->freshness[$i] * $stint->weight();
            $casts[$stay] = ($casts[$stay] ?? 0.0) + $this->freshness[$i] * $stint->casts;
        }
        $square = 0.0;
        foreach (array_filter($casts) as $stay => $made) {
            $square += ($contacts[$stay] - $perCast * $made) ** 2 / ($perCast * $made);
        }

        return max(1.0, ($square + 3) / (count($casts) + 2));
    }

    /**
     * Stints from before a turn of the day say less.
     *
     * @param  array<int, true>  $in
     */
    private function sums(array $in): Sums
    {
        $sums = [[0.0, 0.0], [0.0, 0.0]];
        foreach ($this->stints as $i => $stint) {
            $side = isset($in[$i]) ? 0 : 1;
            $sums[$side][0] += $this->freshness[$i] * $stint->weight();
            $sums[$side][1] += $this->freshness[$i] * $stint->casts;
        }

        return new Sums($sums[0][0], $sums[0][1], $sums[1][0], $sums[1][1]);
    }

    /**
     * How surely it beats the rest where what it nearly always came with is taken out of the account.
     *
     * @param  array<int, true>  $in
     * @param  list<array<int, true>>  $within
     */
    private function least(float $p, array $in, array $within): float
    {
        $least = abs($p - 0.5);
        foreach ($within as $other) {
            $apart = $this->within($in, $other);
            // What points the other way within the other says nothing of itself.
            $least = min($least, max(0.0, $p >= 0.5 ? $apart - 0.5 : 0.5 - $apart));
        }

        return $p >= 0.5 ? 0.5 + $least : 0.5 - $least;
    }

    /**
     * The probability (0 to 1) of beating the rest with the other and without it, both held against what each half of the day gave:
     * contacts against those that the rates of the halves let expect (the strata of Mantel and Haenszel, as ratios to the expected).
     *
     * @param  array<int, true>  $in
     * @param  array<int, true>  $other
     */
    private function within(array $in, array $other): float
    {
        [$got, $expected] = [[0.0, 0.0], [0.0, 0.0]];
        foreach ([array_intersect_key($this->stints, $other), array_diff_key($this->stints, $other)] as $half) {
            $sums = (new self($half, $this->freshness, $this->visits, $this->prior->perCast))->sums($in);
            if ($sums->isVaried()) {
                $rate = ($sums->contacts + $sums->restContacts) / ($sums->casts + $sums->restCasts);
                $got = [$got[0] + $sums->contacts, $got[1] + $sums->restContacts];
                $expected = [$expected[0] + $rate * $sums->casts, $expected[1] + $rate * $sums->restCasts];
            }
        }
        $even = new Prior(1.0, self::WORTH);

        return Rate::after($even, $this->counted * $got[0], $this->counted * $expected[0])
            ->exceeds(Rate::after($even, $this->counted * $got[1], $this->counted * $expected[1]));
    }

    /**
     * The verdict by the limits of rule EVIDENCE, as the share-out of all that was looked at leaves them.
     *
     * @param  array<int, true>  $in
     * @param  ?float  $p  of beating the rest
     */
    private function limits(array $in, ?float $p, Allowance $allowance): Verdict
    {
        $casts = $contacts = $strikes = 0;
        $spots = $stays = [];
        foreach (array_keys($in) as $i) {
            $stint = $this->stints[$i];
            $casts += $stint->casts;
            $contacts += count($stint->contacts);
            $struck = $stint->strikes();
            $strikes += $struck;
            if ($struck > 0) {
                $stays[$this->visits->of[$i]] = $spots[$stint->levels['spot'] ?? ''] = true;
            }
        }

        return match (true) {
            $p !== null && $casts >= self::REJECTED_CASTS && $p < $allowance->of(self::REJECTED_UNDER) => Verdict::Rejected,
            $contacts === 0 => Verdict::NoRead,
            $p === null => Verdict::Hint,
            $strikes >= self::CONFIRMED_STRIKES && count($spots) >= 2 && 1 - $p <= $allowance->of(self::CONFIRMED_UNDER) => Verdict::Confirmed,
            $strikes >= self::HOLDING_STRIKES && count($stays) >= 2 && 1 - $p <= $allowance->of(self::HOLDING_UNDER) => Verdict::Holding,
            default => Verdict::Hint,
        };
    }

    /**
     * Casts since the last contact.
     *
     * @param  array<int, true>  $in
     */
    private function blankCasts(array $in): int
    {
        $blank = 0;
        foreach (array_reverse($this->inOrder($in)) as $i) {
            $blank += $this->stints[$i]->castsSinceContact();
            if ($this->stints[$i]->contacts !== []) {
                break;
            }
        }

        return $blank;
    }

    /**
     * Whether there was a moment until which it could be claimed to stand, and after which so little came that it has stopped.
     *
     * @param  array<int, true>  $in
     */
    private function hasFaded(array $in, float $counted): bool
    {
        [$until, $all] = $this->untilEachContact($in);
        for ($j = count($until) - 1; $j >= 0; $j--) {
            [[$contacts, $casts], $strikes, $stays, $at] = $until[$j];
            if ($strikes < self::HOLDING_STRIKES || $stays < 2) {
                return false;
            }
            if (! Fading::hasStopped(Rate::after($this->prior, $contacts, $casts), $j + 1, $all[0] - $contacts, $all[1] - $casts)) {
                continue;
            }
            $rest = $this->restUntil($at, $in);
            // As the day was then.
            $perCast = ($contacts + $rest[0]) / ($casts + $rest[1]);
            $then = new Prior($perCast, self::WORTH / $perCast);
            $beats = Rate::after($then, $counted * $contacts, $counted * $casts)->exceeds(Rate::after($then, $counted * $rest[0], $counted * $rest[1]));
            if ($rest[1] > 0 && 1 - $beats <= $this->allowance->of(self::HOLDING_UNDER)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Contacts and casts of the rest in the stints that began until then.
     *
     * @param  array<int, true>  $in
     * @return array{float, float}
     */
    private function restUntil(string $at, array $in): array
    {
        $rest = [0.0, 0.0];
        foreach ($this->stints as $i => $stint) {
            if (! isset($in[$i]) && $stint->at <= $at) {
                $rest = [$rest[0] + $this->freshness[$i] * $stint->weight(), $rest[1] + $this->freshness[$i] * $stint->casts];
            }
        }

        return $rest;
    }

    /** @param  array<int, true>  $in  with a contact */
    private function blanksUntilFaded(array $in): int
    {
        [$until] = $this->untilEachContact($in);

        return max(0, Fading::after(Rate::after($this->prior, ...$until[count($until) - 1][0]), count($until)) - $this->blankCasts($in));
    }

    /**
     * What had come until just after each contact, in order: contacts and casts, strikes, stays with any, and when the stint
     * began; and contacts and casts of the whole.
     *
     * @param  array<int, true>  $in
     * @return array{list<array{array{float, float}, int, int, string}>, array{float, float}}
     */
    private function untilEachContact(array $in): array
    {
        [$until, $contacts, $casts, $strikes, $stays] = [[], 0.0, 0.0, 0, []];
        foreach ($this->inOrder($in) as $i) {
            $stint = $this->stints[$i];
            $fresh = $this->freshness[$i];
            foreach ($stint->contactsInOrder() as [$atCast, $contact]) {
                $contacts += $fresh * $contact->kind->weight();
                if ($contact->kind->isStrike()) {
                    $strikes++;
                    $stays[$this->visits->of[$i]] = true;
                }
                $until[] = [[$contacts, $casts + $fresh * $atCast], $strikes, count($stays), $stint->at];
            }
            $casts += $fresh * $stint->casts;
        }

        return [$until, [$contacts, $casts]];
    }

    /**
     * @param  array<int, true>  $in
     * @return list<int> the same in order of time
     */
    private function inOrder(array $in): array
    {
        return array_values(array_filter($this->visits->order, static fn (int $i): bool => isset($in[$i])));
    }
}
