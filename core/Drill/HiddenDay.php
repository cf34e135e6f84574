<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Fishable;
use OldEddy\Log\Next\Offer;
use OldEddy\Log\Next\Presentation;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A day with a pattern that only the water knows: a cover, a depth of 2 ft width and a pace. The nth cast of the day
 * meets the same luck whatever is thrown, so that two ways of fishing are compared on equal water. The same seed makes
 * the same day. Basis: our own, for practice and for checking the advice; it says nothing about real fish.
 */
final readonly class HiddenDay
{
    /** Contacts per cast where nothing of the pattern is met, and what each part of it multiplies. */
    private const BARE = 0.012;

    private const COVER = 2.8;

    private const DEPTH = 2.0;

    private const PACE = 2.4;

    /** Contacts per cast everywhere on a day without a pattern. */
    private const EVEN = 1 / 40;

    private const MOST = 0.3;

    /** Feet a second under which a presentation counts as slow. */
    private const SLOW_FT_S = 0.8;

    private function __construct(
        public int $seed,
        public Choices $choices,
        public bool $hasPattern,
        public string $cover,
        public string $depth,
        public bool $slow,
    ) {
    }

    /** The day of a seed on these waters, with a hidden pattern or, for comparison, without any. */
    public static function of(int $seed, Choices $choices, bool $hasPattern = true): self
    {
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', "day {$seed}", true)));
        $key = $choices->places[$luck->getInt(0, count($choices->places) - 1)];

        return new self($seed, $choices, $hasPattern, (string) $key->cover, $key->levels()['depth'] ?? '', $luck->getInt(0, 1) === 1);
    }

    /** Contacts per cast with this offer, 0 to 0.3. */
    public function perCast(Offer $offer): float
    {
        if (! $this->hasPattern) {
            return self::EVEN;
        }

        return min(self::MOST, self::BARE
            * ($offer->place->cover === $this->cover ? self::COVER : 1)
            * (($offer->place->levels()['depth'] ?? '') === $this->depth ? self::DEPTH : 1)
            * (self::isSlow($offer->presentation) === $this->slow ? self::PACE : 1));
    }

    /** What the nth cast of the day (from 1) brings with this offer: a contact, or null. */
    public function answer(Offer $offer, int $cast): ?ContactKind
    {
        $luck = new Randomizer(new Xoshiro256StarStar(hash('sha256', "cast {$this->seed} {$cast}", true)));
        if ($luck->getInt(0, 999_999) / 1e6 >= $this->perCast($offer)) {
            return null;
        }

        return [
            ContactKind::Caught, ContactKind::Caught, ContactKind::Caught, ContactKind::Lost, ContactKind::Missed, ContactKind::Bump,
            ContactKind::Boil, ContactKind::Follow,
        ][$luck->getInt(0, 7)];
    }

    /** Whether an offer meets the whole pattern. */
    public function isMetBy(Offer $offer): bool
    {
        return $this->hasPattern
            && $offer->place->cover === $this->cover
            && ($offer->place->levels()['depth'] ?? '') === $this->depth
            && self::isSlow($offer->presentation) === $this->slow;
    }

    /** The hidden pattern in words. */
    public function told(): string
    {
        return $this->hasPattern ? sprintf(
            '%s, %s, %s',
            str_replace('_', ' ', $this->cover),
            $this->depth,
            $this->slow ? 'slow' : 'moving',
        ) : 'no pattern at all';
    }

    /** @return list<Fishable> the places that hold the cover and depth of the pattern */
    public function places(): array
    {
        return array_values(
            array_filter($this->choices->places, fn (Fishable $p): bool => $p->cover === $this->cover && ($p->levels()['depth'] ?? '') === $this->depth),
        );
    }

    private static function isSlow(Presentation $presentation): bool
    {
        return $presentation->paceFtS < self::SLOW_FT_S;
    }
}
