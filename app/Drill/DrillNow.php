<?php

declare(strict_types=1);

namespace App\Drill;

use OldEddy\Log\Next\Choices;
use OldEddy\Log\Next\TimeLeft;

/** A hidden day as it stands after the casts made so far: what can be fished from here, and the time. */
final readonly class DrillNow
{
    public function __construct(public Choices $choices, public TimeLeft $time)
    {
    }
}
