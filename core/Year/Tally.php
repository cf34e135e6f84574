<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Chance\IncompleteBeta;
use OldEddy\Basics\Chance\LogGamma;

/** Something that was tried so often and came off so often (0 to tried). */
final class Tally
{
    /** So far out from the mean, and in so many steps, a density is looked at. */
    private const DEVIATIONS = 8.0;

    private const STEPS = 120;

    public function __construct(public int $tried = 0, public int $cameOff = 0)
    {
    }

    /** Takes in one more. */
    public function add(bool $cameOff): void
    {
        $this->tried++;
        $this->cameOff += $cameOff ? 1 : 0;
    }

    /** The share that came off (0 to 1); null before the first. */
    public function share(): ?float
    {
        return $this->tried === 0 ? null : $this->cameOff / $this->tried;
    }

    /**
     * The share under which so much of its distribution lies (over 0, under 1), after Jeffreys: a beta distribution with a half more on
     * either side, by bisection. Basis: standard statistics.
     */
    public function quantile(float $of): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            IncompleteBeta::regularized($middle, $this->cameOff + 0.5, $this->tried - $this->cameOff + 0.5) < $of ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /** The probability (0 to 1) that it comes off more often than another: the other's density times the share above it, after Simpson. */
    public function exceeds(self $other): float
    {
        [$a, $b] = [$other->cameOff + 0.5, $other->tried - $other->cameOff + 0.5];
        $mean = $a / ($a + $b);
        $reach = self::DEVIATIONS * sqrt($mean * (1 - $mean) / ($a + $b + 1));
        [$from, $to] = [max(1e-9, $mean - $reach), min(1 - 1e-9, $mean + $reach)];
        $logBeta = LogGamma::of($a) + LogGamma::of($b) - LogGamma::of($a + $b);
        [$above, $all] = [0.0, 0.0];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $x = $from + ($to - $from) * $i / self::STEPS;
            $part = ($i === 0 || $i === self::STEPS ? 1 : ($i % 2 === 1 ? 4 : 2)) * exp(($a - 1) * log($x) + ($b - 1) * log(1 - $x) - $logBeta);
            $all += $part;
            $above += $part * (1 - IncompleteBeta::regularized($x, $this->cameOff + 0.5, $this->tried - $this->cameOff + 0.5));
        }

        return $above / $all;
    }
}
