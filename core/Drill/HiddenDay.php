<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\TimeLeft;

/**
 * A day with a pattern that only the water knows: a cover, a depth of water, a pace, a color, a weight and, once the sun is up,
 * a side of the light; then the fish stand at another depth. Lures hang up where they do not fit, and a place gives less after
 * its first casts until it has rested. The nth cast of the day meets the same luck whatever is thrown, so that two ways of
 * fishing are compared on equal water. The same seed makes the same day. Basis: our own, for practice and for checking the
 * advice; it says nothing about real fish.
 */
final readonly class HiddenDay
{
    /** Contacts per cast where nothing of the pattern is met, and the most. */
    private const BARE = 0.008;

    private const MOST = 0.35;

    /** Contacts per cast everywhere on a day without a pattern. */
    private const EVEN = 1 / 40;

    /** What each part of the pattern multiplies, from and to. */
    private const TIMES = ['cover' => [2.0, 3.0], 'water_depth' => [1.6, 2.4], 'light' => [1.3, 1.9], 'speed' => [1.8, 2.6], 'color' => [1.5, 2.2], 'weight' => [1.3, 1.8]];

    /** Colors that fish take for one another here. */
    private const COLORS = [['bright', 'craw_red'], ['natural_craw', 'natural_baitfish'], ['dark_contrast']];

    private const WEIGHTS = [['0.125 oz', '0.25 oz', '0.375 oz'], ['0.1875 oz', '0.5 oz']];

    private const PACES = [['slow'], ['medium', 'fast']];

    /** What is left of a place after very many casts, and after how many casts a third of the rest is gone; minutes in which it rests. */
    private const LEFT = 0.3;

    private const SPENT_AFTER = [8, 20];

    private const RESTS_MIN = 90.0;

    /** Minutes from a place to its neighbour in the list, and for every place that lies between. */
    private const TO_THE_NEXT_MIN = 4.0;

    private const A_PLACE_MIN = 0.5;

    /** The minute at which the sun comes over the trees. */
    private const SUN_UP_MIN = [60, 150];

    /**
     * @param  list<HiddenPart>  $always
     * @param  list<HiddenPart>  $early  in low light
     * @param  list<HiddenPart>  $late  with the sun up
     */
    private function __construct(
        public int $seed,
        private Choices $water,
        public bool $hasPattern,
        public int $sunUpMin,
        private int $spentAfter,
        private array $always,
        private array $early,
        private array $late,
    ) {
    }

    /** The day of a seed on these waters, whose places lie in a row, with a hidden pattern or, for comparison, without any. */
    public static function of(int $seed, Choices $water, bool $hasPattern = true): self
    {
        $luck = Luck::of("day {$seed}");
        $places = $water->places;
        $early = $luck->one($places);
        $alike = array_values(array_filter($places, static fn (Fishable $p): bool => $p->cover === $early->cover));
        $late = $luck->one($alike);
        $part = static fn (string $factor, array $levels): HiddenPart => new HiddenPart(
            $factor, $levels, $luck->within(...self::TIMES[$factor]),
        );

        return new self(
            $seed, $water, $hasPattern, $luck->between(...self::SUN_UP_MIN), $luck->between(...self::SPENT_AFTER),
            [
                $part('cover', [(string) $early->cover]), $part('speed', $luck->one(self::PACES)), $part('color', $luck->one(self::COLORS)),
                $part('weight', $luck->one(self::WEIGHTS)),
            ],
            [$part('water_depth', [$early->levels()['water_depth'] ?? ''])],
            [$part('water_depth', [$late->levels()['water_depth'] ?? '']), $part('light', [(string) $late->light])],
        );
    }

    /** What can be fished at a minute of the day, from a place by its name; the ways are counted from the first where none is said. */
    public function choices(float $minute, ?string $at = null): Choices
    {
        $here = max(0, (int) array_search($at, array_column($this->water->places, 'name'), true));
        $places = [];
        foreach ($this->water->places as $i => $p) {
            $ways = $i === $here ? 0.0 : self::TO_THE_NEXT_MIN + self::A_PLACE_MIN * (abs($i - $here) - 1);
            $light = $p->light === null || $minute >= $this->sunUpMin ? $p->light : 'low';
            $places[] = new Fishable($p->name, $p->structure, $p->cover, $p->coverPart, $light, $p->waterDepthFt, $ways, $p->fits);
        }

        return new Choices($places, $this->water->presentations);
    }

    /**
     * Contacts per cast with this offer at a minute of the day, 0 to 0.35.
     *
     * @param  float  $spent  casts made at the place that still tell, 0 or more
     */
    public function perCast(Offer $offer, float $minute, float $spent = 0.0): float
    {
        $fresh = self::LEFT + (1 - self::LEFT) * exp(-$spent / $this->spentAfter);
        if (! $this->hasPattern) {
            return self::EVEN * $fresh;
        }
        $rate = self::BARE * min(1.0, $offer->place->fits[$offer->presentation->lure] ?? 1.0);
        $levels = $offer->levels();
        foreach ($this->parts($minute) as $part) {
            $rate *= $part->isMetBy($levels) ? $part->times : 1.0;
        }

        return min(self::MOST, $rate) * $fresh;
    }

    /** Casts at a place that still tell after it has rested so many minutes. */
    public static function rested(float $spent, float $minutes): float
    {
        return $spent * exp(-$minutes / self::RESTS_MIN);
    }

    /** What the nth cast of the day (from 1) brings with this offer: a contact, or null. */
    public function answer(Offer $offer, int $cast, float $spent = 0.0): ?ContactKind
    {
        return Luck::of("cast {$this->seed} {$cast}")->contact($this->perCast($offer, TimeLeft::minutesOf($cast), $spent));
    }

    /** Whether an offer meets the whole pattern of that minute, as far as it can be met with what is on the rods. */
    public function isMetBy(Offer $offer, float $minute): bool
    {
        $levels = $offer->levels();
        foreach ($this->parts($minute) as $part) {
            if (isset($levels[$part->factor]) && ! $part->isMetBy($levels)) {
                return false;
            }
        }

        return $this->hasPattern;
    }

    /** The hidden pattern in words. */
    public function told(): string|Said
    {
        $words = static fn (array $parts): Said => Said::listed(', ', ...array_map(static fn (HiddenPart $p): Said => $p->words(), $parts));

        return $this->hasPattern
            ? Said::of('%s; before the sun %s, after it %s', $words($this->always), $words($this->early), $words($this->late))
            : 'no pattern at all';
    }

    /** @return list<Fishable> the places that hold what the pattern wants of a place at a minute */
    public function places(float $minute): array
    {
        return array_values(array_filter($this->choices($minute)->places, function (Fishable $place) use ($minute): bool {
            foreach ($this->parts($minute) as $part) {
                if (isset($place->levels()[$part->factor]) && ! $part->isMetBy($place->levels())) {
                    return false;
                }
            }

            return true;
        }));
    }

    /** @return list<HiddenPart> the pattern at a minute of the day */
    public function parts(float $minute): array
    {
        return [...$this->always, ...($minute < $this->sunUpMin ? $this->early : $this->late)];
    }
}
