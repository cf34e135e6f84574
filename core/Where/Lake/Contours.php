<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

/** Depth lines of a grid, for files that go out. Basis: published, marching squares; the two-way case is cut by the mean. */
final class Contours
{
    /** Sides of a square by the corners under water: 0 north, 1 east, 2 south, 3 west; two sides a piece of line. */
    private const PIECES = [
        1 => [[3, 2]], 2 => [[2, 1]], 3 => [[3, 1]], 4 => [[0, 1]], 6 => [[0, 2]], 7 => [[3, 0]], 8 => [[3, 0]], 9 => [[0, 2]], 11 => [[0, 1]],
        12 => [[3, 1]], 13 => [[2, 1]], 14 => [[3, 2]],
    ];

    /** @return list<list<array{float, float}>> lines of longitude and latitude at a depth in feet; unknown cells end them */
    public static function at(DepthGrid $grid, float $depthFt): array
    {
        $next = [];
        for ($row = 0; $row < $grid->rows - 1; $row++) {
            for ($col = 0; $col < $grid->cols - 1; $col++) {
                $corners = [$grid->cell($col, $row), $grid->cell($col + 1, $row), $grid->cell($col + 1, $row + 1), $grid->cell($col, $row + 1)];
                if (in_array(null, $corners, true)) {
                    continue;
                }
                $deep = 0;
                foreach ([8, 4, 2, 1] as $corner => $bit) {
                    $deep += $corners[$corner] > $depthFt ? $bit : 0;
                }
                $inside = array_sum($corners) / 4 > $depthFt;
                $pieces = match ($deep) {
                    5 => $inside ? [[3, 0], [2, 1]] : [[3, 2], [0, 1]],
                    10 => $inside ? [[3, 2], [0, 1]] : [[3, 0], [2, 1]],
                    default => self::PIECES[$deep] ?? [],
                };
                foreach ($pieces as [$a, $b]) {
                    $from = self::point($corners, $a, $col, $row, $depthFt);
                    $to = self::point($corners, $b, $col, $row, $depthFt);
                    // A line through a corner itself leaves a piece without length.
                    if ($from === $to) {
                        continue;
                    }
                    $next[implode(',', $from)][] = $to;
                    $next[implode(',', $to)][] = $from;
                }
            }
        }

        return array_map(
            static fn (array $line): array => array_map(
                static fn (array $p): array => array_map(static fn (float $d): float => round($d, 6), array_reverse($grid->position(...$p))),
                $line,
            ),
            self::joined($next),
        );
    }

    /**
     * @param  array{float, float, float, float}  $corners
     * @return array{float, float} column and row
     */
    private static function point(array $corners, int $side, int $col, int $row, float $depthFt): array
    {
        $share = static fn (float $a, float $b): float => round(($depthFt - $a) / ($b - $a), 6);

        return match ($side) {
            0 => [$col + $share($corners[0], $corners[1]), (float) $row],
            1 => [(float) ($col + 1), $row + $share($corners[1], $corners[2])],
            2 => [$col + $share($corners[3], $corners[2]), (float) ($row + 1)],
            default => [(float) $col, $row + $share($corners[0], $corners[3])],
        };
    }

    /**
     * @param  array<string, list<array{float, float}>>  $next  what each point is joined to
     * @return list<list<array{float, float}>>
     */
    private static function joined(array $next): array
    {
        $lines = [];
        // Open lines begin at an end; what is left after them are rings.
        foreach ([1, 2] as $ends) {
            foreach (array_keys($next) as $start) {
                if (count($next[$start]) !== $ends) {
                    continue;
                }
                $line = [array_map(floatval(...), explode(',', (string) $start))];
                $at = (string) $start;
                while (($to = array_pop($next[$at])) !== null) {
                    $key = implode(',', $to);
                    $back = array_search(array_map(floatval(...), explode(',', $at)), $next[$key], false);
                    if ($back !== false) {
                        array_splice($next[$key], (int) $back, 1);
                    }
                    $line[] = $to;
                    $at = $key;
                }
                $lines[] = $line;
            }
        }

        /** @var list<list<array{float, float}>> */
        return $lines;
    }
}
