<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Chance\LogGamma;

/**
 * Partial pooling: how far the levels of one factor are drawn to the rate of the whole day. Where all levels fished
 * alike the day counts for many casts; where they differ, for few. Basis: standard statistics (empirical Bayes on the
 * gamma-Poisson likelihood); the grid and its mild leaning to two contacts' worth of the day are our own.
 */
final class Pooling
{
    /** In contacts: a rich day tells as soon as a poor one whether its levels differ. */
    private const GRID = [0.25, 0.5, 1.0, 2.0, 4.0, 8.0, 16.0];

    private const LEANS_TO = 2.0;

    /**
     * The prior for each level of the factor: the day's rate, worth so many casts as the levels themselves suggest.
     *
     * @param  list<array{float, float}>  $levels  weighted contacts and casts of each level
     * @param  float  $perCast  contacts per cast of the day, over 0
     */
    public static function prior(array $levels, float $perCast): Prior
    {
        $best = -INF;
        $casts = self::LEANS_TO / $perCast;
        foreach (self::GRID as $shape) {
            $worth = $shape / $perCast;
            $likely = -0.5 * log($shape / self::LEANS_TO) ** 2;
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
