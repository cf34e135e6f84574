<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** What the sky does. */
enum Sky: string
{
    use Words;

    case Clear = 'clear';
    case Partly = 'partly';
    case Overcast = 'overcast';
    case Rain = 'rain';

    /** Whether clouds cover the sun for good. */
    public function isCovered(): bool
    {
        return $this === self::Overcast || $this === self::Rain;
    }
}
