<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Words;

/** On which side of the boat a line runs. */
enum Side: string
{
    use Words;

    case Port = 'port';
    case Starboard = 'starboard';
    case Center = 'center';

    /** To the right is over 0. */
    public function sign(): int
    {
        return match ($this) {
            self::Port => -1, self::Starboard => 1, self::Center => 0
        };
    }
}
