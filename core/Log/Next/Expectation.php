<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Log\Evidence\Effects;
use OldEddy\Log\Evidence\Goal;
use OldEddy\Log\Evidence\InARow;
use OldEddy\Log\Evidence\Liked;
use OldEddy\Log\Evidence\Limits;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;
use OldEddy\Log\Evidence\Spent;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;

/**
 * What an offer promises: the evidence on its parts weighed together, how its lure fits its place (M21), what the place still
 * gives (M14), the way there and the time left. It answers from the log alone, in numbers; words are for whoever asks. Basis: our
 * own choice, an upper bound on every rate so that the untried is tried, the wider the more of the day is left; held by the
 * simulated lake (decision 0008).
 */
final class Expectation
{
    /** So many standard deviations over its mean an offer is judged by at the beginning of a day; at its end by the mean. */
    private const HOPE = 0.5;

    /** How much the guesses at what is liked count, against the levels weighed together. */
    private const GUESSED = 0.7;

    /** No guess promises more contacts a cast than this. */
    private const MOST = 0.5;

    /** So many casts are given to what was begun before anything else is weighed against it (M14). */
    private const GIVEN = 5;

    /** So many blank casts a place that paid is given before it is left for another (M14, S3). */
    private const HELD = 8;

    /** A change is reckoned over so many casts. */
    private const AHEAD = 10;

    /** What tying on another lure, color or weight takes, in casts. */
    private const TIE = 1.0;

    /** After so many casts the log counts as much as the lineup's own opinion; how much of that always stays. */
    private const OPINION_CASTS = 40;

    private const OPINION_STAYS = 0.5;

    /** From so many casts on the log tells how fast this angler casts; casts a minute that can be. */
    private const PACE_FROM_CASTS = 20;

    private const PACES = [0.2, 4.0];

    private readonly Effects $effects;

    private readonly Liked $liked;

    private readonly Spent $spent;

    private readonly ?Stint $last;

    private readonly bool $isBegun;

    private readonly bool $isHeld;

    private readonly float $castsAMin;

    private readonly float $opinion;

    private readonly float $usualFit;

    /** @var array<string, array{array{float, float}, list<float>}> what a place does to the rate, weighed and guess by guess, by its name */
    private array $there = [];

    /** @var array<int, array{array{float, float}, list<float>}> the same of a presentation */
    private array $shown = [];

    /** @var array<string, array<int, array{float, float}>> contacts per cast and the doubt, by place and presentation: advisers ask for them again and again */
    private array $numbers = [];

    /**
     * @param  list<Stint>  $stints  in order of time
     * @param  list<Turn>  $turns
     */
    public function __construct(
        array $stints,
        array $turns,
        Prior $prior,
        private readonly Choices $choices,
        private readonly TimeLeft $time = new TimeLeft,
        Goal $goal = Goal::Numbers,
    ) {
        $this->spent = new Spent($stints);
        $freshness = Turn::freshness($stints, $turns);
        $this->effects = Effects::of($stints, $freshness, $prior, $this->spent->worth, $goal);
        $this->liked = Liked::in($stints, $freshness, $prior, $this->spent->worth, $choices->levels(), $goal);
        $this->last = $stints[array_key_last($stints) ?? 0] ?? null;
        $casts = array_sum(array_map(static fn (Stint $s): int => $s->casts, $stints));
        $this->isBegun = $this->last !== null && $this->last->castsSinceContact() < self::GIVEN;
        $this->isHeld = self::holds($stints);
        $this->castsAMin = self::pace($stints);
        $this->opinion = max(self::OPINION_STAYS, self::OPINION_CASTS / (self::OPINION_CASTS + $casts));
        $fits = [];
        foreach ($choices->places as $place) {
            foreach ($choices->lures() as $lure => $fit) {
                $fits[] = $place->fits[$lure] ?? $fit;
            }
        }
        $this->usualFit = $fits === [] ? 1.0 : max(1e-6, array_sum($fits) / count($fits));
    }

    /** Contacts per cast that the offer promises on a rested place, with the doubt about it. */
    public function of(Offer $offer): Rate
    {
        [$mean, $doubt] = $this->numbers($offer->place, $offer->presentation);
        $mean = max(1e-4, min(0.9, $mean));

        return Rate::after(new Prior($mean, 1 / $doubt / $mean), 0, 0);
    }

    /** Contacts for every cast's time that one may hope for with the offer: the way, the knot and what the place still gives counted in. */
    public function hope(Offer $offer): float
    {
        return $this->hopeOf($offer->place, $offer->presentation, $this->sameAsNow($offer->presentation));
    }

    /** The most promising of all that could be fished, going on included; null where nothing is known. */
    public function best(): ?Offer
    {
        $here = $this->choices->place($this->last->levels['spot'] ?? null);
        $same = array_map($this->sameAsNow(...), $this->choices->presentations);
        foreach ($here === null || ! $this->isBegun ? [] : array_keys($same, true, true) as $i) {
            if ($here->canShow($this->choices->presentations[$i])) {
                return new Offer($here, $this->choices->presentations[$i]);
            }
        }
        $best = null;
        $most = -INF;
        foreach ($here !== null && $this->isHeld ? [$here] : $this->choices->places as $place) {
            foreach ($this->choices->presentations as $i => $presentation) {
                $hope = $place->canShow($presentation) ? $this->hopeOf($place, $presentation, $same[$i]) : -INF;
                if ($hope > $most) {
                    $most = $hope;
                    $best = [$place, $presentation];
                }
            }
        }

        return $best === null ? null : new Offer(...$best);
    }

    private function hopeOf(Fishable $place, Presentation $presentation, bool $same): float
    {
        [$mean, $doubt] = $this->numbers($place, $presentation);
        $waysMin = $place->name === ($this->last->levels['spot'] ?? null) ? 0.0 : $place->travelMin;
        $costs = $waysMin * $this->castsAMin + ($same ? 0.0 : self::TIE);
        $casts = (int) max(1, min(self::AHEAD, $this->time->leftMin() * $this->castsAMin - $costs));

        return $mean * (1 + self::HOPE * $this->time->share() * sqrt($doubt)) * $this->spent->ahead($place->name, $casts, $waysMin) / ($casts + $costs);
    }

    /** @return array{float, float} contacts per cast, and the doubt: the square of its spread, as a share of it */
    private function numbers(Fishable $place, Presentation $presentation): array
    {
        return $this->numbers[$place->name][spl_object_id($presentation)] ??= $this->reckoned($place, $presentation);
    }

    /** @return array{float, float} */
    private function reckoned(Fishable $place, Presentation $presentation): array
    {
        [[$there, $doubtThere], $thereByGuess] = $this->there[$place->name] ??= $this->shares($place->levels(), $this->liked->perCast);
        [[$shown, $doubtShown], $shownByGuess] = $this->shown[spl_object_id($presentation)] ??= $this->shares($presentation->levels());
        $sum = $squares = 0.0;
        foreach ($thereByGuess as $n => $rate) {
            $rate *= $shownByGuess[$n];
            $rate = $rate > self::MOST ? self::MOST : $rate;
            $sum += $rate;
            $squares += $rate * $rate;
        }
        $all = count($thereByGuess);
        $guessed = $sum / $all;
        $spread = max(0.0, $squares / $all / $guessed ** 2 - 1);
        $weighed = $this->effects->perCast * $there * $shown;
        $fit = ($place->fits[$presentation->lure] ?? $presentation->fit) / $this->usualFit;

        return [
            $guessed ** self::GUESSED * $weighed ** (1 - self::GUESSED) * $fit ** $this->opinion,
            self::GUESSED * $spread + (1 - self::GUESSED) * ($doubtThere + $doubtShown + $this->effects->doubt()),
        ];
    }

    /**
     * @param  array<string, string>  $levels  by factor
     * @param  ?list<float>  $of  what is multiplied, guess by guess
     * @return array{array{float, float}, list<float>}
     */
    private function shares(array $levels, ?array $of = null): array
    {
        return [$this->effects->share($levels), $this->liked->shares($levels, $of)];
    }

    /**
     * Whether the present place paid since one came to it, and has not been given enough blank casts since.
     *
     * @param  list<Stint>  $stints
     */
    private static function holds(array $stints): bool
    {
        $here = InARow::sharing($stints, 'spot');
        $paid = array_filter($here, static fn (Stint $s): bool => $s->contacts !== []) !== [];

        return $paid && InARow::blank($here) < self::HELD;
    }

    /**
     * Casts a minute, where the stints say how long they took; else the usual.
     *
     * @param  list<Stint>  $stints
     */
    private static function pace(array $stints): float
    {
        $casts = $minutes = 0.0;
        foreach ($stints as $stint) {
            $casts += $stint->minutes === null ? 0 : $stint->casts;
            $minutes += $stint->minutes ?? 0.0;
        }

        return $casts < self::PACE_FROM_CASTS || $minutes <= 0 ? 60 / Limits::CAST_S : max(self::PACES[0], min(self::PACES[1], $casts / $minutes));
    }

    private function sameAsNow(Presentation $presentation): bool
    {
        return $this->last === null || array_intersect_key($this->last->levels, $presentation->levels()) === $presentation->levels();
    }
}
