<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;

/** Whether fish come in groups: a catch opens a short window, and long blanks between are no reason to doubt. Basis: rule M15. */
final class Groups
{
    private const STAGES = [Stage::Winter, Stage::EarlyPrespawn, Stage::Prespawn];

    /** In winter and before the spawn; for walleye and zander in running water at any time. */
    public static function expected(Settled $day, ?Stage $stage): bool
    {
        $inRivers = in_array($day->species, [Species::Walleye, Species::Zander], true) && $day->current->runs();

        return $inRivers || in_array($stage, self::STAGES, true);
    }
}
