<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\InARow;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;

/** Where the angler stands in the day: the log weighed, what could be fished, and the questions every adviser asks. */
final class Situation
{
    /** After a contact the same cast is repeated so often (M7). */
    public const REPEATS = 5;

    /** A presentation gets so many casts before it is changed (M8). */
    private const PATIENCE = 15;

    /** A definite place gets so many casts under the school cover_water, and while the spots are searched (S3, M1). */
    private const SEARCH = 8;

    /** What an answer to a fish that turned away may promise less than going on, as a share of it. Basis: our own choice. */
    private const NEARLY = 0.8;

    public readonly ?Stint $last;

    public readonly ?Fishable $here;

    public readonly ?Presentation $now;

    private readonly Expectation $expectation;

    public function __construct(
        public readonly Evidence $evidence,
        public readonly Pattern $pattern,
        public readonly Choices $choices,
        public readonly Manner $manner = new Manner,
    ) {
        $this->last = $evidence->last();
        $this->here = $choices->place($this->last->levels['spot'] ?? null);
        $this->now = $this->last === null ? null : $choices->presentation($this->last);
        $this->expectation = new Expectation($evidence->stints, $evidence->turns, $evidence->prior, $choices, $manner->time, $manner->goal);
    }

    /** What is fished now, where place and lure are known. */
    public function present(): ?Offer
    {
        return $this->here === null || $this->now === null ? null : new Offer($this->here, $this->now);
    }

    /** Casts that this place is given before something changes (schools tempo; M1, M8, S3). */
    public function patience(): int
    {
        $tempo = $this->manner->schools->chosen('tempo') ?? 'search_then_slow';

        return $tempo === 'cover_water' || ($tempo === 'search_then_slow' && $this->unsearched() !== []) ? self::SEARCH : self::PATIENCE;
    }

    /** Whether the place is changed before the lure (school change_first; by default in winter). */
    public function placeFirst(): bool
    {
        return ($this->manner->schools->chosen('change_first') ?? ($this->manner->winter ? 'place' : 'lure')) === 'place';
    }

    /** @return list<Fishable> places not fished yet today */
    public function unsearched(): array
    {
        return array_values(array_filter($this->choices->places, fn (Fishable $p): bool => $this->evidence->of('spot', $p->name) === null));
    }

    /** The most promising offer at a place not fished yet today; null where every place was. */
    public function unsearchedBest(): ?Offer
    {
        $names = array_column($this->unsearched(), 'name');

        return $this->bestThat(static fn (Offer $offer): bool => in_array($offer->place->name, $names, true));
    }

    /** Casts in a row without a contact, over all stints. */
    public function blankInRow(): int
    {
        return InARow::blank(array_reverse($this->evidence->stints));
    }

    /** Blank casts with this lure at this spot in a row. */
    public function blankHere(): int
    {
        return InARow::blank(InARow::sharing($this->evidence->stints, 'spot', 'lure'));
    }

    /** The last stint at this spot, with another lure than now, that brought contacts; null where none did. */
    public function paidHereBefore(): ?Stint
    {
        foreach (array_reverse($this->stintsHere()) as $stint) {
            if ($stint->contacts !== [] && ($stint->levels['lure'] ?? null) !== ($this->last->levels['lure'] ?? null)) {
                return $stint;
            }
        }

        return null;
    }

    /** How many other lures were shown at this spot after a stint. */
    public function luresSince(Stint $stint): int
    {
        $lures = [];
        foreach ($this->stintsHere() as $later) {
            if ($later->at > $stint->at && ($later->levels['lure'] ?? null) !== ($stint->levels['lure'] ?? null)) {
                $lures[$later->levels['lure'] ?? ''] = true;
            }
        }

        return count($lures);
    }

    /** Whether a presentation was shown at this spot today. */
    public function wasShownHere(Presentation $presentation): bool
    {
        return array_filter($this->stintsHere(), static fn (Stint $s): bool => ($s->levels['lure'] ?? null) === $presentation->lure) !== [];
    }

    /** What a stint showed, here again; null where it is not to hand. */
    public function backTo(Stint $stint): ?Offer
    {
        $presentation = $this->choices->presentation($stint);

        return $this->here === null || $presentation === null ? null : new Offer($this->here, $presentation);
    }

    /** A lure at this place, in the color that promises most; null where it is not to hand. */
    public function lureHere(string $lure): ?Offer
    {
        return $this->here === null ? null : $this->best($this->withEach($this->here, static fn (Presentation $p): bool => $p->lure === $lure));
    }

    /** The next slower presentation at this place, the one not shown here yet first; null where none is slower. */
    public function slowerHere(): ?Offer
    {
        if ($this->here === null || $this->now === null) {
            return null;
        }

        return $this->best($this->withEach($this->here, fn (Presentation $p): bool => $p->paceFtS < $this->now->paceFtS - 0.05));
    }

    /** What is slower than a lure, at a place by its name; anything but that lure where nothing is slower; null where the place is not known. */
    public function slowerAt(string $place, string $lure): ?Offer
    {
        $there = $this->choices->place($place);
        if ($there === null) {
            return null;
        }
        $refused = array_filter($this->choices->presentations, static fn (Presentation $p): bool => $p->lure === $lure);
        $paceFtS = $refused === [] ? INF : max(array_map(static fn (Presentation $p): float => $p->paceFtS, $refused));
        $others = static fn (Presentation $p): bool => $p->lure !== $lure;

        $slower = $this->best($this->withEach($there, static fn (Presentation $p): bool => $others($p) && $p->paceFtS < $paceFtS));

        return $slower ?? $this->best($this->withEach($there, $others));
    }

    /** Something smaller at this place, the same lure shorter or lighter first; null where there is nothing. */
    public function smallerHere(): ?Offer
    {
        if ($this->here === null || $this->now === null) {
            return null;
        }
        $lighter = $this->best($this->withEach($this->here, fn (Presentation $p): bool => $p->lure === $this->now->lure && $p->isLessThan($this->now)));

        return $lighter ?? ($this->now->small ? null : $this->best($this->withEach($this->here, static fn (Presentation $p): bool => $p->small)));
    }

    /** The same lure in another color at this place; null where there is none. */
    public function recolored(): ?Offer
    {
        return $this->here === null || $this->now === null ? null
            : $this->best($this->withEach($this->here, fn (Presentation $p): bool => $p->lure === $this->now->lure && $p->color !== $this->now->color));
    }

    /** Another lure at this place; null where there is none. */
    public function otherLure(): ?Offer
    {
        return $this->here === null || $this->now === null ? null
            : $this->best($this->withEach($this->here, fn (Presentation $p): bool => $p->lure !== $this->now->lure));
    }

    /** The same lure at another place, as much like the pattern as can be; null where there is no other. */
    public function otherPlace(): ?Offer
    {
        return $this->now === null ? null
            : $this->best(array_map(fn (Fishable $p): Offer => new Offer($p, $this->now), $this->elsewhere()));
    }

    /** The same lure at another depth, run deeper or shallower here or shown over other water; null where there is none. */
    public function otherDepth(): ?Offer
    {
        if ($this->here === null || $this->now === null) {
            return null;
        }
        $ran = $this->now->levels()['depth'] ?? null;
        $stands = $this->here->levels()['water_depth'] ?? null;
        $places = array_filter(
            $this->elsewhere(), fn (Fishable $p): bool => ($p->levels()['water_depth'] ?? $stands) !== $stands && $p->cover === $this->here->cover,
        );

        return $this->best([
            ...$this->withEach($this->here, fn (Presentation $p): bool => $p->lure === $this->now->lure && ($p->levels()['depth'] ?? $ran) !== $ran),
            ...array_map(fn (Fishable $p): Offer => new Offer($p, $this->now), array_values($places)),
        ]);
    }

    /** Another place that shares most of the pattern, shown what the pattern names; null where none shares half of it. */
    public function lookalike(): ?Offer
    {
        $most = 0;
        $alike = [];
        foreach ($this->elsewhere() as $place) {
            $shared = $this->pattern->shared($place->levels());
            if ($shared > $most) {
                [$most, $alike] = [$shared, []];
            }
            if ($shared === $most && $shared > 0) {
                array_push(
                    $alike,
                    ...$this->withEach(
                        $place,
                        fn (Presentation $p): bool => $this->pattern->shared($p->levels()) === $this->pattern->shared(
                            $this->last->levels ?? [],
                            array_keys($p->levels()),
                        ),
                    ),
                );
            }
        }

        return 2 * $most < $this->pattern->shared($this->last->levels ?? [], array_keys($this->here?->levels() ?? [])) ? null : $this->best($alike);
    }

    /** The most promising of all that could be fished, going on included; null where nothing is known. */
    public function mostPromising(): ?Offer
    {
        return $this->choices->isEmpty() ? null : $this->expectation->best();
    }

    /** The most promising of all offers but the present one; null where nothing is known. */
    public function anywhere(): ?Offer
    {
        return $this->bestThat(static fn (Offer $offer): bool => true);
    }

    /**
     * The most promising of the offers that pass, but not the present one; null where none does.
     *
     * @param  callable(Offer): bool  $passes
     */
    public function bestThat(callable $passes): ?Offer
    {
        $offers = [];
        foreach ($this->choices->places as $place) {
            array_push($offers, ...$this->withEach($place, static fn (Presentation $p): bool => true));
        }

        return $this->best(array_values(array_filter($offers, $passes)));
    }

    /** What is least like what has been shown today, at this place: the pace farthest from today's (M10). */
    public function opposite(): ?Offer
    {
        if ($this->here === null || $this->now === null) {
            return null;
        }
        $best = null;
        foreach ($this->choices->presentations as $one) {
            $untried = $this->evidence->of('lure', $one->lure) === null;
            if ($untried && ($best === null || abs($one->paceFtS - $this->now->paceFtS) > abs($best->paceFtS - $this->now->paceFtS))) {
                $best = $one;
            }
        }

        return $best === null ? null : new Offer($this->here, $best);
    }

    /** A place that gave contacts, shown something slower or the best that is known; null where none did. */
    public function paidBefore(): ?Offer
    {
        $offers = [];
        foreach ($this->elsewhere() as $place) {
            if (($this->evidence->of('spot', $place->name)->contactCount ?? 0) > 0) {
                array_push($offers, ...$this->withEach($place, fn (Presentation $p): bool => $this->now === null || $p->paceFtS <= $this->now->paceFtS));
            }
        }

        return $this->best($offers);
    }

    /** The name of the spot with the best rate among those that gave contacts, unless it is the present one. */
    public function paidSpot(): ?string
    {
        foreach ($this->evidence->levelsOf('spot') as $level) {
            if ($level->contactCount > 0 && $level->level !== ($this->last->levels['spot'] ?? null)) {
                return $level->level;
            }
        }

        return null;
    }

    /** The probability that an offer fishes better than what is fished now; null where one of them is unknown. */
    public function pBetter(?Offer $offer): ?float
    {
        $present = $this->present();

        return $offer === null || $present === null ? null : $this->expectation->of($offer)->exceeds($this->expectation->of($present));
    }

    /** What an offer would change: the place, else what is shown. */
    public function changes(Offer $offer): Action
    {
        return $offer->place->name !== $this->here?->name || $this->now === null ? Action::ChangePlace : $this->now->changedTo($offer->presentation);
    }

    /** An offer in words, short of what stays as it is. */
    public function words(Offer $offer): Said
    {
        $shown = $offer->presentation->words($this->now);

        return $offer->place->name === $this->here?->name ? Said::joined($shown, ' here') : Said::joined($shown, ' at ', $offer->place->name);
    }

    /** Whether one may hope for more from this offer than from going on. */
    public function promisesMore(?Offer $offer): bool
    {
        $present = $this->present();

        return $offer !== null && ($present === null || $this->expectation->hope($offer) > $this->expectation->hope($present));
    }

    /** Whether an offer promises not much less than going on. */
    public function promisesNearly(Offer $offer): bool
    {
        $present = $this->present();

        return $present === null || $this->expectation->hope($offer) >= self::NEARLY * $this->expectation->hope($present);
    }

    /** @return list<Stint> in order of time */
    private function stintsHere(): array
    {
        return array_values(
            array_filter($this->evidence->stints, fn (Stint $s): bool => ($s->levels['spot'] ?? null) === ($this->last->levels['spot'] ?? null)),
        );
    }

    /** @return list<Fishable> */
    private function elsewhere(): array
    {
        return array_values(array_filter($this->choices->places, fn (Fishable $p): bool => $p->name !== $this->here?->name));
    }

    /**
     * @param  callable(Presentation): bool  $if
     * @return list<Offer>
     */
    private function withEach(Fishable $place, callable $if): array
    {
        return array_map(static fn (Presentation $p): Offer => new Offer($place, $p), array_values(array_filter($this->choices->presentations, $if)));
    }

    /** @param  list<Offer>  $offers */
    private function best(array $offers): ?Offer
    {
        $best = null;
        $most = -INF;
        $present = $this->present()?->levels();
        foreach ($offers as $offer) {
            $hope = $this->expectation->hope($offer);
            if ($hope > $most && $offer->levels() !== $present && $offer->place->canShow($offer->presentation)) {
                [$best, $most] = [$offer, $hope];
            }
        }

        return $best;
    }
}
