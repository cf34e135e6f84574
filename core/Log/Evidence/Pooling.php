<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Chance\LogGamma;

/**
 * Partial pooling: how far the levels of one factor are drawn to the rate of the whole day. Where all levels fished
 * alike the day counts for many casts; where they differ, for few. Basis: standard statistics (empirical Bayes on the
 * gamma-Poisson likelihood); the grid and its mild leaning to 80 casts are our own.
 */
final class Pooling
{
    private const GRID = [10.0, 20.0, 40.0, 80.0, 160.0, 320.0, 640.0];

    private const LEANS_TO = 80.0;

    /**
     * The prior for each level of the factor: the day's rate, worth so many casts as the levels themselves suggest.
     *
     * @param  list<array{float, float}>  $levels  weighted contacts and casts of each level
     * @param  float  $perCast  contacts per cast of the day, over 0
     */
    public static function prior(array $levels, float $perCast): Prior
    {
        $best = -INF;
        $casts = self::LEANS_TO;
        foreach (self::GRID as $worth) {
            $shape = $perCast * $worth;
            $likely = -0.5 * log($worth / self::LEANS_TO) ** 2;
            foreach ($levels as [$contacts, $made]) {
                $likely += LogGamma::of($contacts + $shape) - LogGamma::of($shape) + $shape * log($worth) - ($contacts + $shape) * log($worth + $made);
            }
            if ($likely > $best) {
                [$best, $casts] = [$likely, $worth];
            }
        }

        return new Prior($perCast, $casts);
    }
}
