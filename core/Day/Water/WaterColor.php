<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

/**
 * The color the water is drawn in, from its visibility. Basis: our own choice: a path through five measured-by-eye
 * points, opaque brown to blue-green, blended by the logarithm of the visibility.
 */
final readonly class WaterColor
{
    /** Visibility in feet => red, green, blue of lit water near the surface. */
    private const POINTS = [
        [0.3, 158, 122, 78],
        [1.5, 156, 142, 88],
        [4.0, 132, 153, 108],
        [8.0, 110, 160, 142],
        [20.0, 96, 158, 168],
    ];

    private function __construct(public int $red, public int $green, public int $blue)
    {
    }

    /** For a visibility in feet, 0 or more. */
    public static function of(float $visibilityFt): self
    {
        $at = log(max(self::POINTS[0][0], min(self::POINTS[4][0], $visibilityFt)));
        for ($i = 1; $i < 5; $i++) {
            [$from, $to] = [self::POINTS[$i - 1], self::POINTS[$i]];
            if ($at <= log($to[0]) + 1e-12) {
                $share = ($at - log($from[0])) / (log($to[0]) - log($from[0]));
                $mix = static fn (int $k): int => (int) round($from[$k] + $share * ($to[$k] - $from[$k]));

                return new self($mix(1), $mix(2), $mix(3));
            }
        }

        return new self(self::POINTS[4][1], self::POINTS[4][2], self::POINTS[4][3]);
    }

    /** The same water with only a share (0 to 1) of the light left, towards the dark of deep water. */
    public function dimmedTo(float $light): self
    {
        $keep = 0.22 + 0.78 * max(0.0, min(1.0, $light)) ** 0.5;

        return new self((int) round($this->red * $keep), (int) round($this->green * $keep), (int) round($this->blue * $keep));
    }

    /** As #rrggbb. */
    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }
}
