<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Troll\TrolledRun;

/** What one run of a line cost against one that meets all of the hidden pattern: contacts (0 or more), and what was wrong with it. */
final readonly class TowCost
{
    /** @param  list<string>  $missed  in words */
    public function __construct(public TrolledRun $run, public float $lost, public array $missed)
    {
    }
}
