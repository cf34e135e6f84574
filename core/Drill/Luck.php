<?php

declare(strict_types=1);

namespace OldEddy\Drill;

use OldEddy\Log\Evidence\ContactKind;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The luck of hidden days: the same words always draw the same. Basis: our own. */
final readonly class Luck
{
    /** What a fish that answers does, each as often as it stands here. */
    private const KINDS = [
        ContactKind::Caught, ContactKind::Caught, ContactKind::Caught, ContactKind::Lost, ContactKind::Missed, ContactKind::Bump, ContactKind::Boil,
        ContactKind::Follow,
    ];

    private function __construct(private Randomizer $randomizer)
    {
    }

    /** The luck of some words. */
    public static function of(string $words): self
    {
        return new self(new Randomizer(new Xoshiro256StarStar(hash('sha256', $words, true))));
    }

    /** A whole number from one to another, both ends in. */
    public function between(int $from, int $to): int
    {
        return $this->randomizer->getInt($from, $to);
    }

    /** A number from one to another. */
    public function within(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->between(0, 1000) / 1000;
    }

    /**
     * One of some things.
     *
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->between(0, count($of) - 1)];
    }

    /** A contact with this chance (0 to 1), or null. */
    public function contact(float $chance): ?ContactKind
    {
        return $this->between(0, 999_999) / 1e6 >= $chance ? null : $this->one(self::KINDS);
    }
}
