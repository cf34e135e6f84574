<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Lake\DepthGrid;

/** Turns positions into the water plan's points, in metres from the north-west corner. It draws; every number in it is the core's. */
final readonly class PlanDrawing
{
    /** The grid that is sent for the contours has about so many cells. */
    private const SENT_CELLS = 16_000;

    private const MARGIN_M = 60.0;

    private DepthGrid $grid;

    public function __construct(DepthGrid $grid)
    {
        $this->grid = $grid->coarser((int) ceil(sqrt($grid->cols * $grid->rows / self::SENT_CELLS)));
    }

    public function x(float $lon): float
    {
        return round($this->grid->columnOf($lon) * $this->grid->cellM, 1);
    }

    public function y(float $lat): float
    {
        return round($this->grid->rowOf($lat) * $this->grid->cellM, 1);
    }

    public function box(): string
    {
        return sprintf('%.0f %.0f %.0f %.0f', -self::MARGIN_M, -self::MARGIN_M, $this->width() + 2 * self::MARGIN_M, $this->height() + 2 * self::MARGIN_M);
    }

    public function width(): float
    {
        return $this->grid->cols * $this->grid->cellM;
    }

    public function height(): float
    {
        return $this->grid->rows * $this->grid->cellM;
    }

    /**
     * What the script draws the depth bands from.
     *
     * @return array{cols: int, rows: int, cell: float, depths: list<?float>, levels: list<int>}
     */
    public function depths(float $levelFt): array
    {
        $depths = array_map(static fn (float $d): ?float => is_nan($d) ? null : round($d + ($d > 0 ? $levelFt : 0), 1), $this->grid->depthsFt);

        return ['cols' => $this->grid->cols, 'rows' => $this->grid->rows, 'cell' => $this->grid->cellM, 'depths' => $depths, 'levels' => [0, 2, 5, 10, 15, 20, 25, 30, 40, 50]];
    }

    /**
     * @param  list<array{float, float}>  $line  latitude, longitude
     */
    public function line(array $line): string
    {
        return implode(' ', array_map(fn (array $p): string => $this->x($p[1]).','.$this->y($p[0]), $line));
    }

    /** An arrow of a length in metres, from a point towards a compass direction. */
    public function arrow(float $x, float $y, float $towardDeg, float $metres): string
    {
        [$east, $south] = [sin(deg2rad($towardDeg)), -cos(deg2rad($towardDeg))];
        $tip = [$x + $east * $metres, $y + $south * $metres];
        $wing = static fn (float $turn): string => sprintf('M%.1f %.1f L%.1f %.1f', $tip[0], $tip[1], $tip[0] - 0.3 * $metres * sin(deg2rad($towardDeg + $turn)), $tip[1] + 0.3 * $metres * cos(deg2rad($towardDeg + $turn)));

        return sprintf('M%.1f %.1f L%.1f %.1f %s %s', $x, $y, $tip[0], $tip[1], $wing(25), $wing(-25));
    }

    /** The strip of shade at a bank: from the waterline out by its width, a hundred feet along the bank; never thinner than can be seen. */
    public function shade(float $lat, float $lon, float $facesDeg, float $widthFt): string
    {
        $along = 15.0;
        $out = max(6.0, min(60.0, $widthFt * 0.3048));
        [$x, $y] = [$this->x($lon), $this->y($lat)];
        [$fx, $fy] = [sin(deg2rad($facesDeg)), -cos(deg2rad($facesDeg))];
        $points = [[-$fy * $along, $fx * $along], [$fy * $along, -$fx * $along], [$fy * $along + $fx * $out, -$fx * $along + $fy * $out], [-$fy * $along + $fx * $out, $fx * $along + $fy * $out]];

        return implode(' ', array_map(static fn (array $p): string => round($x + $p[0], 1).','.round($y + $p[1], 1), $points));
    }
}
