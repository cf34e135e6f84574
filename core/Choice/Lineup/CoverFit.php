<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Reading;

/** How a lure fits the cover in reach. Basis: rules L1, L2, L4; the mean is our own choice. */
final class CoverFit
{
    /** Under this a lure hangs up in the cover. */
    public const HANGS_UP = 0.75;

    /** Under this a lure is no choice for the cover. */
    public const HOPELESS = 0.2;

    /** The geometric mean of its fits: a factor, low when one cover defeats it. */
    public static function of(LureFamily $lure, Reading $reading): float
    {
        $covers = $reading->covers;
        if (count($covers) === 1) {
            return max(0.01, $lure->through($covers[0]));
        }
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
        foreach ($reading->covers as $cover) {
            if ($lure->through($cover) < self::HOPELESS) {
                return $cover;
            }
        }

        return null;
    }
}
