<?php

declare(strict_types=1);

namespace OldEddy\Choice\Path;

use OldEddy\Day\Conditions\Cover;

/**
 * Where a cover stands in a section of the water: from and to as shares of the cast, its height as a share of the depth
 * below it, and whether it lies on the surface instead. Basis: our own choice, since nobody measures it.
 */
final readonly class CoverShape
{
    private const SHARES = [
        'lily_pads' => [0.45, 0.95, 1.0], 'reeds' => [0.6, 0.98, 1.0], 'grass_submerged' => [0.3, 0.9, 0.55],
        'grass_edge' => [0.55, 0.95, 0.6], 'grass_matted' => [0.4, 0.95, 1.0], 'grass_dying' => [0.35, 0.9, 0.35],
        'wood' => [0.6, 0.8, 0.5], 'laydown' => [0.55, 0.95, 0.7], 'stumps' => [0.5, 0.8, 0.3], 'brush' => [0.55, 0.8, 0.5],
        'flooded_bushes' => [0.7, 0.98, 0.9], 'standing_timber' => [0.5, 0.85, 0.9], 'dock' => [0.6, 0.9, 1.0],
        'rock' => [0.4, 0.85, 0.18], 'overhang' => [0.75, 1.0, 1.0],
    ];

    private function __construct(public float $from, public float $to, public float $height, public bool $onSurface)
    {
    }

    /** The shape of a cover, or null for what has none (shade, open water). */
    public static function of(Cover $cover): ?self
    {
        $shares = self::SHARES[$cover->value] ?? null;

        return $shares === null ? null : new self(
            $shares[0],
            $shares[1],
            $shares[2],
            in_array($cover, [Cover::Dock, Cover::GrassMatted, Cover::LilyPads, Cover::Overhang], true),
        );
    }
}
