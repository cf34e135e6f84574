<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Speed;

/**
 * The boat that makes the runs: how fast it goes on flat water, the water it needs (feet, over 0), and how waves and no-wake zones
 * slow it. Basis: own model; that a sea ahead costs most and one from behind least is common practice.
 */
final readonly class Craft
{
    public const USUAL_DRAFT_FT = 1.5;

    /** No faster than this where no wake may be made, mph. Basis: common practice, about idle speed. */
    public const NO_WAKE_MPH = 5.0;

    /** Waves so high halve the speed of an open boat that meets them, feet. */
    private const HALVED_BY_FT = 1.5;

    /** Of what a sea ahead costs, one from the side and one from behind. */
    private const FROM_SIDE = 0.6;

    private const FROM_BEHIND = 0.3;

    public function __construct(public Speed $speed, public float $draftFt = self::USUAL_DRAFT_FT)
    {
    }

    /**
     * What is left of the speed, 0 to 1, in waves.
     *
     * @param  float  $waveFt  height, 0 or more
     * @param  float  $offDeg  between the heading and where the waves come from: 0 straight into them
     */
    public static function leftInWaves(float $waveFt, float $offDeg): float
    {
        $into = cos(deg2rad($offDeg));
        $costs = $into >= 0 ? self::FROM_SIDE + (1 - self::FROM_SIDE) * $into : self::FROM_SIDE + (self::FROM_SIDE - self::FROM_BEHIND) * $into;

        return 1 / (1 + $costs * ($waveFt / self::HALVED_BY_FT) ** 2);
    }

    /** Metres a minute, with waves so high (feet) at such an angle, in a no-wake zone or not. */
    public function metresPerMinute(float $waveFt, float $offDeg, bool $noWake): float
    {
        $flat = 60 * $this->speed->metresPerSecond();

        return min($flat * self::leftInWaves($waveFt, $offDeg), $noWake ? 60 * Speed::fromMph(self::NO_WAKE_MPH)->metresPerSecond() : INF);
    }
}
