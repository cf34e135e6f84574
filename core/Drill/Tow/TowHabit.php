<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Log\Evidence\Turn;
use OldEddy\Troll\Spread;
use OldEddy\Troll\TrolledRun;

/** A way of trolling: every so often it says which lines run from here on. */
interface TowHabit
{
    /**
     * The spread from here on.
     *
     * @param  list<TrolledRun>  $runs  of the day so far
     * @param  list<Turn>  $turns
     */
    public function next(Spread $spread, array $runs, array $turns): Spread;
}
