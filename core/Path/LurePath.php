<?php

declare(strict_types=1);

namespace OldEddy\Path;

/** The path of a lure through one cast, straight between its points. */
final readonly class LurePath
{
    /** @param  non-empty-list<PathPoint>  $points in order of time */
    public function __construct(public array $points, public Cast $cast)
    {
    }

    /** Seconds from splash to rod tip. */
    public function seconds(): float
    {
        return $this->points[array_key_last($this->points)]->seconds;
    }

    /**
     * Seconds the lure spends between two depths (feet), and, if given, between two distances from the angler (feet).
     */
    public function secondsBetween(float $shallowFt, float $deepFt, float $nearFt = 0.0, float $farFt = INF): float
    {
        $sum = 0.0;
        $last = null;
        foreach ($this->points as $point) {
            if ($last !== null) {
                $span = $point->seconds - $last->seconds;
                [$from, $to] = self::clip($last->depthFt, $point->depthFt, $shallowFt, $deepFt);
                [$from2, $to2] = self::clip($last->distanceFt, $point->distanceFt, $nearFt, $farFt);
                $sum += $span * max(0.0, min($to, $to2) - max($from, $from2));
            }
            $last = $point;
        }

        return $sum;
    }

    /** Where the lure is at a second, straight between the points. */
    public function at(float $seconds): PathPoint
    {
        $last = $this->points[0];
        foreach ($this->points as $point) {
            if ($point->seconds >= $seconds && $point->seconds > $last->seconds) {
                $share = ($seconds - $last->seconds) / ($point->seconds - $last->seconds);

                return new PathPoint(
                    $seconds,
                    $last->distanceFt + $share * ($point->distanceFt - $last->distanceFt),
                    $last->depthFt + $share * ($point->depthFt - $last->depthFt),
                    $point->onBottom,
                    $point->doing,
                );
            }
            $last = $point;
        }

        return $last;
    }

    /** Deepest point reached, feet. */
    public function deepestFt(): float
    {
        return max(array_map(static fn (PathPoint $p): float => $p->depthFt, $this->points));
    }

    /** Whether the lure touched the bottom anywhere. */
    public function touchesBottom(): bool
    {
        foreach ($this->points as $point) {
            if ($point->onBottom) {
                return true;
            }
        }

        return false;
    }

    /**
     * The part of a straight run from $a to $b that lies between $low and $high, as shares of the run.
     *
     * @return array{float, float}
     */
    private static function clip(float $a, float $b, float $low, float $high): array
    {
        if (abs($b - $a) < 1e-9) {
            return $a >= $low && $a <= $high ? [0.0, 1.0] : [1.0, 0.0];
        }
        $first = ($low - $a) / ($b - $a);
        $second = ($high - $a) / ($b - $a);

        return [max(0.0, min($first, $second)), min(1.0, max($first, $second))];
    }
}
