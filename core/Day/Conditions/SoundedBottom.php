<?php

declare(strict_types=1);

namespace OldEddy\Day\Conditions;

use OldEddy\Basics\Words;

/** How the bottom comes back on the sounder. */
enum SoundedBottom: string
{
    use Words;

    case Hard = 'hard';
    case Soft = 'soft';

    /** Whether it is hard. */
    public function isHard(): bool
    {
        return $this === self::Hard;
    }
}
