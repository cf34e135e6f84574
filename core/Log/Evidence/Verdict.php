<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Words;

/** What the casts so far say of one level. */
enum Verdict: string
{
    use Words;

    case NoRead = 'no_read';
    case Hint = 'hint';
    case Holding = 'holding';
    case Confirmed = 'confirmed';
    case Faded = 'faded';
    case Rejected = 'rejected';

    /** Whether the level was good enough to fish on: holding or confirmed. */
    public function stands(): bool
    {
        return $this === self::Holding || $this === self::Confirmed;
    }
}
