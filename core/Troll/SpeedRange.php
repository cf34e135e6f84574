<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Speed;
use OldEddy\Choice\Lures\LureFamily;

/** Speeds at which lures run as they should, mph. Basis: rule T3, by what the families say of themselves. */
final readonly class SpeedRange
{
    /** A plug that is begun with at a mile an hour (T3). */
    private const SLOW_START_MPH = 1.0;

    /** Two ranges meet where they share at least so much, mph. */
    private const MEET_MPH = 0.05;

    private function __construct(public float $fromMph, public float $toMph)
    {
    }

    /** That of one lure. */
    public static function of(LureFamily $lure): self
    {
        return new self(
            Speed::fromFeetPerSecond($lure->hydraulics->slowestFtS)->mph(), Speed::fromFeetPerSecond($lure->hydraulics->fastestFtS)->mph(),
        );
    }

    /** What two have in common; null where they cannot share a speed. */
    public function shared(self $other): ?self
    {
        [$from, $to] = [max($this->fromMph, $other->fromMph), min($this->toMph, $other->toMph)];

        return $to - $from < self::MEET_MPH ? null : new self($from, $to);
    }

    /** Whether a speed lies in it. */
    public function holds(float $mph): bool
    {
        return $mph >= $this->fromMph - 0.02 && $mph <= $this->toMph + 0.02;
    }

    /** Where to begin: slow plugs at a mile an hour, others in the middle. */
    public function startMph(): float
    {
        return $this->holds(self::SLOW_START_MPH) ? self::SLOW_START_MPH : round(($this->fromMph + $this->toMph) / 2, 1);
    }

    /** Why a lure cannot be run at a speed, in a sentence. */
    public static function refusal(LureFamily $lure, float $mph): Said
    {
        $range = self::of($lure);

        return match (true) {
            $mph > $range->toMph && $lure->dives() => Said::of('It rolls over above {%.1f mph}; the spread runs {%.1f mph}.', $range->toMph, $mph),
            $mph > $range->toMph => Said::of('It spins and planes up above {%.1f mph}; the spread runs {%.1f mph}.', $range->toMph, $mph),
            default => Said::of('Under {%.1f mph} it hangs without life; the spread runs {%.1f mph}.', $range->fromMph, $mph),
        };
    }
}
