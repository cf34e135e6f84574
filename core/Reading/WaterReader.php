<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;

/** Reads the water: conditions in, reading out. */
final class WaterReader
{
    /** The reading of a settled day. */
    public static function read(Settled $day): Reading
    {
        $stage = StageFinder::find($day->species, $day->tempF, $day->direction, $day->northernDay, $day->stageGiven, $day->observed, $day->spawning);
        $mood = Mood::of($day, $stage->stage);
        $stand = StandFinder::find($day, $stage->stage, $mood);

        return new Reading($day, $stage, $mood, $stand, self::leave($day));
    }

    /** W6, school cold_mud: leave a creek into which cold mud runs; main-lake places stay fishable. */
    private static function leave(Settled $day): bool
    {
        $creek = in_array(
            $day->spot->structure,
            [null, Structure::BackOfCreek, Structure::CreekMouth, Structure::CreekBend, Structure::Flat, Structure::Dock, Structure::Notch],
            true,
        );

        return $day->inflow->isColdMud() && $creek && $day->schools->chosen('cold_mud') !== 'stay_slow';
    }
}
