<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;
use OldEddy\Choice\Color\ColorChoice;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Water\Sight;
use OldEddy\Reading\Reading;

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
        public string|Said $line,
        public string $rod,
    ) {
    }

    /** Feet from which fish make it out at its working depth (rule W8): lures that lean on sight show more contrast. */
    public function seenFromFt(Reading $reading): float
    {
        return Sight::in($reading->day->visibilityFt)->reachFt($this->setup->depthFt, 0.6 + 0.4 * max($this->lure->sight, $this->lure->flash));
    }

    /** Whether it is seen as a color or only as a silhouette at its working depth (rule W8). */
    public function seenAs(Reading $reading): string
    {
        return Sight::in($reading->day->visibilityFt)->showsColor($this->setup->depthFt) ? 'color' : 'silhouette';
    }
}
