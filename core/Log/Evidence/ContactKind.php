<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Words;

/** What a fish did. */
enum ContactKind: string
{
    use Words;

    case Caught = 'caught';
    case Lost = 'lost';
    case Missed = 'missed';
    case Bump = 'bump';
    case Boil = 'boil';
    case Follow = 'follow';

    /** Whether the fish was on the hook; all else only showed it. */
    public function isHooked(): bool
    {
        return $this === self::Caught || $this === self::Lost;
    }

    /** Whether the fish took the lure, hooked or not. */
    public function isStrike(): bool
    {
        return $this->isHooked() || $this === self::Missed;
    }

    /** What this contact counts for, 0 to 1, against a caught fish. Basis: rule EVIDENCE, our own choice. */
    public function weight(): float
    {
        return match ($this) {
            self::Caught, self::Lost => 1.0,
            self::Missed => 0.8,
            self::Bump => 0.6,
            self::Boil, self::Follow => 0.5,
        };
    }
}
