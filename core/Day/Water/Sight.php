<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

/**
 * How far a fish sees a lure, and whether as a color or only as a silhouette. Basis: our own choice, built on W8:
 * in full light a contrasting lure is made out sideways at about 1.3 times the visibility; at depth the reach shrinks
 * with the light that is left. More visibility never shortens the reach.
 */
final readonly class Sight
{
    /** Under this visibility sight fails and sound takes over: tight fish, rattles, casts along the edge (rules W4, L6, S21), feet. */
    public const FAILS_UNDER_FT = 1.5;

    private const CONTRAST_REACH = 1.3;

    /** Under this share of the surface light colors are gone and only the shape stands out. */
    private const COLOR_SHARE = 0.10;

    public function __construct(private Light $light, private float $visibilityFt)
    {
    }

    /** For a visibility in feet, 0 or more. */
    public static function in(float $visibilityFt): self
    {
        return new self(new Light($visibilityFt), $visibilityFt);
    }

    /**
     * Feet from which a lure at this depth (feet) is made out.
     *
     * @param  float  $contrast  1 for a lure that stands out (bright, black), down to 0.5 for a translucent one
     */
    public function reachFt(float $depthFt, float $contrast = 1.0): float
    {
        // Eyes work over a wide span of light: a tenfold loss costs a tenth of the reach, not nine tenths.
        $dim = max(0.62, 1.0 + 0.1 * log10(max(1e-6, $this->light->at($depthFt))));

        return self::CONTRAST_REACH * $this->visibilityFt * $contrast * $dim;
    }

    /** Whether a lure at this depth in feet still shows its color; deeper it is a silhouette. */
    public function showsColor(float $depthFt): bool
    {
        return $this->light->at($depthFt) >= self::COLOR_SHARE;
    }

    /** Depth in feet below which lures are silhouettes. */
    public function silhouetteBelowFt(): float
    {
        return $this->light->depthOf(self::COLOR_SHARE);
    }
}
