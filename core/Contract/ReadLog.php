<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Schools\Schools;
use OldEddy\Day\Season\Stage;
use OldEddy\Log\Evidence\Prior;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Turn;

/**
 * A log as it came in: stints, what is believed before them, turns of the day, the chosen schools; where they were said the stage,
 * what is at hand and the day.
 */
final readonly class ReadLog
{
    /**
     * @param  list<Stint>  $stints
     * @param  list<Turn>  $turns
     */
    public function __construct(
        public array $stints,
        public Prior $prior,
        public array $turns,
        public Schools $schools,
        public ?Stage $stage,
        public AtHand $atHand,
        public ?Settled $day,
    ) {
    }
}
