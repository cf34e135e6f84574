<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

use OldEddy\Reading\Standing;

/**
 * What of a cast is in reach of fish as they stand over that very bottom: a fish takes a lure that passes within its reach above, below or
 * beside it, and farther from below where the lure calls it up (rule D14). Expected seconds: of all fish there the share that is reached.
 */
final readonly class Reach
{
    /** Of a stretch of the way so much is looked at together: feet along it, and of depth. */
    private const STEP = [3.0, 1.0];

    /** Depths of water nearer to each other are one, feet. */
    private const WATER_STEP_FT = 0.1;

    /** Under this share of the fish nothing of the way counts. */
    private const LEAST = 0.05;

    /** A fish is so far from its middle to its back, feet (own choice). */
    private const BODY_FT = 0.1;

    /** How long a cast takes besides: to throw it, and to take it up again, seconds (own choice). */
    public const HANDLING_S = 5.0;

    /** How fast it is wound home once it has left the fish, feet a second (own choice). */
    private const HOME_FT_S = 5.0;

    /**
     * @param  list<array{float, float, float, float, float, float, float}>  $pieces  second, distance, depth where each begins and where it ends, and the share of the fish that is reached
     */
    private function __construct(private LurePath $path, public array $pieces)
    {
    }

    /**
     * @param  float  $reachFt  how far a fish moves for it
     * @param  float  $callsFt  how much farther it comes up for it, 0 or more
     * @param  float  $nearestFt  nearer to the angler than this nothing counts, as with a cast to a target
     * @param  float  $enoughS  after so many seconds in reach nobody looks on: for a glance
     */
    public static function of(LurePath $path, Standing $standing, float $reachFt, float $callsFt, float $nearestFt = 0.0, float $enoughS = INF): self
    {
        $points = $path->moments();
        $pieces = [];
        // How fish stand over so much water is found once for each step of it.
        $stands = [];
        for ($i = 1, $n = count($points); $i < $n && $enoughS > 0.0; $i++) {
            [$t0, $x0, $z0] = $points[$i - 1];
            [$t1, $x1, $z1] = $points[$i];
            if ($t1 <= $t0) {
                continue;
            }
            $steps = max(1, (int) ceil(max(abs($x1 - $x0) / self::STEP[0], abs($z1 - $z0) / self::STEP[1])));
            for ($k = 0; $k < $steps; $k++) {
                [$a, $b] = [$k / $steps, ($k + 1) / $steps];
                $x = $x0 + ($a + $b) / 2 * ($x1 - $x0);
                $between = [$z0 + $a * ($z1 - $z0), $z0 + $b * ($z1 - $z0)];
                if ($x < $nearestFt) {
                    continue;
                }
                $step = (int) ($path->cast->bottomAt($x) / self::WATER_STEP_FT + 0.5);
                [$over, $depths] = $stands[$step] ??= self::standing($standing, $step * self::WATER_STEP_FT);
                $share = $over * self::reached($depths, $between, $reachFt, $callsFt);
                if ($share >= self::LEAST) {
                    $enoughS -= ($b - $a) * ($t1 - $t0) * $share;
                    $pieces[] = [
                        $t0 + $a * ($t1 - $t0), $x0 + $a * ($x1 - $x0), $between[0],
                        $t0 + $b * ($t1 - $t0), $x0 + $b * ($x1 - $x0), $between[1], $share,
                    ];
                }
            }
        }

        return new self($path, $pieces);
    }

    /** Expected seconds within reach of a fish, of one cast. */
    public function seconds(): float
    {
        return array_sum(array_map(static fn (array $p): float => ($p[3] - $p[0]) * $p[6], $this->pieces));
    }

    /** What one cast takes of an angler's time: until the lure has left the fish, then wound home, and thrown. Seconds. */
    public function castSeconds(): float
    {
        $last = $this->pieces === [] ? null : $this->pieces[count($this->pieces) - 1];

        return self::HANDLING_S + ($last === null ? $this->path->seconds() : min($this->path->seconds(), $last[3] + $last[4] / self::HOME_FT_S));
    }

    /** Expected seconds in reach in a minute of fishing. */
    public function perMinute(): float
    {
        return 60 * $this->seconds() / $this->castSeconds();
    }

    /**
     * The stretches of the way in reach, each as moments of second, distance and depth.
     *
     * @return list<non-empty-list<array{float, float, float}>>
     */
    public function runs(): array
    {
        $runs = [];
        $ends = -1.0;
        foreach ($this->pieces as [$t0, $x0, $z0, $t1, $x1, $z1]) {
            if ($runs !== [] && $t0 - $ends < 1e-6) {
                $runs[count($runs) - 1][] = [$t1, $x1, $z1];
            } else {
                $runs[] = [[$t0, $x0, $z0], [$t1, $x1, $z1]];
            }
            $ends = $t1;
        }

        return $runs;
    }

    /** @return array{float, list<float>} how many stand over so much water, and at which depths */
    private static function standing(Standing $standing, float $waterFt): array
    {
        $over = $standing->over($waterFt);

        return $over < self::LEAST ? [0.0, []] : [$over, $standing->depths($waterFt)];
    }

    /**
     * The share of fish at some depths that a lure on its way from one depth to another is in reach of.
     *
     * @param  list<float>  $depths  feet
     * @param  array{float, float}  $between  the two depths, feet
     */
    private static function reached(array $depths, array $between, float $reachFt, float $callsFt): float
    {
        if ($depths === []) {
            return 0.0;
        }
        [$from, $to] = $between[0] <= $between[1] ? $between : [$between[1], $between[0]];
        $reached = 0.0;
        foreach ($depths as $fishFt) {
            $top = $fishFt - self::BODY_FT - $reachFt - $callsFt;
            $floor = $fishFt + self::BODY_FT + $reachFt;
            if ($from >= $top && $to <= $floor) {
                $reached++;
            } elseif ($to > $top && $from < $floor && $to - $from > 1e-6) {
                $reached += (($to < $floor ? $to : $floor) - ($from > $top ? $from : $top)) / ($to - $from);
            }
        }

        return $reached / count($depths);
    }
}
