<?php

declare(strict_types=1);

namespace OldEddy\Choice\Tackle;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Season\Species;
use OldEddy\Reading\Reading;

/** Line and rod for a lure. Basis: rules D6, D7 and C12; the rows stand in tackle.php. */
final class Tackle
{
    /** The line for a lure on this day, in words. */
    public static function line(LureFamily $lure, Reading $reading): Said
    {
        $text = self::rows()['lines'][self::lineKey($lure, $reading->day->species)][0];
        if ($reading->day->species->group() === 'toothy') {
            return Said::of($text.', and always a bite-proof trace');
        }
        // Fish are line-shy in clear water (C12); inside grass the line is hidden.
        if ($reading->day->clarity->isClear() && str_ends_with($text, 'braid') && ! $reading->day->spot->hasPlants()) {
            return Said::of($text.' with a fluorocarbon leader');
        }

        return Said::of($text);
    }

    /** The line's diameter in millimetres, for the dive curve (D2). */
    public static function lineDiameterMm(LureFamily $lure, Species $species): float
    {
        return self::rows()['lines'][self::lineKey($lure, $species)][1];
    }

    /** Muskellunge break what is made for lesser fish (L40); what is towed keeps the line of the spread. */
    private static function isHeavy(LureFamily $lure, Species $species): bool
    {
        return $species === Species::Muskellunge && ! $lure->trolled;
    }

    private static function lineKey(LureFamily $lure, Species $species): string
    {
        return self::isHeavy($lure, $species) ? 'muskellunge' : $lure->rigging->line;
    }

    /** The rod for a lure, in words. */
    public static function rod(LureFamily $lure, Species $species): string
    {
        return self::rows()['rods'][self::isHeavy($lure, $species) ? 'toothy' : $lure->rigging->rod];
    }

    /** @return array{lines: array<string, array{string, float}>, rods: array<string, string>} */
    private static function rows(): array
    {
        static $rows = null;

        return $rows ??= require __DIR__.'/tackle.php';
    }
}
