<?php

declare(strict_types=1);

namespace OldEddy\Where\Sketch;

use OldEddy\Basics\Words;

/** What can be drawn on the sheet. */
enum Kind: string
{
    use Words;

    case Shore = 'shore';
    case Island = 'island';
    case Depth = 'depth';
    case DepthLine = 'depth_line';
    case Dock = 'dock';
    case Creek = 'creek';
    case Spot = 'spot';
    case Ramp = 'ramp';
    case Section = 'section';
    case NoWake = 'no_wake';
    case Bank = 'bank';
    case Cast = 'cast';

    /** Points it has at least. */
    public function least(): int
    {
        return match ($this) {
            self::Shore, self::Island, self::Section, self::NoWake => 3,
            self::DepthLine, self::Bank, self::Cast => 2,
            default => 1,
        };
    }

    /** Points it has at most. */
    public function most(): int
    {
        return match ($this) {
            self::Depth, self::Creek, self::Spot, self::Ramp => 1,
            self::Dock, self::Cast => 2,
            default => 4000,
        };
    }

    /** Whether it needs a number in feet: a depth, or the height of what stands on a bank. */
    public function needsFeet(): bool
    {
        return in_array($this, [self::Depth, self::DepthLine, self::Bank], true);
    }

    /** Whether it becomes a spot of the lake. */
    public function isSpot(): bool
    {
        return in_array($this, [self::Dock, self::Creek, self::Spot], true);
    }
}
