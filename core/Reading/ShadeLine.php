<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Water\Sight;

/** How a shade line is fished, by what fish see there. Basis: rules L6 and S21; where the rules say 3-4 and 4-5 ft, 4 parts them. */
enum ShadeLine
{
    case Murk;
    case Stain;
    case Clear;

    private const CLEAR_OVER_FT = 4.0;

    /** The line at a visibility in feet. */
    public static function at(float $visibilityFt): self
    {
        return match (true) {
            $visibilityFt < Sight::FAILS_UNDER_FT => self::Murk,
            $visibilityFt <= self::CLEAR_OVER_FT => self::Stain,
            default => self::Clear,
        };
    }

    /** The line that is fished at the day's spot; null without shade, where shade does not count, and at docks, which have rules of their own. */
    public static function fished(Settled $day): ?self
    {
        return $day->spot->isShaded() && ShadeCounts::matters($day) && ! $day->spot->isDock() ? self::at($day->visibilityFt) : null;
    }
}
