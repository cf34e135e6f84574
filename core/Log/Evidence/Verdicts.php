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

    /** How many stays there were. */
    private int $stays;

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
        $this->prior = self::believed($perCast);
        [$contacts, $casts] = $this->byStay($stints);
        $this->stays = count($casts);
        $this->counted = $this->countedOf($contacts);
        $this->spread = $this->spreadOf($contacts, $casts);
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
        [$p, $counted] = $this->compared($sums, $in);
        $own = Rate::after($this->prior, $sums->contacts / $this->spread, $sums->casts / $this->spread);
        $verdict = $this->limits($in, $p, new Allowance);
        $claim = $this->limits($in, $p === null ? null : $this->least($p, $in, $within), $this->allowance);
        if ($p === null || $verdict === Verdict::Rejected) {
            return new Judged($own, $p, $verdict, $claim, null);
        }
        [$until, $all] = $this->untilEachContact($in);

        return $this->hasFaded($until, $all, $in, $counted)
            ? new Judged($own, $p, Verdict::Faded, Verdict::Faded, null)
            : new Judged($own, $p, $verdict, $claim, $claim->stands() ? $this->blanksUntilFaded($until, $in) : null);
    }

    /**
     * The probability (0 to 1) of beating the others; null where there are none.
     *
     * @param  array<int, true>  $in  indexes of the stints asked for
     */
    public function pBetter(array $in): ?float
    {
        return $this->compared($this->sums($in), $in)[0];
    }

    /** What a rate of this day is believed to be before its own casts. */
    public function prior(): Prior
    {
        return $this->prior;
    }

    /** The rate of a day (contacts per cast, over 0) as either side is believed to have it. */
    private static function believed(float $perCast): Prior
    {
        return new Prior($perCast, self::WORTH / $perCast);
    }

    /**
     * The probability of beating the rest, and the share of the contacts that counts. Where it is ahead all stays of the day tell how they
     * bunch, where it is behind those of the rest: so neither a contact nor a blank cast can speak the wrong way.
     *
     * @param  array<int, true>  $in
     * @return array{?float, float}
     */
    private function compared(Sums $sums, array $in): array
    {
        $counted = $sums->isAbove() ? $this->counted : $this->countedOf($this->byStay(array_diff_key($this->stints, $in))[0]);

        return [$sums->isVaried() ? $this->beats($sums, $this->prior, $counted) : null, $counted];
    }

    /** The probability (0 to 1) that one side gives more than the rest. */
    private function beats(Sums $sums, Prior $prior, float $counted): float
    {
        return Rate::after($prior, $counted * $sums->contacts, $counted * $sums->casts)
            ->exceeds(Rate::after($prior, $counted * $sums->restContacts, $counted * $sums->restCasts));
    }

    /**
     * @param  array<int, Stint>  $stints  some of them
     * @return array{array<int, float>, array<int, float>} contacts and casts by stay
     */
    private function byStay(array $stints): array
    {
        $contacts = $casts = [];
        foreach ($stints as $i => $stint) {
            $stay = $this->visits->of[$i];
            $contacts[$stay] = ($contacts[$stay] ?? 0.0) + $this->freshness[$i] * $stint->weight();
            $casts[$stay] = ($casts[$stay] ?? 0.0) + $this->freshness[$i] * $stint->casts;
        }

        return [$contacts, $casts];
    }

    /** @param  array<int, float>  $contacts  by stay */
    private function countedOf(array $contacts): float
    {
        return $this->visits->beside ? 1.0 : Visits::counted(array_filter($contacts), max(1, $this->stays));
    }

    /**
     * Pearson's chi square of the stays over their number, drawn to chance alone by three stays more.
     *
     * @param  array<int, float>  $contacts  by stay
     * @param  array<int, float>  $casts  by stay
     */
    private function spreadOf(array $contacts, array $casts): float
    {
        if ($this->visits->beside) {
            return 1.0;
        }
        $square = 0.0;
        foreach (array_filter($casts) as $stay => $made) {
            $expected = $this->prior->perCast * $made;
            $square += ($contacts[$stay] - $expected) ** 2 / $expected;
        }

        return max(1.0, ($square + 3) / ($this->stays + 2));
    }

    /** @param  array<int, true>  $in */
    private function sums(array $in): Sums
    {
        return Sums::of($this->stints, $this->freshness, $in);
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
            $sums = Sums::of($half, $this->freshness, $in);
            if ($sums->isVaried()) {
                $got = [$got[0] + $sums->contacts, $got[1] + $sums->restContacts];
                $expected = [$expected[0] + $sums->perCast() * $sums->casts, $expected[1] + $sums->perCast() * $sums->restCasts];
            }
        }

        return $this->beats(new Sums($got[0], $expected[0], $got[1], $expected[1]), self::believed(1.0), $this->counted);
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
     * Whether there was a moment until which it could be claimed to stand, and after which so little came that it has stopped.
     *
     * @param  list<array{array{float, float}, int, int, string}>  $until  what had come until each contact
     * @param  array{float, float}  $all  contacts and casts of the whole
     * @param  array<int, true>  $in
     */
    private function hasFaded(array $until, array $all, array $in, float $counted): bool
    {
        for ($j = count($until) - 1; $j >= 0; $j--) {
            [[$contacts, $casts], $strikes, $stays, $at] = $until[$j];
            if ($strikes < self::HOLDING_STRIKES || $stays < 2) {
                return false;
            }
            if (! Fading::hasStopped(Rate::after($this->prior, $contacts, $casts), $j + 1, $all[0] - $contacts, $all[1] - $casts)) {
                continue;
            }
            // Both sides, and the day, as they were then.
            $before = array_filter($this->stints, static fn (Stint $s): bool => $s->at <= $at);
            $rest = Sums::of($before, $this->freshness, $in);
            $then = new Sums($contacts, $casts, $rest->restContacts, $rest->restCasts);
            if ($then->isVaried() && 1 - $this->beats($then, self::believed($then->perCast()), $counted) <= $this->allowance->of(self::HOLDING_UNDER)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array{array{float, float}, int, int, string}>  $until  what had come until each contact, one or more
     * @param  array<int, true>  $in
     */
    private function blanksUntilFaded(array $until, array $in): int
    {
        $blank = InARow::blank(array_map(fn (int $i): Stint => $this->stints[$i], array_reverse($this->inOrder($in))));

        return max(0, Fading::after(Rate::after($this->prior, ...$until[count($until) - 1][0]), count($until)) - $blank);
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
