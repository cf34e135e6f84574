<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Season\Stage;
use OldEddy\Reading\Reading;

/** The winter five, and the two that come next. Basis: rule L7, factors our own. */
final class WinterFactor implements Factor
{
    private const FIVE = ['jerkbait', 'football_jig', 'lipless_crankbait', 'umbrella_rig', 'flat_sided_crankbait'];

    private const NEXT = ['tube', 'blade_bait'];

    public function weigh(LureFamily $lure, Reading $reading): ?Effect
    {
        if ($reading->stage->stage !== Stage::Winter || ! $reading->day->species->isBass()) {
            return null;
        }

        return match (true) {
            in_array($lure->key, self::FIVE, true) => new Effect('winter', 1.3, 'One of the winter five.', 'L7'),
            in_array($lure->key, self::NEXT, true) => new Effect('winter', 1.12, 'Next after the winter five.', 'L7'),
            default => null,
        };
    }
}
