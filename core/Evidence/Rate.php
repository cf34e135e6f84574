<?php

declare(strict_types=1);

namespace OldEddy\Evidence;

/** Contacts per cast as a gamma distribution: prior and log together. Basis: handbook 08, standard statistics. */
final readonly class Rate
{
    private function __construct(public float $shape, public float $casts)
    {
    }

    /** After so many weighted contacts in so many casts. */
    public static function after(Prior $prior, float $contacts, float $casts): self
    {
        return new self($prior->shape() + $contacts, $prior->casts + $casts);
    }

    /** Mean contacts per cast. */
    public function mean(): float
    {
        return $this->shape / $this->casts;
    }

    /** The probability that this rate is higher than another, 0 to 1. */
    public function exceeds(self $other): float
    {
        return IncompleteBeta::regularized($other->casts / ($other->casts + $this->casts), $other->shape, $this->shape);
    }

    /** The rate that lies over this share (0 to 1) of the distribution: bisection on the series of the incomplete gamma. */
    public function quantile(float $share): float
    {
        [$low, $high] = [0.0, max(10.0, $this->shape * 5 + 20)];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            self::gammaShare($this->shape, $middle) < $share ? $low = $middle : $high = $middle;
        }

        return $low / $this->casts;
    }

    /** The regularized lower incomplete gamma function by its series. */
    private static function gammaShare(float $shape, float $x): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        $term = 1 / $shape;
        $sum = $term;
        for ($n = 1; $n < 1000 && $term > $sum * 1e-14; $n++) {
            $term *= $x / ($shape + $n);
            $sum += $term;
        }

        return min(1.0, $sum * exp(-$x + $shape * log($x) - LogGamma::of($shape)));
    }
}
