<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Choice\Retrieve\CadenceChooser;
use OldEddy\Reading\Reading;

/** Time in the zone: how fast the lure leaves a fish behind, against what cold and mood allow. Basis: rules L11, R16 and L8, the curve our own. */
final class PaceFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        $pace = max(0.08, CadenceChooser::paceFtS($lure, $reading));
        $wanted = self::wantedFtS($reading);
        $ratio = log($pace / $wanted);
        // Deflection makes neutral fish snap, so cranks may come by faster than that (L8).
        if ($lure->deflects && $ratio > 0 && ! $reading->mood->isNegative()) {
            $ratio *= 0.4;
        }
        // Too fast loses every fish; too slow only loses water, and that matters while they are willing.
        $cost = $ratio > 0 ? 0.16 : 0.03 + 0.05 * max(0.0, $reading->mood->value);
        $effect = max($ratio > 0 ? 0.55 : 0.88, 1.12 - $cost * $ratio ** 2);

        return new Effect('pace', $effect, match (true) {
            $effect >= 1.0 => Said::of('At {%.1f ft/s} it stays in front of fish in this mood.', $pace),
            $ratio > 0 => Said::of('At {%.1f ft/s} it leaves fish in this mood behind.', $pace),
            default => Said::of('At {%.1f ft/s} it covers little water for fish this willing.', $pace),
        }, $lure->deflects && ! $reading->mood->isNegative() ? 'L8' : 'L11');
    }

    /** The pace these fish will follow, feet a second: slower the colder and the more negative. */
    private static function wantedFtS(Reading $reading): float
    {
        $warm = max(0.35, min(1.2, ($reading->day->tempF - 32) / 33));

        return 1.3 * $warm * exp(1.3 * $reading->mood->value);
    }
}
