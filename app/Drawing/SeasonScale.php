<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Season\StageTable;
use OldEddy\Day\Season\YearDirection;

/** The seasons of the day's fish along the thermometer: each stage from so far down to so far up, in shares of the scale's height. */
final class SeasonScale
{
    /** @return list<array{words: string, top: float, height: float}> the warmest first */
    public static function of(Settled $day): array
    {
        $span = Handles::WARMEST_F - Handles::COLDEST_F;
        $scale = StageTable::of($day->species)->scale($day->direction === YearDirection::Warming);
        $bands = [];
        $upper = Handles::WARMEST_F;
        foreach (array_reverse($scale) as [$stage, $from]) {
            $from ??= Handles::COLDEST_F;
            $bands[] = [
                'words' => $stage->words(), 'top' => round(100 * (Handles::WARMEST_F - $upper) / $span, 2), 'height' => round(100 * ($upper - $from) / $span, 2),
            ];
            $upper = $from;
        }

        return $bands;
    }
}
