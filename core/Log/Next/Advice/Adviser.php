<?php

declare(strict_types=1);

namespace OldEddy\Log\Next\Advice;

use OldEddy\Log\Next\Move;
use OldEddy\Log\Next\Situation;

/** One way of looking at the day. */
interface Adviser
{
    /** @return list<Move> proposals, the most pressing first; empty when this adviser has nothing to say */
    public function advise(Situation $day): array;
}
