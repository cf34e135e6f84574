<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

/** What an angler wishes of a spot: that it is on the day's route, may be, or stays out. */
enum OnRoute: string
{
    case Must = 'must';
    case May = 'may';
    case Out = 'out';

    /** As the angler reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Must => 'must be on it',
            self::May => 'as it suits',
            self::Out => 'leave it out',
        };
    }
}
