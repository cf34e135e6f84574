<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Said;

/** What one factor does to a lure's score: multiplied by the effect (0 to about 2), because of the rule. */
final readonly class Effect
{
    public float $effect;

    public function __construct(
        public string $factor,
        float $effect,
        public string|Said $text,
        public string $ruleId,
        public ?string $school = null,
    ) {
        $this->effect = round($effect, 3);
    }

    /** Whether it changes anything. */
    public function speaks(): bool
    {
        return abs($this->effect - 1.0) >= 0.005;
    }
}
