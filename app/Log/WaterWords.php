<?php

declare(strict_types=1);

namespace App\Log;

use App\Show\Units;
use OldEddy\Reading\Reading;

/** A reading in the few words that a deck has room for. */
final class WaterWords
{
    public static function of(Reading $reading, Units $units): string
    {
        $day = $reading->day;

        return sprintf('%s, %s visible, %s, front %s', $units->temp($day->tempF), $units->depth($day->visibilityFt), $day->sky->words(), $day->front->words());
    }

    /** Where the fish stand here. */
    public static function fish(Reading $reading, Units $units): string
    {
        $stand = $reading->stand;

        return sprintf(
            '%s: fish at %s, %s, %s to cover', ucfirst($reading->stage->stage->words()), $units->band($stand->shallowFt, $stand->deepFt), $stand->column->words(),
            $stand->tightness->words(),
        );
    }
}
