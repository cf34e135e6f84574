<?php

declare(strict_types=1);

namespace OldEddy\Year;

use OldEddy\Basics\Chance\IncompleteBeta;

/** Something that was tried so often and came off so often (0 to tried). */
final class Tally
{
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

    /** The probability (0 to 1) that it comes off more often than another: summed over even shares of the other's distribution. */
    public function exceeds(self $other): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 100; $i++) {
            $sum += 1 - IncompleteBeta::regularized($other->quantile(($i + 0.5) / 100), $this->cameOff + 0.5, $this->tried - $this->cameOff + 0.5);
        }

        return $sum / 100;
    }
}
