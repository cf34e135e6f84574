<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;

/** Whether the lure works where the fish are; fish come up for a lure sooner than down. Basis: rule D1, factors our own. */
final class DepthFactor implements Factor
{
    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        $stand = $reading->stand;
        [$from, $to] = $lure->depthFt;
        $above = $stand->shallowFt - $to;
        if ($above > 0) {
            $effect = exp(-max(0.0, $above - self::drawsUpFt($lure, $reading)) / 2.5);

            return new Effect('depth', max(0.02, $effect), Said::of('It runs at %s; the fish stand at %s.', self::span($from, $to), self::span($stand->shallowFt, $stand->deepFt)), 'D1');
        }
        $below = $from - $stand->deepFt;
        if ($below > 0) {
            return new Effect('depth', max(0.02, exp(-$below / 1.2)), Said::of('It works from {%.0f ft} down; the fish stand at %s.', $from, self::span($stand->shallowFt, $stand->deepFt)), 'D1');
        }
        $overlap = min($to, $stand->deepFt) - max($from, $stand->shallowFt);
        $share = $overlap / max(0.5, $stand->deepFt - $stand->shallowFt);

        return new Effect('depth', 0.85 + 0.3 * min(1.0, $share), Said::of('It covers %.0f %% of their band, %s.', 100 * min(1.0, $share), self::span($stand->shallowFt, $stand->deepFt)), 'D1');
    }

    /** Feet that fish rise for it: their strike radius, more for surface lures in clear water and low light. */
    private static function drawsUpFt(LureFamily $lure, Reading $reading): float
    {
        $feet = $reading->strikeRadiusFt($lure->isLoud());
        $clear = max(0.0, min(1.0, $reading->day->visibilityFt / 8));
        $keen = max(0.0, 0.5 + $reading->mood->value);
        $feet += $lure->drawsFt * $clear * $keen;
        if ($lure->isSurface()) {
            $feet += 3 * $clear * $keen + ($reading->day->lowLight ? 1.5 : 0.0);
        }
        if ($lure->key === 'buzzbait' && $clear > 0.6) {
            $feet += 4 * $keen;
        }

        return $reading->stand->column === Column::Surface ? $feet + 4 : $feet;
    }

    private static function span(float $from, float $to): string|Said
    {
        return $to <= 0.5 ? 'the surface' : Said::of('{%s-%s ft}', round($from, 1), round($to, 1));
    }
}
