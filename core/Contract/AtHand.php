<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Log\Evidence\Goal;
use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\TimeLeft;

/** What could be fished, as another program said it: places and presentations, the time, the goal, whether it is practice. */
final readonly class AtHand
{
    public function __construct(
        public Choices $choices = new Choices,
        public TimeLeft $time = new TimeLeft,
        public Goal $goal = Goal::Numbers,
        public bool $practice = false,
    ) {
    }
}
