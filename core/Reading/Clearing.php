<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\EarlierReading;
use OldEddy\Day\Conditions\Settled;

/**
 * How muddied water clears: exponentially towards the normal of that water, v(t) = n − (n − v0)·e^(−kt), with k from the
 * readings there are, or guessed so that half of it is back after two days. Basis: rule W21, our own choice.
 */
final readonly class Clearing
{
    private const HALF_BACK_DAYS = 2.0;

    /** Slower than this it is not clearing at all, faster no water does; per day. */
    private const RATES = [0.02, 3.0];

    private function __construct(private float $nowFt, private float $normalFt, public float $perDay, public bool $guessed)
    {
    }

    /** The clearing of a day's water; null where it is not dirtier than usual. */
    public static function of(Settled $day): ?self
    {
        if ($day->visibilityFt >= $day->normalVisibilityFt * 0.95 || $day->visibilityFt <= 0) {
            return null;
        }
        $rates = array_values(
            array_filter(
                array_map(static fn (EarlierReading $r): ?float => self::rate($r, $day), $day->visibilityHistory),
                static fn (?float $k): bool => $k !== null,
            ),
        );
        $mean = $rates === [] ? log(2) / self::HALF_BACK_DAYS : array_sum($rates) / count($rates);

        return new self($day->visibilityFt, $day->normalVisibilityFt, max(self::RATES[0], min(self::RATES[1], $mean)), $rates === []);
    }

    /** Days until so much is visible, feet: 0 where it is already, null where this water never shows so much. */
    public function daysUntil(float $feet): ?float
    {
        return match (true) {
            $this->nowFt >= $feet => 0.0,
            $this->normalFt <= $feet => null,
            default => log(($this->normalFt - $this->nowFt) / ($this->normalFt - $feet)) / $this->perDay,
        };
    }

    /** The rate between an earlier reading and today, per day; null where it says nothing. */
    private static function rate(EarlierReading $earlier, Settled $day): ?float
    {
        $then = $day->normalVisibilityFt - $earlier->value;
        $now = $day->normalVisibilityFt - $day->visibilityFt;

        return $earlier->daysAgo <= 0 || $then <= $now ? null : log($then / $now) / $earlier->daysAgo;
    }
}
