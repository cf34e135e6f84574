<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Day\Season\Stage;
use OldEddy\Where\Places\Hour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Places\Reason;

/** Wind over open water: warm water is pushed in spring, bait and broken light in other seasons (S7, W17). */
final class WindBlowsIn implements PlaceFactor
{
    /** Open water in feet that makes a wind work fully. */
    private const FULL_FETCH_FT = 2500.0;

    public function weigh(Place $place, Hour $hour): ?Reason
    {
        $day = $hour->reading->day;
        if ($day->windFromDeg === null || $day->windMph < 4 || ($place->bankFacesDeg === null && $place->fetchFt === null)) {
            return null;
        }
        // 1 where the wind blows straight onto the bank, −1 in its lee.
        $onto = $place->bankFacesDeg === null ? 0.0 : cos(deg2rad($day->windFromDeg - $place->bankFacesDeg));
        $fetch = $place->fetchFt === null ? 0.5 : min(1.0, $place->fetchFt[(int) round($day->windFromDeg / 45) % 8] / self::FULL_FETCH_FT);
        $work = min(1.0, $day->windMph / 15) * ($place->bankFacesDeg === null ? 2 * $fetch - 1 : $onto * (0.4 + 0.6 * $fetch));
        if (abs($work) < 0.1) {
            return null;
        }
        $spring = in_array($hour->reading->stage->stage, [Stage::EarlyPrespawn, Stage::Prespawn, Stage::Spawn], true);
        if ($spring) {
            return new Reason(
                1 + 0.3 * $work,
                $work > 0 ? 'The wind blows in here and warms it.' : 'In the lee: the warm water is blown away from here.',
                'S7',
            );
        }

        return new Reason(
            1 + ($hour->reading->stage->stage === Stage::Winter ? 0.1 : 0.2) * $work,
            $work > 0 ? 'The wind breaks the light and pushes bait in.' : 'In the lee of the wind.',
            'W17',
        );
    }
}
