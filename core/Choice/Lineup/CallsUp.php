<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup;

use OldEddy\Basics\Ramp;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;

/**
 * How far a lure draws fish up beyond their reach, feet: by what it is, how far it is seen and how willing they are; nothing in cold mud.
 * Basis: rules L20 and D14; the numbers are our own choice.
 */
final readonly class CallsUp
{
    /** From this share of the clearest water fish come up far for a lure that draws the keen. */
    private const CLEAR_ENOUGH = 0.6;

    /** The clearest water that counts, feet. */
    private const CLEAREST_FT = 8.0;

    /** Feet that fish come up for a surface lure: in the clearest water when keen, and in low light. */
    private const SURFACE_FT = [3.0, 1.5];

    /** Feet that fish at the surface come up farther. */
    private const AT_SURFACE_FT = 4.0;

    /** Also unwilling fish come up for what hangs long in their sight: this share of what keen ones do. */
    private const LEAST_KEEN = 0.35;

    /** Feet that they come up through the cover above them. */
    private const UNDER_COVER_FT = 2.0;

    private float $clear;

    private float $keen;

    private float $warm;

    public function __construct(private Reading $reading)
    {
        $this->clear = max(0.0, min(1.0, $reading->day->visibilityFt / self::CLEAREST_FT));
        $this->keen = max(self::LEAST_KEEN, 0.5 + $reading->mood->value);
        $this->warm = max(Ramp::up($reading->day->tempF, 44, 52), Ramp::up($reading->day->visibilityFt, 1, 2));
    }

    /** Feet beyond the reach of a fish, 0 or more. */
    public function feet(LureFamily $lure): float
    {
        return $this->openFt($lure) + ($lure->isSurface() ? $this->underCoverFt() * $this->warm : 0.0);
    }

    /** The same in open water: what cover over their heads adds, the fit of a lure to that cover says already. */
    public function openFt(LureFamily $lure): float
    {
        $feet = $lure->appeal->drawsFt * $this->clear * $this->keen;
        if ($lure->isSurface()) {
            $feet += self::SURFACE_FT[0] * $this->clear * $this->keen + ($this->reading->day->lowLight ? self::SURFACE_FT[1] : 0.0);
        }
        $feet += $lure->appeal->drawsKeenFt * $this->keen * Ramp::up($this->clear, self::CLEAR_ENOUGH - 0.1, self::CLEAR_ENOUGH + 0.1);
        if ($this->reading->stand->column === Column::Surface) {
            $feet += self::AT_SURFACE_FT;
        }

        return $feet * $this->warm;
    }

    /** Under pads, mats and reeds over shallow water they look up at what moves above them, seen or not (L13). */
    private function underCoverFt(): float
    {
        $covers = $this->reading->day->spot->has(Cover::LilyPads, Cover::GrassMatted, Cover::Reeds, Cover::Overhang);

        return $covers ? self::UNDER_COVER_FT * Ramp::down($this->reading->stand->shallowFt, 4, 8) : 0.0;
    }
}
