<?php

declare(strict_types=1);

namespace OldEddy\Lake;

/** The shoreline as rings of longitude and latitude in degrees; rings within rings are islands. */
final class Shoreline
{
    /**
     * The grid with all that lies outside the shoreline made land, by the even-odd rule row by row.
     *
     * @param  list<list<array{float, float}>>  $rings
     */
    public static function cut(DepthGrid $grid, array $rings): DepthGrid
    {
        $depths = $grid->depthsFt;
        for ($row = 0; $row < $grid->rows; $row++) {
            [$lat] = $grid->position(0, $row);
            $crossings = [];
            foreach ($rings as $ring) {
                $before = $ring[count($ring) - 1] ?? null;
                foreach ($ring as $point) {
                    if ($before !== null && ($before[1] > $lat) !== ($point[1] > $lat)) {
                        $lon = $before[0] + ($lat - $before[1]) / ($point[1] - $before[1]) * ($point[0] - $before[0]);
                        $crossings[] = $grid->columnOf($lon);
                    }
                    $before = $point;
                }
            }
            sort($crossings);
            [$inside, $next] = [false, 0];
            for ($col = 0; $col < $grid->cols; $col++) {
                while (isset($crossings[$next]) && $crossings[$next] <= $col) {
                    $inside = ! $inside;
                    $next++;
                }
                if (! $inside) {
                    $depths[$row * $grid->cols + $col] = 0.0;
                }
            }
        }

        return new DepthGrid($grid->north, $grid->west, $grid->cellM, $grid->cols, $grid->rows, $depths);
    }
}
