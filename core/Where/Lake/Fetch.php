<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use OldEddy\Basics\Units\Length;

/** Open water before a place: how far the wind runs over it from each of eight directions, feet. */
final class Fetch
{
    /** @return list<float> feet from north clockwise in steps of 45° */
    public static function at(DepthGrid $grid, float $lat, float $lon): array
    {
        [$col, $row] = $grid->cellAt($lat, $lon);
        $fetch = [];
        for ($k = 0; $k < 8; $k++) {
            [$east, $north] = [sin(M_PI * $k / 4), cos(M_PI * $k / 4)];
            $steps = 0;
            // The spot itself may lie on the waterline: the first two cells may be land.
            while ($steps < 2 || $grid->isWater($col + (int) round($east * $steps), $row - (int) round($north * $steps))) {
                if (++$steps > $grid->cols + $grid->rows) {
                    break;
                }
            }
            $fetch[] = round(Length::fromMetres(max(0, $steps - 1) * $grid->cellM)->feet(), 0);
        }

        return $fetch;
    }
}
