<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Structure;

/** Reads the water: conditions in, reading out. */
final class WaterReader
{
    /** Findings in which a school may have spoken: rule => school key. */
    private const SCHOOL_OF = ['W6' => 'cold_mud', 'S20' => 'shade_from_f', 'S3' => 'tempo'];

    /** The reading of a settled day. */
    public static function read(Settled $day): Reading
    {
        $stage = StageFinder::find($day->species, $day->tempF, $day->direction, $day->northernDay, $day->stageGiven, $day->observed);
        $mood = Mood::of($day, $stage->stage);
        $stand = StandFinder::find($day, $stage->stage, $mood);
        $silent = new Reading($day, $stage, $mood, $stand, self::leave($day), []);

        return new Reading($day, $stage, $mood, $stand, $silent->leave, self::findings($silent));
    }

    /** W6, school cold_mud: leave a creek into which cold mud runs; main-lake places stay fishable. */
    private static function leave(Settled $day): bool
    {
        $creek = in_array($day->spot->structure, [null, Structure::BackOfCreek, Structure::CreekMouth, Structure::CreekBend, Structure::Flat, Structure::Dock, Structure::Notch], true);

        return $day->inflow->isColdMud() && $creek && $day->schools->chosen('cold_mud') !== 'stay_slow';
    }

    /** @return list<Finding> */
    private static function findings(Reading $reading): array
    {
        static $rows = null;
        $rows ??= require __DIR__.'/findings.php';
        $findings = [];
        foreach ($rows as $id => $say) {
            $text = $say($reading);
            if ($text !== null) {
                $findings[] = new Finding($id, $text, self::school($reading, $id));
            }
        }

        return $findings;
    }

    private static function school(Reading $reading, string $id): ?string
    {
        $key = self::SCHOOL_OF[$id] ?? null;
        if ($key === null) {
            return null;
        }
        $default = ['cold_mud' => 'leave', 'shade_from_f' => '55', 'tempo' => 'search_then_slow'][$key];
        if ($id === 'W6' && ! $reading->day->inflow->isColdMud()) {
            return null;
        }

        return "{$key}: ".($reading->day->schools->chosen($key) ?? $default);
    }
}
