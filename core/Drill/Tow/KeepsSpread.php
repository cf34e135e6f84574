<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Troll\Spread;

/** Tows all day what was put out in the morning. */
final class KeepsSpread implements TowHabit
{
    /** The same lines. */
    public function next(Spread $spread, array $runs, array $turns): Spread
    {
        return $spread;
    }
}
