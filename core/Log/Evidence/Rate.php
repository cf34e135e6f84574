<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Chance\IncompleteBeta;
use OldEddy\Basics\Chance\LogGamma;

/** Contacts per cast as a gamma distribution: prior and log together. Basis: rule EVIDENCE, standard statistics. */
final readonly class Rate
{
    /** A value more than so many times the one before, or so many standard deviations beyond it, is no step of it. */
    private const FAR = 1.25;

    private const WIDE = 0.25;

    /** Where the outer points of Gauss's rule on three points stand: the square root of 3/5. */
    private const GAUSS = 0.7745966692414834;

    private function __construct(public float $shape, public float $casts)
    {
    }

    /** After so many weighted contacts in so many casts. */
    public static function after(Prior $prior, float $contacts, float $casts): self
    {
        return new self($prior->shape() + $contacts, $prior->casts + $casts);
    }

    /** @return array{float, float} the weighted contacts and casts that made it out of this prior */
    public function since(Prior $prior): array
    {
        return [max(0.0, $this->shape - $prior->shape()), max(0.0, $this->casts - $prior->casts)];
    }

    /** Mean contacts per cast. */
    public function mean(): float
    {
        return $this->shape / $this->casts;
    }

    /** The mean and so many standard deviations (0 or more) on top of it, contacts per cast. */
    public function upTo(float $deviations): float
    {
        return $this->mean() * (1 + $deviations / sqrt($this->shape));
    }

    /** The probability that this rate is higher than another, 0 to 1. */
    public function exceeds(self $other): float
    {
        return IncompleteBeta::regularized($other->casts / ($other->casts + $this->casts), $other->shape, $this->shape);
    }

    /** The same rate after so many more casts (0 or more) that bring what it promises. */
    public function goingOn(int $casts): self
    {
        return new self($this->shape + $this->mean() * $casts, $this->casts + $casts);
    }

    /**
     * The share (0 to 1) of the distribution under each of several rates per cast.
     *
     * @param  list<float>  $perCast
     * @return list<float>
     */
    public function sharesUnder(array $perCast): array
    {
        $logGamma = LogGamma::of($this->shape);
        $shares = [];
        $share = $before = 0.0;
        $spread = sqrt($this->shape);
        foreach ($perCast as $n => $rate) {
            $x = $rate * $this->casts;
            // From step to step by Gauss's rule on three points; where steps are no steps, or the first of them, by the function itself.
            $share = $n === 0 || $x < $before || $x > self::FAR * $before || $x - $before > self::WIDE * $spread
                ? self::gammaShare($this->shape, $x, $logGamma)
                : min(1.0, $share + $this->between($before, $x, $logGamma));
            $shares[] = $share;
            $before = $x;
        }

        return $shares;
    }

    /** The share of the gamma distribution between two values that lie near each other. */
    private function between(float $from, float $to, float $logGamma): float
    {
        [$middle, $half] = [($from + $to) / 2, ($to - $from) / 2];
        [$power, $off] = [$this->shape - 1, self::GAUSS * $half];

        return $half / 9 * (
            5 * exp($power * log($middle - $off) - $middle + $off - $logGamma) + 8 * exp($power * log($middle) - $middle - $logGamma)
            + 5 * exp($power * log($middle + $off) - $middle - $off - $logGamma)
        );
    }

    /** The rate (per cast) under which this share (over 0, under 1) of the distribution lies: Newton's method, kept between bounds. */
    public function quantile(float $share): float
    {
        [$low, $high] = [0.0, $this->shape * 6 + 30];
        $x = $this->shape;
        $logGamma = LogGamma::of($this->shape);
        for ($i = 0; $i < 40; $i++) {
            $miss = self::gammaShare($this->shape, $x, $logGamma) - $share;
            $miss > 0 ? $high = $x : $low = $x;
            $density = exp(-$x + ($this->shape - 1) * log($x) - $logGamma);
            $next = $density > 0 ? $x - $miss / $density : $low;
            $next = $next <= $low || $next >= $high ? ($low + $high) / 2 : $next;
            if (abs($next - $x) < 1e-9 * $x) {
                return $next / $this->casts;
            }
            $x = $next;
        }

        return $x / $this->casts;
    }

    /** The regularized lower incomplete gamma function: by its series, and where that is long, by the continued fraction of what is above. */
    private static function gammaShare(float $shape, float $x, float $logGamma): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        $front = exp(-$x + $shape * log($x) - $logGamma);
        if ($x > $shape + 1) {
            return max(0.0, 1 - $front * self::above($shape, $x));
        }
        $term = 1 / $shape;
        $sum = $term;
        for ($n = 1; $n < 5000 && $term > $sum * 1e-12; $n++) {
            $term *= $x / ($shape + $n);
            $sum += $term;
        }

        return min(1.0, $sum * $front);
    }

    /** The continued fraction of the upper part, for an x over shape + 1, by the method of Lentz (value from memory). */
    private static function above(float $shape, float $x): float
    {
        $b = $x + 1 - $shape;
        $c = 1e300;
        $fraction = $d = 1 / $b;
        for ($n = 1; $n < 5000; $n++) {
            $a = -$n * ($n - $shape);
            $b += 2;
            $d = 1 / ($a * $d + $b);
            $c = $b + $a / $c;
            $fraction *= $d * $c;
            if (abs($d * $c - 1) < 1e-12) {
                break;
            }
        }

        return $fraction;
    }
}
