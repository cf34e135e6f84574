<?php

declare(strict_types=1);

namespace OldEddy\Lineup;

use OldEddy\Conditions\Cover;
use OldEddy\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** How a lure fits the cover in reach. Basis: rules L1, L2, L4; the mean is our own choice. */
final class CoverFit
{
    /** Under this a lure is no choice for the cover. */
    public const HOPELESS = 0.2;

    /**
     * The covers that count today: those of the spot, or the two to look for first.
     *
     * @return non-empty-list<Cover>
     */
    public static function covers(Reading $reading): array
    {
        $spot = $reading->day->spot;
        if ($spot->covers !== []) {
            // Shade lies over other cover and does not replace it; "none" says nothing beside a real cover.
            $solid = array_values(array_filter($spot->covers, static fn (Cover $c): bool => $c !== Cover::Shade && $c !== Cover::None));

            return $solid !== [] ? $solid : [$spot->covers[0]];
        }
        if ($spot->structure !== null) {
            return [$spot->isDock() ? Cover::Dock : Cover::None];
        }

        return array_slice($reading->stand->covers, 0, 2) ?: [Cover::None];
    }

    /** The geometric mean of its fits: a factor, low when one cover defeats it. */
    public static function of(LureFamily $lure, Reading $reading): float
    {
        $covers = self::covers($reading);
        $product = 1.0;
        foreach ($covers as $cover) {
            $product *= max(0.01, $lure->through($cover));
        }

        return $product ** (1 / count($covers));
    }

    /** The cover at the spot that defeats the lure, if one does. */
    public static function defeatedBy(LureFamily $lure, Reading $reading): ?Cover
    {
        if ($reading->day->spot->covers === []) {
            return null;
        }
        foreach (self::covers($reading) as $cover) {
            if ($lure->through($cover) < self::HOPELESS) {
                return $cover;
            }
        }

        return null;
    }
}
