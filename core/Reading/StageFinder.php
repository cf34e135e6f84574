<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Basics\Said;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Season\Spawning;
use OldEddy\Day\Season\Species;
use OldEddy\Day\Season\Stage;
use OldEddy\Day\Season\StageTable;
use OldEddy\Day\Season\YearDirection;

/** Finds the stage from temperature and direction of the year; what the angler sees overrides both. Basis: rules F1 and F19. */
final class StageFinder
{
    /**
     * @param  ?Stage  $given  set by the angler
     * @param  list<Observed>  $observed
     * @param  ?Spawning  $dates  what the calendar allows; null where no date is known
     */
    public static function find(
        Species $species,
        float $tempF,
        YearDirection $direction,
        int $northernDay,
        ?Stage $given = null,
        array $observed = [],
        ?Spawning $dates = null,
    ): StageFound {
        if ($given !== null) {
            return new StageFound($given, 'You set the stage yourself.');
        }
        if (in_array(Observed::Beds, $observed, true)) {
            return new StageFound(Stage::Spawn, 'Fish on beds were seen; that outranks the thermometer.');
        }
        if (in_array(Observed::Fry, $observed, true)) {
            return new StageFound(Stage::Postspawn, 'Fry were seen; that outranks the thermometer.');
        }
        $table = StageTable::of($species);
        $stage = $direction === YearDirection::Warming ? $table->warming($tempF) : $table->cooling($tempF);
        $name = $species->words();
        $held = $dates?->held($stage, $northernDay, $tempF) ?? $stage;
        if ($held !== $stage) {
            $but = match ($held) {
                Stage::Winter => 'but it is midwinter',
                Stage::Prespawn => 'but at this latitude it is too early in the year',
                default => 'but by this date the spawn is over',
            };

            return new StageFound($held, Said::of('{%.0f °F} would be %s for %s, %s.', $tempF, $stage->words(), $name, $but));
        }
        if (in_array(Observed::LeavesTurning, $observed, true) && in_array($stage, [Stage::Summer, Stage::Postspawn], true)) {
            return new StageFound(Stage::EarlyFall, 'Leaves are turning; that outranks the thermometer.');
        }

        return new StageFound($stage, Said::of('{%.0f °F} in a %s year is %s for %s.', $tempF, $direction->value, $stage->words(), $name));
    }
}
