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
        $chance = array_fill_keys(array_keys($rates), 0.0);
        $before = array_fill_keys(array_keys($rates), 0.0);
        for ($i = 1; $i <= self::STEPS; $i++) {
            // Finer steps near nothing, where poor rates have most of their weight.
            $upTo = $top * ($i / self::STEPS) ** 2;
            $now = array_map(static fn (Rate $r): float => $r->shareUnder($upTo), $rates);
            foreach ($rates as $key => $rate) {
                $others = 1.0;
                foreach ($now as $other => $share) {
                    $others *= $other === $key ? 1.0 : ($share + $before[$other]) / 2;
                }
                $chance[$key] += ($now[$key] - $before[$key]) * $others;
            }
            $before = $now;
        }
        $sum = array_sum($chance);

        return array_map(static fn (float $c): float => $c / $sum, $chance);
    }
}
