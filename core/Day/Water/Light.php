<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

/**
 * Light fading with depth. Basis: published, rule W8: I(z) = I0·e^(−Kd·z), Kd ≈ 1.7 / Secchi depth in metres
 * (Poole & Atkins 1929; value from memory). The ratio holds in any unit of length, so feet are used throughout.
 */
final readonly class Light
{
    public const SECCHI_FACTOR = 1.7;

    /** The least visibility reckoned with, feet, so that opaque water still has a picture. */
    private const LEAST_FT = 0.1;

    private float $visibilityFt;

    /** For a visibility in feet, 0 or more. */
    public function __construct(float $visibilityFt)
    {
        $this->visibilityFt = max(self::LEAST_FT, $visibilityFt);
    }

    /** Attenuation per foot. */
    public function attenuationPerFt(): float
    {
        return self::SECCHI_FACTOR / $this->visibilityFt;
    }

    /** Share of the surface light left at a depth in feet (0 or more): 1 down to 0. */
    public function at(float $depthFt): float
    {
        return exp(-$this->attenuationPerFt() * $depthFt);
    }

    /** Depth in feet at which this share of the surface light (over 0, up to 1) is left. */
    public function depthOf(float $share): float
    {
        return -log($share) / $this->attenuationPerFt();
    }

    /** Depth in feet with 1 % of the surface light, about 2.7 visibilities. */
    public function onePercentDepthFt(): float
    {
        return $this->depthOf(0.01);
    }
}
