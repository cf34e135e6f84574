<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

/** The shoreline as rings of longitude and latitude in degrees; rings within rings are islands, rings within those are water again. */
final class Shoreline
{
    /** A ring that encloses less than this is a line or a point, square metres. Basis: our own choice. */
    private const LEAST_M2 = 1.0;

    /**
     * Why a ring encloses nothing, or null where it is one.
     *
     * @param  list<array{float, float}>  $ring
     */
    public static function problem(array $ring): ?string
    {
        $corners = count(array_unique(array_map(static fn (array $p): string => "{$p[0]},{$p[1]}", $ring)));
        if ($corners < 3) {
            return sprintf('a shoreline needs at least three corners; this one has %d', $corners);
        }

        return abs(self::areaM2($ring)) < self::LEAST_M2 ? 'a shoreline must enclose water; the corners of this one lie on one line' : null;
    }

    /**
     * The rings as polygons: an outer ring, then its islands. Basis: published, RFC 7946: closed rings by the right-hand
     * rule, outer ones counterclockwise, holes clockwise.
     *
     * @param  list<list<array{float, float}>>  $rings
     * @return list<non-empty-list<list<array{float, float}>>>
     */
    public static function polygons(array $rings): array
    {
        $depth = array_map(
            static fn (array $ring, int $i): int => count(
                array_filter($rings, static fn (array $other, int $j): bool => $j !== $i && self::holds($other, $ring[0]), ARRAY_FILTER_USE_BOTH),
            ),
            $rings,
            array_keys($rings),
        );
        $polygons = [];
        foreach ($rings as $i => $ring) {
            if ($depth[$i] % 2 === 0) {
                $polygons[$i] = [self::turned($ring, true)];
            }
        }
        foreach ($rings as $i => $ring) {
            if ($depth[$i] % 2 === 1) {
                foreach (array_keys($polygons) as $j) {
                    if ($depth[$j] === $depth[$i] - 1 && self::holds($rings[$j], $ring[0])) {
                        $polygons[$j][] = self::turned($ring, false);
                    }
                }
            }
        }

        return array_values($polygons);
    }

    /**
     * Area in square metres, over 0 where the ring runs counterclockwise.
     *
     * @param  list<array{float, float}>  $ring
     */
    private static function areaM2(array $ring): float
    {
        $sum = 0.0;
        [$lon0, $lat0] = $ring[0];
        $before = $ring[count($ring) - 1];
        foreach ($ring as $point) {
            // From the first corner, so that the small differences are not lost in large numbers.
            $sum += ($before[0] - $lon0) * ($point[1] - $lat0) - ($point[0] - $lon0) * ($before[1] - $lat0);
            $before = $point;
        }

        return $sum / 2 * DepthGrid::METRES_PER_DEGREE ** 2 * cos(deg2rad($lat0));
    }

    /**
     * @param  list<array{float, float}>  $ring
     * @return list<array{float, float}> closed, and turned counterclockwise or clockwise
     */
    private static function turned(array $ring, bool $counterclockwise): array
    {
        if ($ring[0] !== $ring[count($ring) - 1]) {
            $ring[] = $ring[0];
        }

        return (self::areaM2($ring) > 0) === $counterclockwise ? $ring : array_reverse($ring);
    }

    /**
     * Whether a ring holds a place, by the even-odd rule.
     *
     * @param  list<array{float, float}>  $ring  longitude, latitude
     * @param  array{float, float}  $at  longitude, latitude
     */
    public static function holds(array $ring, array $at): bool
    {
        $inside = false;
        $before = $ring[count($ring) - 1];
        foreach ($ring as $point) {
            if (($before[1] > $at[1]) !== ($point[1] > $at[1])
                && $at[0] < $before[0] + ($at[1] - $before[1]) / ($point[1] - $before[1]) * ($point[0] - $before[0])) {
                $inside = ! $inside;
            }
            $before = $point;
        }

        return $inside;
    }

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

        return new DepthGrid($grid->north, $grid->west, $grid->cellM, $grid->cols, $grid->rows, $depths, $grid->squareAt);
    }
}
