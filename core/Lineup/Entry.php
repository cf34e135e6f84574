<?php

declare(strict_types=1);

namespace OldEddy\Lineup;

use OldEddy\Color\ColorChoice;
use OldEddy\Lures\LureFamily;

/** One lure of the lineup, made ready: score with its effects, rigging, colors, line and rod. */
final readonly class Entry
{
    /**
     * @param  list<Effect>  $effects
     * @param  non-empty-list<ColorChoice>  $colors
     */
    public function __construct(
        public int $rank,
        public LureFamily $lure,
        public float $score,
        public array $effects,
        public Setup $setup,
        public array $colors,
        public string $line,
        public string $rod,
    ) {
    }

    /**
     * The effects that matter most to a reader, strongest first, without those that move every lure alike.
     *
     * @return list<Effect>
     */
    public function tellingEffects(int $most): array
    {
        $telling = array_values(array_filter($this->effects, static fn (Effect $e): bool => ! in_array($e->factor, ['start', 'scale'], true)));
        usort($telling, static fn (Effect $a, Effect $b): int => abs(log(max(0.01, $b->effect))) <=> abs(log(max(0.01, $a->effect))));

        return array_slice($telling, 0, $most);
    }
}
