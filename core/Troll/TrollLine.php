<?php

declare(strict_types=1);

namespace OldEddy\Troll;

/** A line that is towed: diameter in millimetres, density in kg/m³, drag coefficients across it and along it. */
final readonly class TrollLine
{
    /** Basis: published, cable theory after Berteaux 1976, values from memory: about 1.2 across, 0.01 to 0.02 along. */
    public const ACROSS = 1.2;

    public const ALONG = 0.015;

    public function __construct(
        public float $diameterMm, public float $densityKgM3, public float $across = self::ACROSS, public float $along = self::ALONG,
    ) {
    }

    /** What is usually tied on: braid of about 0.30 mm. Basis: value from memory; braid floats a little, its leader sinks. */
    public static function usual(): self
    {
        return new self(0.30, 1000);
    }
}
