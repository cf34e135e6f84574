<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use OldEddy\Day\Season\Fish;

/** A caught fish as it counts for the bag (rule Y7). */
final readonly class BagFish
{
    /**
     * @param  string  $id  as the log has it
     * @param  ?float  $lengthIn  over 0; null where it was not measured
     * @param  bool  $kept  knowingly, and not let go
     */
    public function __construct(public string $id, public Fish $species, public ?float $lengthIn, public ?Weighed $weighed, public bool $kept = false)
    {
    }
}
