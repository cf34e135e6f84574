<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Curve;

/**
 * How far a fish will move for a lure, feet. Basis: rule F13, our own choice around the 6 inches of W14: negative 0.5,
 * neutral 1.5, active 4, interpolated smoothly; never more than 0.8 of the visibility plus 1 ft for a loud lure.
 */
final class StrikeRadius
{
    /** Mood => feet, ascending; the ends hold beyond. */
    private const KNOTS = [[-0.5, 0.5], [0.05, 1.5], [0.6, 4.0]];

    private const SEEN_SHARE = 0.8;

    private const SOUND_FT = 1.0;

    /** For a mood of −1 to 1 and a visibility in feet (0 or more); a loud lure rattles or thumps. Never shrinks with either. */
    public static function feet(float $mood, float $visibilityFt, bool $loud = false): float
    {
        return min(self::byMood($mood), self::SEEN_SHARE * $visibilityFt + ($loud ? self::SOUND_FT : 0.0));
    }

    /** Even steps in proportion, not in feet: from half a foot to one and a half is as far as from there to four and a half. */
    private static function byMood(float $mood): float
    {
        return exp(Curve::through(array_map(static fn (array $knot): array => [$knot[0], log($knot[1])], self::KNOTS), $mood));
    }
}
