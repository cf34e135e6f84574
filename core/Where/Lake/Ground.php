<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use OldEddy\Basics\Units\Length;

/**
 * The bottom made ready for reading: smoothed depths in feet and, cell by cell, slope in per cent, bend of the contours
 * in 1/m (plus: they bulge towards the deep, as on a point), twist (under 0: a saddle), height over the surroundings in
 * feet, distance to land in metres. Null where it is not known: a figure that needs a neighbour is known only where all are.
 */
final readonly class Ground
{
    /** The radius of "the surroundings", metres. Basis: our own choice, about what a boat fishes from one place. */
    private const AROUND_M = 60.0;

    /** Where there is no land, metres. */
    private const FAR_M = 1e6;

    /**
     * @param  list<?float>  $depth
     * @param  list<?float>  $slope
     * @param  list<?float>  $bend
     * @param  list<?float>  $twist
     * @param  list<?float>  $height
     * @param  list<float>  $shoreM
     */
    private function __construct(
        public DepthGrid $grid,
        public array $depth,
        public array $slope,
        public array $bend,
        public array $twist,
        public array $height,
        public array $shoreM,
    ) {
    }

    /** Reads a grid. */
    public static function of(DepthGrid $grid): self
    {
        $depth = self::smooth(self::smooth($grid->depthsFt, $grid), $grid);
        [$slope, $bend, $twist] = self::derivatives($depth, $grid);
        $shore = self::distanceToLand($grid);

        return new self($grid, $depth, $slope, $bend, $twist, self::heights($depth, $grid), $shore);
    }

    /**
     * The mean of a cell of water and those around it that are known.
     *
     * @param  list<?float>  $d
     * @return list<?float>
     */
    private static function smooth(array $d, DepthGrid $grid): array
    {
        [$cols, $rows, $smooth] = [$grid->cols, $grid->rows, []];
        for ($row = 0; $row < $rows; $row++) {
            $at = $row * $cols;
            [$up, $down] = [$row > 0 ? $at - $cols : -1, $row < $rows - 1 ? $at + $cols : -1];
            // Column by column: what stands in a column counts for three cells.
            [$before, $beforeOf, $own, $ownOf] = [0.0, 0, 0.0, 0];
            for ($col = -1; $col < $cols; $col++) {
                [$next, $nextOf] = [0.0, 0];
                if ($col + 1 < $cols) {
                    $i = $col + 1;
                    if ($up >= 0 && $d[$up + $i] !== null) {
                        $next += $d[$up + $i];
                        $nextOf++;
                    }
                    if ($d[$at + $i] !== null) {
                        $next += $d[$at + $i];
                        $nextOf++;
                    }
                    if ($down >= 0 && $d[$down + $i] !== null) {
                        $next += $d[$down + $i];
                        $nextOf++;
                    }
                }
                if ($col >= 0) {
                    $depth = $d[$at + $col];
                    $smooth[] = $depth === null || $depth <= 0 ? $depth : ($before + $own + $next) / ($beforeOf + $ownOf + $nextOf);
                }
                [$before, $beforeOf, $own, $ownOf] = [$own, $ownOf, $next, $nextOf];
            }
        }

        return $smooth;
    }

    /**
     * @param  list<?float>  $d
     * @return array{list<?float>, list<?float>, list<?float>}
     */
    private static function derivatives(array $d, DepthGrid $grid): array
    {
        $cols = $grid->cols;
        $metres = Length::fromFeet(1)->metres();
        $h = $grid->cellM;
        $slope = $bend = $twist = array_fill(0, count($d), null);
        for ($row = 1; $row < $grid->rows - 1; $row++) {
            for ($i = $row * $cols + 1; $i < ($row + 1) * $cols - 1; $i++) {
                [$nw, $n, $ne, $w, $own, $e, $sw, $s, $se] = [
                    $d[$i - $cols - 1], $d[$i - $cols], $d[$i - $cols + 1], $d[$i - 1], $d[$i], $d[$i + 1], $d[$i + $cols - 1], $d[$i + $cols],
                    $d[$i + $cols + 1],
                ];
                if ($own === null
                    || $own <= 0
                    || $nw === null
                    || $n === null
                    || $ne === null
                    || $w === null
                    || $e === null
                    || $sw === null
                    || $s === null
                    || $se === null) {
                    continue;
                }
                $dx = ($e - $w) / (2 * $h) * $metres;
                $dy = ($s - $n) / (2 * $h) * $metres;
                $dxx = ($e - 2 * $own + $w) / ($h * $h) * $metres;
                $dyy = ($s - 2 * $own + $n) / ($h * $h) * $metres;
                $dxy = ($se - $sw - $ne + $nw) / (4 * $h * $h) * $metres;
                $square = $dx * $dx + $dy * $dy;
                $slope[$i] = 100 * sqrt($square);
                $twist[$i] = $dxx * $dyy - $dxy * $dxy;
                // The curvature of the contour through this cell; on level ground there is no contour to speak of.
                $bend[$i] = $square < 1e-5 ? 0.0 : ($dxx * $dy * $dy - 2 * $dxy * $dx * $dy + $dyy * $dx * $dx) / ($square ** 1.5);
            }
        }

        return [$slope, $bend, $twist];
    }

    /**
     * How much shallower a cell is than the mean of the water around it, by a table of sums.
     *
     * @param  list<?float>  $d
     * @return list<?float>
     */
    private static function heights(array $d, DepthGrid $grid): array
    {
        [$cols, $rows] = [$grid->cols, $grid->rows];
        $wide = $cols + 1;
        $sum = array_fill(0, $wide * ($rows + 1), 0.0);
        $count = array_fill(0, $wide * ($rows + 1), 0);
        for ($row = 0; $row < $rows; $row++) {
            for ($col = 0; $col < $cols; $col++) {
                $depth = $d[$row * $cols + $col];
                $water = $depth !== null && $depth > 0;
                $to = ($row + 1) * $wide + $col + 1;
                $sum[$to] = ($water ? $depth : 0.0) + $sum[$to - 1] + $sum[$to - $wide] - $sum[$to - $wide - 1];
                $count[$to] = ($water ? 1 : 0) + $count[$to - 1] + $count[$to - $wide] - $count[$to - $wide - 1];
            }
        }
        $r = max(2, (int) round(self::AROUND_M / $grid->cellM));
        $heights = [];
        for ($row = 0; $row < $rows; $row++) {
            [$top, $bottom] = [max(0, $row - $r) * $wide, min($rows, $row + $r + 1) * $wide];
            for ($col = 0; $col < $cols; $col++) {
                $depth = $d[$row * $cols + $col];
                if ($depth === null || $depth <= 0) {
                    $heights[] = null;

                    continue;
                }
                [$left, $right] = [max(0, $col - $r), min($cols, $col + $r + 1)];
                $n = $count[$bottom + $right] - $count[$top + $right] - $count[$bottom + $left] + $count[$top + $left];
                $heights[] = ($sum[$bottom + $right] - $sum[$top + $right] - $sum[$bottom + $left] + $sum[$top + $left]) / $n - $depth;
            }
        }

        return $heights;
    }

    /**
     * Distance to the nearest land by the two-pass chamfer method, metres; unknown cells are no land.
     *
     * @return list<float>
     */
    public static function distanceToLand(DepthGrid $grid): array
    {
        [$cols, $rows, $side] = [$grid->cols, $grid->rows, $grid->cellM];
        $across = M_SQRT2 * $side;
        $distance = array_map(static fn (?float $d): float => $d !== null && $d <= 0 ? 0.0 : self::FAR_M, $grid->depthsFt);
        foreach ([1, -1] as $step) {
            for ($n = 0; $n < $rows; $n++) {
                $row = $step > 0 ? $n : $rows - 1 - $n;
                $isFirst = $n === 0;
                for ($m = 0; $m < $cols; $m++) {
                    $i = $row * $cols + ($step > 0 ? $m : $cols - 1 - $m);
                    $best = $distance[$i];
                    if ($best === 0.0) {
                        continue;
                    }
                    if ($m > 0 && ($one = $distance[$i - $step] + $side) < $best) {
                        $best = $one;
                    }
                    if (! $isFirst) {
                        $back = $i - $step * $cols;
                        if (($one = $distance[$back] + $side) < $best) {
                            $best = $one;
                        }
                        if ($m > 0 && ($one = $distance[$back - $step] + $across) < $best) {
                            $best = $one;
                        }
                        if ($m < $cols - 1 && ($one = $distance[$back + $step] + $across) < $best) {
                            $best = $one;
                        }
                    }
                    $distance[$i] = $best;
                }
            }
        }

        return $distance;
    }
}
