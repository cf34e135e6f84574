<?php

declare(strict_types=1);

namespace OldEddy\Drill\Habit;

use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\Offer;

/** A way of fishing: after every cast it says what is fished next. */
interface Habit
{
    /**
     * What to fish after this log, whose last cast brought this contact or nothing.
     *
     * @param  list<Stint>  $log  empty before the first cast
     */
    public function next(array $log, ?ContactKind $contact, Choices $choices): Offer;
}
