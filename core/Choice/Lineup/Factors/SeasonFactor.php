<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Reading;

/** Temperature and stage: where in the year the lure belongs. Basis: handbook 03, rule L7, factors our own. */
final class SeasonFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        $warm = self::warmth($lure, $reading->day->tempF);
        $stage = $lure->at($reading->stage->stage);
        $effect = $warm * $stage;
        $text = match (true) {
            $warm < 0.9 => Said::of('{%.0f °F} is %s its best span of {%.0f-%.0f °F}.', $reading->day->tempF, $reading->day->tempF < $lure->tempF[1] ? 'under' : 'over', $lure->tempF[1], $lure->tempF[2]),
            $stage > 1 => 'One for the '.$reading->stage->stage->words().'.',
            $stage < 1 => 'Not at its best in '.$reading->stage->stage->words().'.',
            default => Said::of('{%.0f °F} suits it.', $reading->day->tempF),
        };

        return new Effect('season', $effect, $text, 'FAMILIES');
    }

    /** 1 inside the good span, falling to 0.3 at its ends and on to 0.05 beyond. */
    public static function warmth(LureFamily $lure, float $tempF): float
    {
        [$from, $goodFrom, $goodTo, $to] = $lure->tempF;
        $share = match (true) {
            $tempF < $goodFrom => ($tempF - $from) / ($goodFrom - $from),
            $tempF > $goodTo => ($to - $tempF) / ($to - $goodTo),
            default => 1.0,
        };

        return $share >= 0 ? 0.3 + 0.7 * $share : max(0.05, 0.3 + 0.1 * $share);
    }
}
