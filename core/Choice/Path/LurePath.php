<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

/**
 * The path of a lure through one cast, straight between its moments. The moments are kept as plain lists, since a plan
 * traces thousands of them; points() makes them into objects for whoever draws.
 */
final readonly class LurePath
{
    /**
     * @param  non-empty-list<float>  $seconds  since the splash, rising
     * @param  non-empty-list<float>  $distancesFt  from the angler, falling
     * @param  non-empty-list<float>  $depthsFt  below the surface
     * @param  non-empty-list<string>  $doings  what was done up to each moment
     */
    public function __construct(
        private array $seconds,
        private array $distancesFt,
        private array $depthsFt,
        private array $doings,
        public Cast $cast,
        private float $standsOffFt,
    ) {
    }

    /** @return non-empty-list<PathPoint> every moment in order of time */
    public function points(): array
    {
        return array_map($this->point(...), array_keys($this->seconds));
    }

    /** @return non-empty-list<array{float, float, float}> second, distance and depth of every moment */
    public function moments(): array
    {
        return array_map(null, $this->seconds, $this->distancesFt, $this->depthsFt);
    }

    /** Seconds from splash to rod tip. */
    public function seconds(): float
    {
        return $this->seconds[count($this->seconds) - 1];
    }

    /**
     * Seconds the lure spends between two depths (feet), and, if given, between two distances from the angler (feet).
     */
    public function secondsBetween(float $shallowFt, float $deepFt, float $nearFt = 0.0, float $farFt = INF): float
    {
        $sum = 0.0;
        $narrowed = $nearFt > 0.0 || $farFt !== INF;
        $last = count($this->seconds) - 1;
        for ($i = 0; $i < $last; $i++) {
            $a = $this->depthsFt[$i];
            $b = $this->depthsFt[$i + 1];
            $span = $this->seconds[$i + 1] - $this->seconds[$i];
            if (! $narrowed && $a >= $shallowFt && $b >= $shallowFt && $a <= $deepFt && $b <= $deepFt) {
                $sum += $span;

                continue;
            }
            if (($a < $shallowFt && $b < $shallowFt) || ($a > $deepFt && $b > $deepFt)) {
                continue;
            }
            [$from, $to] = self::clip($a, $b, $shallowFt, $deepFt);
            if ($narrowed) {
                [$from2, $to2] = self::clip($this->distancesFt[$i], $this->distancesFt[$i + 1], $nearFt, $farFt);
                [$from, $to] = [max($from, $from2), min($to, $to2)];
            }
            $sum += max(0.0, $to - $from) * $span;
        }

        return $sum;
    }

    /** @return array{float, float, float} second, distance and depth a share of the way from one moment to the next */
    private function along(int $i, float $share): array
    {
        $mix = static fn (array $of): float => $of[$i] + $share * ($of[$i + 1] - $of[$i]);

        return [$mix($this->seconds), $mix($this->distancesFt), $mix($this->depthsFt)];
    }

    /** Where the lure is at a second, straight between the moments; before the first and after the last it stays there. */
    public function at(float $seconds): PathPoint
    {
        foreach ($this->seconds as $i => $moment) {
            if ($moment >= $seconds && $i > 0) {
                $before = $this->seconds[$i - 1];
                $share = $moment > $before ? max(0.0, ($seconds - $before) / ($moment - $before)) : 1.0;

                [, $distanceFt, $depthFt] = $this->along($i - 1, $share);

                return $this->point($i, $seconds, $distanceFt, $depthFt);
            }
        }

        return $this->point(count($this->seconds) - 1);
    }

    /** Deepest point reached, feet. */
    public function deepestFt(): float
    {
        return max($this->depthsFt);
    }

    /** Whether the lure touched the bottom anywhere. */
    public function touchesBottom(): bool
    {
        foreach ($this->points() as $point) {
            if ($point->onBottom) {
                return true;
            }
        }

        return false;
    }

    private function point(int $i, ?float $seconds = null, ?float $distanceFt = null, ?float $depthFt = null): PathPoint
    {
        $distanceFt ??= $this->distancesFt[$i];
        $depthFt ??= $this->depthsFt[$i];
        $onBottom = $depthFt > 0 && $depthFt >= $this->cast->bottomAt($distanceFt) - $this->standsOffFt - 0.05;

        return new PathPoint($seconds ?? $this->seconds[$i], $distanceFt, $depthFt, $onBottom, $this->doings[$i]);
    }

    /**
     * The part of a straight run from $a to $b that lies between $low and $high, as shares of the run.
     *
     * @return array{float, float}
     */
    private static function clip(float $a, float $b, float $low, float $high): array
    {
        if ($a >= $low && $a <= $high && $b >= $low && $b <= $high) {
            return [0.0, 1.0];
        }
        if (abs($b - $a) < 1e-9) {
            return [1.0, 0.0];
        }
        $first = ($low - $a) / ($b - $a);
        $second = ($high - $a) / ($b - $a);

        return [max(0.0, min($first, $second)), min(1.0, max($first, $second))];
    }
}
