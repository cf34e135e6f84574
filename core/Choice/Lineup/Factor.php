<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** One thing that speaks for or against a lure. */
interface Factor
{
    /** Its effect on this lure for this reading, or null when it has nothing to say. */
    public function weigh(LureFamily $lure, Reading $reading): ?Effect;
}
