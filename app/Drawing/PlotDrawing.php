<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Basics\Said;
use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\LevelEvidence;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\TellApart;

/** Turns rates into the evidence plot's points. It draws; every number in it is the core's. */
final readonly class PlotDrawing
{
    public const WIDTH = 200;

    /** What the right end of the scale stands for, contacts per 100 casts. */
    public float $top;

    public function __construct(private Evidence $evidence)
    {
        $this->top = max(4.0, 0.0, ...array_map(static fn (LevelEvidence $l): float => 100 * $l->pooled->quantile(0.9), $evidence->levels));
    }

    /** @return list<string> the factors, those that were varied first */
    public function factors(): array
    {
        $factors = array_values(array_unique(array_map(static fn (LevelEvidence $l): string => $l->factor, $this->evidence->levels)));
        usort(
            $factors,
            fn (string $a, string $b): int => (count($this->evidence->levelsOf($a)) === 1 ? 1 : 0) <=> (count($this->evidence->levelsOf($b)) === 1 ? 1 : 0),
        );

        return $factors;
    }

    /** @return array{float, float, float} contacts per 100 casts: low end, mean, high end */
    public function span(LevelEvidence $level): array
    {
        return array_map(
            static fn (float $perCast): float => round(100 * $perCast, 1),
            [$level->pooled->quantile(0.1), $level->pooled->mean(), $level->pooled->quantile(0.9)],
        );
    }

    public function x(float $perHundred): float
    {
        return round(min(self::WIDTH, self::WIDTH * $perHundred / $this->top), 1);
    }

    /** How long it takes until the two best levels of a factor can be told apart, in words; null with only one. */
    public function apart(string $factor): ?Said
    {
        [$first, $second] = [...$this->evidence->levelsOf($factor), null, null];
        if ($first === null || $second === null) {
            return null;
        }
        $casts = TellApart::casts($first->own, $second->own);

        return Said::of('%s and %s: %s', Stint::said($first->level), Stint::said($second->level), match ($casts) {
            0 => 'told apart',
            null => 'over 2000 casts with each until they can be told apart',
            default => "about {$casts} casts with each until they can be told apart, four times in five",
        });
    }
}
