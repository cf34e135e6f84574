<?php

declare(strict_types=1);

namespace OldEddy\Drill\Tow;

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Stand;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadPlanner;

/** The practice water for towed lines: the day that everybody reads alike, the spread that it is begun with, and what it hides. */
final class TowDay
{
    /** The day, as the contract of the plan takes it. */
    public const CONDITIONS = [
        'species' => 'walleye', 'date' => '2026-06-10', 'time' => '05:30', 'timezone' => 'America/New_York', 'mode' => 'troll', 'water' => ['temp_f' => 62, 'visibility_ft' => 6],
        'weather' => ['sky' => 'partly', 'wind_mph' => 6],
    ];

    private static ?Spread $spread = null;

    private static ?Plan $plan = null;

    /** The spread that the program plans for it, with every lure at hand. */
    public static function spread(): Spread
    {
        return self::$spread ??= SpreadPlanner::plan(self::plan(), BoatKind::Boat);
    }

    /** Where the fish are thought to stand there. */
    public static function stand(): Stand
    {
        return self::plan()->reading->stand;
    }

    /** What the day of a seed hides; for comparison without any pattern. */
    public static function hidden(int $seed, bool $hasPattern = true): HiddenTow
    {
        [$lures, $colors] = [[], []];
        foreach (self::spread()->lines as $running) {
            $lures[$running->line->lure->key] = $running->line->lure->key;
            $colors[$running->line->color->value] = $running->line->color;
        }

        return HiddenTow::of($seed, array_values($lures) ?: ['trolling_spoon'], array_values($colors) ?: [ColorFamily::Silver], $hasPattern);
    }

    private static function plan(): Plan
    {
        return self::$plan ??= Planner::plan(ConditionsReader::read(self::CONDITIONS));
    }
}
