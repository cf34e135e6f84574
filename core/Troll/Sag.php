<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Mass;
use OldEddy\Basics\Units\Speed;

/**
 * How deep a towed lure runs: the line in steady state, integrated from the lure upward. Each piece feels its weight in water and the
 * drag of the water, across it and along it; above the surface the line hangs straight to the tip. Basis: rule T9; published, the
 * equilibrium of a towed cable after Berteaux 1976 (drag across ½ρC·d·(V sin φ)², along ½ρC·πd·(V cos φ)²), by the classical
 * Runge-Kutta method.
 */
final readonly class Sag
{
    public const FRESH_KG_M3 = 999.0;

    private const GRAVITY = 9.80665;

    /** Pieces in metres: the first, where the line bends most; each so much longer than the last; none longer than this. */
    private const FIRST_M = 0.02;

    private const GROWS = 1.2;

    private const LONGEST_M = 1.5;

    /** A line never lies flatter than this: with nothing that pulls it down it trails, radians. */
    private const FLATTEST = 1e-4;

    /** A lip is found once its depth is so near to the rated one, feet, or after so many tries. */
    private const NEAR_FT = 0.002;

    private const MOST_TRIES = 40;

    /**
     * @param  float  $depthFt  of the lure below the surface, 0 or more
     * @param  float  $backFt  of the lure behind the tip
     * @param  float  $tensionN  at the tip
     * @param  list<array{float, float}>  $shape  from the tip to the lure: feet behind the tip, feet below the surface
     */
    private function __construct(public float $depthFt, public float $backFt, public float $tensionN, public array $shape)
    {
    }

    /**
     * The line of one lure.
     *
     * @param  float  $letOutFt  line from the tip to the lure, over 0
     * @param  Speed  $speed  through the water, over 0
     * @param  float  $tipFt  height of the tip above the water, 0 or more and less than the line
     */
    public static function of(float $letOutFt, Speed $speed, float $tipFt, TrollLine $line, Towed $towed, float $waterKgM3 = self::FRESH_KG_M3): self
    {
        $v = $speed->metresPerSecond();
        $d = $line->diameterMm / 1000;
        $long = Length::fromFeet($letOutFt)->metres();
        $tip = min(Length::fromFeet($tipFt)->metres(), 0.95 * $long);
        // Newtons on a metre of line: its weight in water, and what the water does to it when it lies across and along.
        $weight = ($line->densityKgM3 - $waterKgM3) * self::GRAVITY * M_PI / 4 * $d * $d;
        $across = 0.5 * $waterKgM3 * $line->across * $d * $v * $v;
        $along = 0.5 * $waterKgM3 * $line->along * M_PI * $d * $v * $v;
        $pull = static fn (float $cm2): float => 0.5 * $waterKgM3 * $cm2 * 1e-4 * $v * $v;
        $down = Mass::fromOunces($towed->weightOz)->grams() / 1000 * self::GRAVITY + $pull($towed->diveCm2) + $towed->downN;
        $back = max(1e-9, $pull($towed->dragCm2));
        // How the angle turns and the tension grows along the line, upward.
        $turn = static fn (float $phi, float $t): float => ($weight * cos($phi) - $across * sin($phi) * abs(sin($phi))) / $t;
        $grow = static fn (float $phi): float => $along * cos($phi) ** 2 + $weight * sin($phi);
        [$phi, $t, $x, $y, $s] = [max(self::FLATTEST, atan2($down, $back)), max(1e-9, hypot($down, $back)), 0.0, 0.0, 0.0];
        $path = [[0.0, 0.0]];
        // Up through the water, until what is left of the line reaches the tip straight.
        for ($h = self::FIRST_M; $s + $tip / sin($phi) < $long - 1e-9; $h = min(self::LONGEST_M, $h * self::GROWS)) {
            $step = min($h, $long - $s);
            [$phi2, $t2, $x2, $y2] = self::step($phi, $t, $x, $y, $step, $turn, $grow);
            if ($s + $step + $tip / sin($phi2) > $long) {
                // Only a part of this piece is in the water.
                [$low, $high] = [0.0, $step];
                for ($i = 0; $i < 40; $i++) {
                    $middle = ($low + $high) / 2;
                    [$phi2, $t2, $x2, $y2] = self::step($phi, $t, $x, $y, $middle, $turn, $grow);
                    $s + $middle + $tip / sin($phi2) > $long ? $high = $middle : $low = $middle;
                }
                $step = $low;
            }
            [$phi, $t, $x, $y, $s] = [$phi2, $t2, $x2, $y2, $s + $step];
            $path[] = [$x, $y];
            if ($step < $h - 1e-9) {
                break;
            }
        }

        return self::told($path, $phi, $t, min($tip, max(0.0, ($long - $s) * sin($phi))));
    }

    /**
     * How large a lip must be, in cm², so that the lure runs at its rated depth with its rated line out: what its maker or its angler
     * says of it.
     *
     * @param  float  $depthFt  rated, over 0 and under the let-out
     */
    public static function lipFor(float $depthFt, float $letOutFt, Speed $speed, float $tipFt, TrollLine $line, Towed $towed): float
    {
        [$low, $high] = [0.0, 1.0];
        while ($high < 4000 && self::of($letOutFt, $speed, $tipFt, $line, $towed->diving($high))->depthFt < $depthFt) {
            $high *= 2;
        }
        // The rule of false position, with the end that stays counted half (Illinois): a dozen times fewer lines than by halves.
        $off = static fn (float $lip): float => self::of($letOutFt, $speed, $tipFt, $line, $towed->diving($lip))->depthFt - $depthFt;
        [$below, $above] = [$off($low), $off($high)];
        // Deep enough without a lip, or never: there is nothing between.
        if ($below >= 0 || $above <= 0) {
            return $below >= 0 ? $low : $high;
        }
        for ($i = 0; $i < self::MOST_TRIES; $i++) {
            $lip = ($low * $above - $high * $below) / ($above - $below);
            $found = $off($lip);
            if (abs($found) < self::NEAR_FT) {
                return $lip;
            }
            $found < 0 ? [$low, $below, $above] = [$lip, $found, $above / 2] : [$high, $above, $below] = [$lip, $found, $below / 2];
        }

        return $high;
    }

    /**
     * @param  callable(float, float): float  $turn
     * @param  callable(float): float  $grow
     * @return array{float, float, float, float} angle, tension, metres ahead and up
     */
    private static function step(float $phi, float $t, float $x, float $y, float $h, callable $turn, callable $grow): array
    {
        [$p1, $t1] = [$turn($phi, $t), $grow($phi)];
        [$p2, $t2] = [$turn($phi + $h / 2 * $p1, $t + $h / 2 * $t1), $grow($phi + $h / 2 * $p1)];
        [$p3, $t3] = [$turn($phi + $h / 2 * $p2, $t + $h / 2 * $t2), $grow($phi + $h / 2 * $p2)];
        [$p4, $t4] = [$turn($phi + $h * $p3, $t + $h * $t3), $grow($phi + $h * $p3)];
        $at = [$phi, $phi + $h / 2 * $p1, $phi + $h / 2 * $p2, $phi + $h * $p3];
        $mean = static fn (float $a, float $b, float $c, float $d): float => $h / 6 * ($a + 2 * $b + 2 * $c + $d);

        return [
            max(self::FLATTEST, $phi + $mean($p1, $p2, $p3, $p4)), max(1e-9, $t + $mean($t1, $t2, $t3, $t4)),
            $x + $mean(...array_map(cos(...), $at)), $y + $mean(...array_map(sin(...), $at)),
        ];
    }

    /** @param  non-empty-list<array{float, float}>  $path  metres ahead of the lure and above it, up to the surface */
    private static function told(array $path, float $phi, float $t, float $tip): self
    {
        [$ahead, $deep] = $path[array_key_last($path)];
        $far = $ahead + $tip / tan($phi);
        $feet = static fn (float $m): float => round(Length::fromMetres($m)->feet(), 2);
        $shape = array_map(static fn (array $p): array => [$feet($far - $p[0]), $feet($deep - $p[1])], array_reverse($path));

        return new self(Length::fromMetres($deep)->feet(), Length::fromMetres($far)->feet(), $t, $tip > 0 ? [[0.0, -$feet($tip)], ...$shape] : $shape);
    }
}
