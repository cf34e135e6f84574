<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Rate;

/**
 * What a season says of one level of one factor (rule Y3): its casts and contacts over so many days, and the rate with its span, drawn
 * to the season's own where casts are few.
 */
final readonly class LevelRate
{
    /** Under so many casts nothing is claimed of a level. Basis: own choice. */
    private const CLAIMED_FROM = 60;

    /** The season's own rate counts like so many casts. */
    private const PRIOR_CASTS = 40.0;

    private function __construct(public string $level, public int $days, public int $casts, public int $contacts, public float $weighed, public Rate $rate)
    {
    }

    /**
     * Levels of one factor against the rate of all casts.
     *
     * @param  array<array-key, array{days: int, casts: int, contacts: int, weighed: float}>  $sums  by level
     * @param  float  $perCast  weighed contacts per cast of the whole, over 0
     * @return list<self> in the order given
     */
    public static function all(array $sums, float $perCast): array
    {
        $prior = new Prior(max(1e-4, $perCast), self::PRIOR_CASTS);

        return array_map(
            static fn (string $level, array $s): self => new self(
                $level, $s['days'], $s['casts'], $s['contacts'], $s['weighed'], Rate::after($prior, $s['weighed'], $s['casts']),
            ),
            array_map(strval(...), array_keys($sums)),
            array_values($sums),
        );
    }

    /** Contacts per 100 casts, each counted by what the fish did. */
    public function perHundred(): float
    {
        return 100 * $this->rate->mean();
    }

    /** @return array{float, float} the span per 100 casts that holds the true rate on those days four times in five: other days may be others */
    public function span(): array
    {
        return [100 * $this->rate->quantile(0.1), 100 * $this->rate->quantile(0.9)];
    }

    /** Whether there are casts enough to say anything. */
    public function isClaimed(): bool
    {
        return $this->casts >= self::CLAIMED_FROM;
    }
}
