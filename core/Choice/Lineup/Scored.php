<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;

/** A lure with its score: the product of the day's factors and of what the orders of trial made of it. Its effects are put into words when asked for. */
final readonly class Scored
{
    /** @param  list<Effect>  $moved  what came on top of the day's factors */
    private function __construct(private Weighing $weighing, public LureFamily $lure, public float $score, private array $moved)
    {
    }

    /** A lure weighed for a day. */
    public static function by(Weighing $weighing, LureFamily $lure): self
    {
        return new self($weighing, $lure, $weighing->score($lure), []);
    }

    /** The same with one more effect. */
    public function with(Effect $effect): self
    {
        return new self($this->weighing, $this->lure, $this->score * $effect->effect, [...$this->moved, $effect]);
    }

    /** @return non-empty-list<Effect> all that makes its score */
    public function effects(): array
    {
        return [...$this->weighing->effects($this->lure), ...$this->moved];
    }
}
