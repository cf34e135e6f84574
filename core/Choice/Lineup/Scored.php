<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;

/** A lure with the effects that make its score. The score is their product. */
final readonly class Scored
{
    public float $score;

    /** @param  list<Effect>  $effects */
    public function __construct(public LureFamily $lure, public array $effects)
    {
        $score = 1.0;
        foreach ($effects as $effect) {
            $score *= $effect->effect;
        }
        $this->score = $score;
    }

    /** The same with one more effect. */
    public function with(Effect $effect): self
    {
        return new self($this->lure, [...$this->effects, $effect]);
    }

    /** The effect of a factor on this lure, 1 when it was silent. */
    public function effectOf(string $factor): float
    {
        foreach ($this->effects as $effect) {
            if ($effect->factor === $factor) {
                return $effect->effect;
            }
        }

        return 1.0;
    }
}
