<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Drill\DrillHour;
use OldEddy\Log\Next\Offer;

/** A way of fishing: after every cast it says what is fished next. */
interface Habit
{
    /** What to fish from here on. */
    public function next(DrillHour $now): Offer;
}
