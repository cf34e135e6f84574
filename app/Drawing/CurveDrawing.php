<?php

declare(strict_types=1);

namespace App\Drawing;

/** Two courses of contacts over casts in one drawing: points of the polylines, and the ends of the scales. */
final readonly class CurveDrawing
{
    public const WIDTH = 560;

    public const HEIGHT = 220;

    private const LEFT = 36;

    private const BOTTOM = 26;

    public int $casts;

    public float $most;

    /** @param  list<list<array{int, float}>>  $curves  casts and contacts */
    public function __construct(private array $curves)
    {
        $points = array_merge(...$curves);
        $this->casts = max(1, ...array_column($points, 0));
        $this->most = max(1.0, ceil(max(0.0, ...array_column($points, 1))));
    }

    /** A course as steps: level until the next contact, then up. */
    public function steps(int $which): string
    {
        $points = [];
        $before = 0.0;
        foreach ($this->curves[$which] as [$casts, $contacts]) {
            $points[] = "{$this->x($casts)},{$this->y($before)}";
            $points[] = "{$this->x($casts)},{$this->y($contacts)}";
            $before = $contacts;
        }

        return implode(' ', $points);
    }

    public function x(float $casts): float
    {
        return round(self::LEFT + (self::WIDTH - self::LEFT - 8) * $casts / $this->casts, 1);
    }

    public function y(float $contacts): float
    {
        return round(8 + (self::HEIGHT - self::BOTTOM - 8) * (1 - $contacts / $this->most), 1);
    }
}
