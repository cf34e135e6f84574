<?php

declare(strict_types=1);

namespace OldEddy\Where\Places\Factors;

use OldEddy\Day\Season\Stage;
use OldEddy\Day\Water\DaysOfWind;
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
        if ($place->bankFacesDeg === null && $place->fetchFt === null) {
            return null;
        }
        $spring = in_array($hour->reading->stage->stage, [Stage::EarlyPrespawn, Stage::Prespawn, Stage::Spawn], true);
        $days = $spring ? DaysOfWind::of($day) : null;
        if ($days !== null) {
            return self::warmed($days->blewIn(static fn (float $fromDeg): float => self::into($place, $fromDeg)), count($days->days));
        }
        if ($day->windFromDeg === null || $day->windMph < 4) {
            return null;
        }
        $work = min(1.0, $day->windMph / 15) * self::into($place, $day->windFromDeg);
        if (abs($work) < 0.1) {
            return null;
        }
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

    /** What a wind from a direction (degrees) does to a place: 1 where it blows straight onto it over much water, −1 in its lee. */
    private static function into(Place $place, float $fromDeg): float
    {
        $fetch = $place->fetchFt === null ? 0.5 : min(1.0, $place->fetchFt[(int) round($fromDeg / 45) % 8] / self::FULL_FETCH_FT);

        return $place->bankFacesDeg === null ? 2 * $fetch - 1 : cos(deg2rad($fromDeg - $place->bankFacesDeg)) * (0.4 + 0.6 * $fetch);
    }

    private static function warmed(float $work, int $days): ?Reason
    {
        return abs($work) < 0.05 ? null : new Reason(
            1 + 0.4 * $work,
            sprintf($work > 0 ? 'The wind of %d days blew warm water in here.' : 'The wind of %d days blew the warm water out of here.', $days),
            'W23',
        );
    }
}
