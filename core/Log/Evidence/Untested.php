<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** A level nobody has fished today: the chance (0 to 1) that it is the best of its factor. */
final readonly class Untested
{
    /** Under so many casts a level counts as untried. */
    private const READ_CASTS = 20;

    private const MOST_LEVELS = 12;

    private function __construct(public string $factor, public string $level, public float $chance)
    {
    }

    /**
     * The untried levels worth a try, the most promising first.
     *
     * @param  array<string, array<string, float>>  $possible  by factor and level: how well it fits the day, over 0
     * @return list<self>
     */
    public static function worthTrying(Evidence $evidence, array $possible): array
    {
        $found = [];
        foreach ($possible as $factor => $levels) {
            $pool = $evidence->pool($factor);
            $rates = [];
            foreach ($evidence->levelsOf($factor) as $level) {
                $rates[$level->level] = $level->pooled;
            }
            arsort($levels);
            $fit = array_sum($levels) / max(1, count($levels));
            $untried = [];
            foreach (array_slice($levels, 0, self::MOST_LEVELS) as $level => $fits) {
                if (($evidence->of($factor, (string) $level)->casts ?? 0) < self::READ_CASTS) {
                    $rates[$level] ??= Rate::after(new Prior($pool->perCast * $fits / $fit, $pool->casts), 0, 0);
                    $untried[] = (string) $level;
                }
            }
            // A factor that was never varied says nothing of how much it matters.
            $chances = count($rates) > 1 ? BestChance::of($rates) : [];
            foreach ($untried as $level) {
                if (isset($chances[$level])) {
                    $found[] = new self($factor, $level, $chances[$level]);
                }
            }
        }
        usort($found, static fn (self $a, self $b): int => $b->chance <=> $a->chance);

        return $found;
    }
}
