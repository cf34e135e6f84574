<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/**
 * Bites by the cast of a target at which they came, over own days, drawn to what is commonly seen; and after how many blank casts
 * it pays to leave. Basis: rules M14 and S3 for the common curve, its numbers and the weighing our own.
 */
final readonly class TargetClock
{
    /** Spans of casts, by their last; the last is open. */
    public const SPANS = [5, 10, 20, PHP_INT_MAX];

    /** What is commonly seen: the rate of each span against that of the first. */
    private const COMMON = [1.0, 0.5, 0.3, 0.2];

    /** The common curve counts like so many own bites. */
    private const COMMON_BITES = 12.0;

    /** Going to the next target takes about so many casts' time. */
    private const RUN_CASTS = 6;

    private const MOST_CASTS = 40;

    /** Of ten targets so many have fish that will bite (M2), and how sure a bite can be where they are. */
    private const HOME = 0.25;

    private const SUREST = 0.6;

    /**
     * @param  non-empty-list<int>  $bites  by span
     * @param  non-empty-list<float>  $rates  bites per cast by span, drawn to the common curve
     */
    private function __construct(public array $bites, public array $rates)
    {
    }

    /**
     * From own days.
     *
     * @param  array<int, int>  $bites  number of bites by the cast at which they came (from 1)
     * @param  array<int, int>  $targets  number of targets by the casts they were given
     */
    public static function of(array $bites, array $targets): self
    {
        $counts = $casts = [0, 0, 0, 0];
        foreach ($bites as $cast => $count) {
            $counts[self::span($cast)] += $count;
        }
        foreach ($targets as $given => $count) {
            $from = 0;
            foreach (self::SPANS as $i => $to) {
                $casts[$i] += $count * max(0, min($given, $to) - $from);
                $from = $to;
            }
        }
        $all = array_sum($counts);
        $first = self::firstRate($all, $casts);
        $rates = [];
        foreach (self::COMMON as $i => $share) {
            // Drawn to the common curve like to a gamma prior.
            $prior = new Prior($first * $share, self::COMMON_BITES / count(self::COMMON) / ($first * $share));
            $rates[] = Rate::after($prior, $counts[$i], $casts[$i])->mean();
        }

        return new self($counts, $rates);
    }

    /**
     * After so many blank casts on a target the next one promises more, the way there counted in: where the bites to be hoped for by
     * then are most for the time. Most targets have nobody home (M2), and each blank cast tells so.
     */
    public function leaveAfter(): int
    {
        $best = 1;
        $most = 0.0;
        $hungry = 1.0;
        $time = (float) self::RUN_CASTS;
        for ($cast = 1; $cast <= self::MOST_CASTS; $cast++) {
            $time += 1 - self::HOME * (1 - $hungry);
            $hungry *= 1 - min(self::SUREST, $this->rates[self::span($cast)] / self::HOME);
            $perTime = self::HOME * (1 - $hungry) / $time;
            if ($perTime > $most) {
                [$best, $most] = [$cast, $perTime];
            }
        }

        return $best;
    }

    /** The share (0 to 1) of own bites that came in a span; null before the first bite. */
    public function share(int $span): ?float
    {
        $all = array_sum($this->bites);

        return $all === 0 ? null : $this->bites[$span] / $all;
    }

    /**
     * The rate of the first span that own bites and the common curve give together; 1 in 20 before any.
     *
     * @param  list<int>  $casts
     */
    private static function firstRate(int $bites, array $casts): float
    {
        $expected = 0.0;
        foreach (self::COMMON as $i => $share) {
            $expected += $share * $casts[$i];
        }

        return Rate::after(new Prior(1 / 20, 40), $bites, $expected)->mean();
    }

    private static function span(int $cast): int
    {
        foreach (self::SPANS as $i => $to) {
            if ($cast <= $to) {
                return $i;
            }
        }

        return count(self::SPANS) - 1;
    }
}
