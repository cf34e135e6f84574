<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Reading\Stand;
use OldEddy\Troll\Fired;
use OldEddy\Troll\Shift;
use OldEddy\Troll\Spread;

/** Does what the advice says: moves one line in one thing. */
final class FollowsShift implements TowHabit
{
    public function __construct(private readonly Stand $stand)
    {
    }

    /** The spread as the advice would have it. */
    public function next(Spread $spread, array $runs, array $turns): Spread
    {
        return Shift::after(Fired::of($runs, $turns), $spread, $this->stand)?->applied($spread) ?? $spread;
    }
}
