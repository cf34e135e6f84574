<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Units\Speed;

/** A line as it runs at a speed: how deep its lure is (feet), what that rests on, how far it is behind the tip (feet), and its shape. */
final readonly class RunningLine
{
    /** Plugs are rated with so much line out, feet. Basis: own choice. */
    private const RATED_LET_OUT_FT = 120.0;

    /** Drag coefficient times area of a lure one inch long, cm²: it grows with the square of its length. Basis: own choice. */
    private const DRAG_CM2 = 0.35;

    /** Of a lure's weight in air what is left in water: metal sinks, a plug floats a little. Basis: own choice. */
    private const SINKS = 0.88;

    private const FLOATS = -0.08;

    /** @param  list<array{float, float}>  $shape  feet behind the tip, feet below the surface */
    private function __construct(
        public SpreadLine $line, public float $depthFt, public DepthBasis $basis, public float $backFt, public array $shape,
        private Towed $towed, private float $tipFt,
    ) {
    }

    /**
     * A line at a speed through the water, its tip so many feet above it.
     *
     * @param  ?self  $like  another with the same lure and carrier, whose lip need not be sought again
     */
    public static function of(SpreadLine $line, Speed $speed, float $tipFt, ?self $like = null): self
    {
        return self::run($line, $speed, $tipFt, $like->towed ?? self::towed($line, $tipFt));
    }

    /** The same line at another speed, or with another length let out (feet). */
    public function again(Speed $speed, ?float $letOutFt = null): self
    {
        return self::run($letOutFt === null ? $this->line : $this->line->letOut($letOutFt), $speed, $this->tipFt, $this->towed);
    }

    private static function run(SpreadLine $line, Speed $speed, float $tipFt, Towed $towed): self
    {
        $points = $line->points;
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if ($points === []) {
            $sag = Sag::of($line->letOutFt, $speed, $tipFt, $line->tiedTo->line(), $towed);

            return new self($line, $sag->depthFt, DepthBasis::Model, $sag->backFt, $sag->shape, $towed, $tipFt);
        }
        [$first, $last] = [$points[0], $points[count($points) - 1]];
        $within = $line->letOutFt >= $first[0] && $line->letOutFt <= $last[0];
        // What was measured corrects the reckoned line: its lure is given the pull that takes it to the nearest point.
        $near = $line->letOutFt > $last[0] ? $last : $first;
        $known = $within ? [$line->letOutFt, self::between($points, $line->letOutFt)] : $near;
        $sag = Sag::of($line->letOutFt, $speed, $tipFt, $line->tiedTo->line(), self::corrected($towed, $line->tiedTo->line(), $known, $speed, $tipFt));

        return $within
            ? new self($line, self::between($points, $line->letOutFt), DepthBasis::Points, $sag->backFt, $sag->shape, $towed, $tipFt)
            : new self($line, $sag->depthFt, DepthBasis::Extrapolated, $sag->backFt, $sag->shape, $towed, $tipFt);
    }

    /** What is towed at the end of a line, with the lip that takes a plug to its rating, which is said of the usual line. */
    private static function towed(SpreadLine $line, float $tipFt): Towed
    {
        $lure = $line->lure;
        $carried = $line->carrier === Carrier::Weight ? $line->sinkerOz : 0.0;
        $towed = new Towed(($lure->dives() ? self::FLOATS : self::SINKS) * $line->weightOz + $carried, self::DRAG_CM2 * $line->lengthIn ** 2);
        if (! $lure->dives()) {
            return $towed;
        }
        $rated = self::ratedFt($line);
        $middle = Speed::fromFeetPerSecond(($lure->hydraulics->slowestFtS + $lure->hydraulics->fastestFtS) / 2);

        return $towed->diving(Sag::lipFor($rated, self::RATED_LET_OUT_FT, $middle, $tipFt, TrollLine::usual(), $towed));
    }

    /** The depth that a plug of this length is rated for: the longer ones of a family dive deeper. */
    private static function ratedFt(SpreadLine $line): float
    {
        $tiers = $line->lure->hydraulics->diveTiersFt;
        $rigging = $line->lure->rigging;
        $at = $rigging::nearest($line->lengthIn, $rigging->lengthsIn);

        return $tiers[min(count($tiers) - 1, (int) round($at * max(1, count($tiers) - 1) / max(1, count($rigging->lengthsIn) - 1)))];
    }

    /** @param  array{float, float}  $point  feet let out, feet deep */
    private static function corrected(Towed $towed, TrollLine $line, array $point, Speed $speed, float $tipFt): Towed
    {
        $depth = static fn (Towed $t): float => Sag::of($point[0], $speed, $tipFt, $line, $t)->depthFt;
        $bare = new Towed($towed->weightOz, $towed->dragCm2);
        if ($depth($bare) <= $point[1]) {
            return $bare->diving(Sag::lipFor($point[1], $point[0], $speed, $tipFt, $line, $bare));
        }
        // Shallower than it would hang: there is more drag than was thought.
        [$low, $high] = [$towed->dragCm2, 4000.0];
        for ($i = 0; $i < 30; $i++) {
            $middle = ($low + $high) / 2;
            $depth(new Towed($towed->weightOz, $middle)) > $point[1] ? $low = $middle : $high = $middle;
        }

        return new Towed($towed->weightOz, $high);
    }

    /** @param  non-empty-list<array{float, float}>  $points  in order */
    private static function between(array $points, float $letOutFt): float
    {
        foreach ($points as $i => [$out, $deep]) {
            if ($letOutFt <= $out) {
                [$before, $was] = $points[max(0, $i - 1)];

                return $out <= $before ? $deep : $was + ($deep - $was) * ($letOutFt - $before) / ($out - $before);
            }
        }

        return $points[count($points) - 1][1];
    }
}
