<?php

declare(strict_types=1);

namespace OldEddy\Day\Season;

use OldEddy\Basics\Words;

/** A stage of the fish's year. */
enum Stage: string
{
    use Words;

    case Winter = 'winter';
    case EarlyPrespawn = 'early_prespawn';
    case Prespawn = 'prespawn';
    case Spawn = 'spawn';
    case Postspawn = 'postspawn';
    case Summer = 'summer';
    case EarlyFall = 'early_fall';
    case Fall = 'fall';
    case LateFall = 'late_fall';

    /** Whether it is a stage of warm, layered water, in which nothing lives long below the thermocline (F24). */
    public function isWarm(): bool
    {
        return in_array($this, [self::Postspawn, self::Summer, self::EarlyFall], true);
    }

    /** Whether the stage lies in the cold half of the year. */
    public function isCold(): bool
    {
        return in_array($this, [self::Winter, self::EarlyPrespawn, self::LateFall], true);
    }
}
