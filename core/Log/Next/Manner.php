<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Day\Schools\Schools;
use OldEddy\Log\Evidence\Goal;

/**
 * How a day is fished: the angler's schools, whether it is winter, whether fish come in groups now (M15), the time, the goal (M23),
 * and whether it is practice, where one bite at a place is enough (M18).
 */
final readonly class Manner
{
    public function __construct(
        public Schools $schools = new Schools,
        public bool $winter = false,
        public bool $inGroups = false,
        public TimeLeft $time = new TimeLeft,
        public Goal $goal = Goal::Numbers,
        public bool $practice = false,
    ) {
    }
}
