<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** The chance of each of several rates to be the highest. Basis: standard statistics, by numerical integration. */
final class BestChance
{
    private const STEPS = 160;

    /**
     * @param  array<array-key, Rate>  $rates  two or more make sense; one alone is the best for sure
     * @return array<array-key, float> 0 to 1 by the same keys; together 1
     */
    public static function of(array $rates): array
    {
        if ($rates === []) {
            return [];
        }
        $top = max(array_map(static fn (Rate $r): float => $r->quantile(0.9999), $rates));
        // Finer steps near nothing, where poor rates have most of their weight.
        $steps = array_map(static fn (int $i): float => $top * ($i / self::STEPS) ** 2, range(1, self::STEPS));
        $shares = self::shares($rates, $steps);
        $chance = array_fill_keys(array_keys($rates), 0.0);
        foreach (array_keys($steps) as $i) {
            // All others together are those before and those behind in the list.
            [$before, $product] = [[], 1.0];
            foreach ($shares as $key => $share) {
                $before[$key] = $product;
                $product *= ($share[$i] + ($share[$i - 1] ?? 0.0)) / 2;
            }
            $behind = 1.0;
            foreach (array_reverse($shares, true) as $key => $share) {
                $last = $share[$i - 1] ?? 0.0;
                $chance[$key] += ($share[$i] - $last) * $before[$key] * $behind;
                $behind *= ($share[$i] + $last) / 2;
            }
        }
        $sum = array_sum($chance);

        return array_map(static fn (float $c): float => $c / $sum, $chance);
    }

    /**
     * @param  array<array-key, Rate>  $rates
     * @param  list<float>  $steps
     * @return array<array-key, list<float>> the share of each rate under each step
     */
    private static function shares(array $rates, array $steps): array
    {
        $shares = $done = [];
        foreach ($rates as $key => $rate) {
            // What was never tried stands at the prior, and there is much of it.
            $shares[$key] = $done["{$rate->shape} {$rate->casts}"] ??= $rate->sharesUnder($steps);
        }

        return $shares;
    }
}
