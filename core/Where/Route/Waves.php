<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Speed;

/**
 * How high the waves are that a wind makes. Basis: published, the shallow-water equation of the Shore Protection Manual (Coastal
 * Engineering Research Center, 1984), from memory: significant height by wind stress, fetch and depth.
 */
final class Waves
{
    private const GRAVITY = 9.80665;

    /** Under this wind nothing is reckoned, mph. */
    public const LEAST_MPH = 4.0;

    /**
     * Height in feet, 0 or more.
     *
     * @param  Speed  $wind  over the water
     * @param  Length  $fetch  of open water upwind
     * @param  Length  $depth  mean of it
     */
    public static function heightFt(Speed $wind, Length $fetch, Length $depth): float
    {
        $u = $wind->metresPerSecond();
        if ($wind->mph() < self::LEAST_MPH || $fetch->metres() <= 0 || $depth->metres() <= 0) {
            return 0.0;
        }
        // The wind stress factor.
        $stress = 0.71 * $u ** 1.23;
        $square = $stress * $stress / self::GRAVITY;
        $bottom = tanh(0.530 * ($depth->metres() / $square) ** 0.75);

        return Length::fromMetres($square * 0.283 * $bottom * tanh(0.00565 * sqrt($fetch->metres() / $square) / $bottom))->feet();
    }
}
