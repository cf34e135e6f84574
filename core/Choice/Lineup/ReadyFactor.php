<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use LogicException;
use OldEddy\Choice\Lures\LureFamily;

/** A factor with one or two things to say on a day, ready before any lure is asked about. */
abstract readonly class ReadyFactor implements Factor
{
    /** What it says of this lure, or null. */
    abstract protected function about(LureFamily $lure): ?Effect;

    final public function number(LureFamily $lure): float
    {
        return $this->about($lure)->effect ?? 1.0;
    }

    final public function effect(LureFamily $lure): Effect
    {
        return $this->about($lure) ?? throw new LogicException('It has nothing to say of '.$lure->key.'.');
    }
}
