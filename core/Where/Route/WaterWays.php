<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\GridFrame;
use OldEddy\Where\Lake\Position;

/**
 * Ways over water: which corners of the land a boat's way can bend around, and which of them see each other. The shortest way at
 * any angle bends nowhere else, so it is found exactly on the cells it is sought on. Basis: published, the visibility graph of
 * obstacles (Lozano-Pérez and Wesley 1979), of which only tangents are kept.
 */
final class WaterWays
{
    /** Ways are sought on cells of about this many. */
    private const WORKING_CELLS = 20_000;

    /** A corner is rounded at this distance, cells: near enough not to lengthen the way, off the land for certain. */
    private const OFF = 0.02;

    /** A spot on the bank is left to a boat that lies off it within so many cells. */
    private const OFF_BANK = 6;

    private readonly GridFrame $frame;

    /** A sign for each cell: 1 where the boat floats; one row and column of land all round. */
    private readonly string $floats;

    private readonly int $wide;

    /** @var list<array{float, float, int}> across and down in cells, and on which diagonal its land lies: 1 north-west or south-east, -1 the other */
    private readonly array $corners;

    /** @var list<list<int>> the corners that can be gone to straight from each */
    private readonly array $sees;

    /** @param  float  $draftFt  water the boat needs, feet, over 0 */
    public function __construct(DepthGrid $grid, float $draftFt = Craft::USUAL_DRAFT_FT)
    {
        $coarse = $grid->coarser((int) ceil(sqrt($grid->cols * $grid->rows / self::WORKING_CELLS)));
        $this->frame = $coarse->frame();
        $this->wide = $coarse->cols + 2;
        $land = str_repeat('0', $this->wide);
        $floats = $land;
        for ($row = 0; $row < $coarse->rows; $row++) {
            $floats .= '0';
            for ($col = 0; $col < $coarse->cols; $col++) {
                $floats .= ($coarse->depthsFt[$row * $coarse->cols + $col] ?? 0.0) >= $draftFt ? '1' : '0';
            }
            $floats .= '0';
        }
        $this->floats = $floats.$land;
        $this->corners = $this->findCorners($coarse->rows);
        $this->sees = $this->findSights();
    }

    /** Where its cells lie: places are told in cells across and down, the first cell from 1 to 2. */
    public function frame(): GridFrame
    {
        return $this->frame;
    }

    /** @return list<array{float, float, int}> */
    public function corners(): array
    {
        return $this->corners;
    }

    /** @return list<int> corners that can be gone to straight from a corner */
    public function seenFrom(int $corner): array
    {
        return $this->sees[$corner];
    }

    /** @return array{float, float}|null where a boat at a place floats, in cells; null where there is no water near it */
    public function afloat(Position $at): ?array
    {
        [$x, $y] = [$this->frame->columnOf($at->lon) + 1.5, $this->frame->rowOf($at->lat) + 1.5];
        [$col, $row] = [(int) floor($x), (int) floor($y)];
        if ($this->isAfloat($col, $row)) {
            return [$x, $y];
        }
        for ($r = 1; $r <= self::OFF_BANK; $r++) {
            $best = null;
            for ($dy = -$r; $dy <= $r; $dy++) {
                for ($dx = -$r; $dx <= $r; $dx++) {
                    if (max(abs($dx), abs($dy)) === $r && $this->isAfloat($col + $dx, $row + $dy) && ($best === null || $dx * $dx + $dy * $dy < $best[0])) {
                        $best = [$dx * $dx + $dy * $dy, [$col + $dx + 0.5, $row + $dy + 0.5]];
                    }
                }
            }
            if ($best !== null) {
                return $best[1];
            }
        }

        return null;
    }

    /** The place on the earth of a place in cells. */
    public function position(float $x, float $y): Position
    {
        return new Position(...$this->frame->position($x - 1.5, $y - 1.5));
    }

    /**
     * Corners that a way from here can bend around first.
     *
     * @return list<int>
     */
    public function cornersSeenFrom(float $x, float $y): array
    {
        $seen = [];
        foreach ($this->corners as $i => [$cx, $cy, $diagonal]) {
            if (self::touches($cx - $x, $cy - $y, $diagonal) && $this->isOpen($x, $y, $cx, $cy)) {
                $seen[] = $i;
            }
        }

        return $seen;
    }

    /**
     * Whether the straight line between two places in cells crosses nothing but water that floats the boat. Basis: published, the
     * grid traversal of Amanatides and Woo (1987).
     */
    public function isOpen(float $fromX, float $fromY, float $toX, float $toY): bool
    {
        [$col, $row] = [(int) $fromX, (int) $fromY];
        [$dx, $dy] = [$toX - $fromX, $toY - $fromY];
        [$stepX, $stepY] = [$dx < 0 ? -1 : 1, $dy < 0 ? -$this->wide : $this->wide];
        $perX = $dx == 0.0 ? INF : abs(1 / $dx);
        $perY = $dy == 0.0 ? INF : abs(1 / $dy);
        $nextX = $dx == 0.0 ? INF : ($dx > 0 ? $col + 1 - $fromX : $fromX - $col) * $perX;
        $nextY = $dy == 0.0 ? INF : ($dy > 0 ? $row + 1 - $fromY : $fromY - $row) * $perY;
        $cell = $row * $this->wide + $col;
        for ($left = abs((int) $toX - $col) + abs((int) $toY - $row); $left >= 0; $left--) {
            if ($this->floats[$cell] !== '1') {
                return false;
            }
            if ($nextX < $nextY) {
                $cell += $stepX;
                $nextX += $perX;
            } else {
                $cell += $stepY;
                $nextY += $perY;
            }
        }

        return true;
    }

    private function isAfloat(int $col, int $row): bool
    {
        return $col > 0 && $row > 0 && $col < $this->wide - 1 && ($this->floats[$row * $this->wide + $col] ?? '0') === '1';
    }

    /** @return list<array{float, float, int}> where one cell of land stands out into three of water */
    private function findCorners(int $rows): array
    {
        $corners = [];
        for ($row = 1; $row <= $rows + 1; $row++) {
            for ($col = 1; $col < $this->wide; $col++) {
                $at = $row * $this->wide + $col;
                $around = [$this->floats[$at - $this->wide - 1], $this->floats[$at - $this->wide], $this->floats[$at - 1], $this->floats[$at]];
                if (array_sum($around) === 3) {
                    [$east, $south] = [[1, 1], [-1, 1], [1, -1], [-1, -1]][array_search('0', $around, true)];
                    $corners[] = [$col + $east * self::OFF, $row + $south * self::OFF, $east * $south];
                }
            }
        }

        return $corners;
    }

    /** @return list<list<int>> */
    private function findSights(): array
    {
        $sees = array_fill(0, count($this->corners), []);
        foreach ($this->corners as $i => [$x, $y, $diagonal]) {
            for ($j = $i + 1, $count = count($this->corners); $j < $count; $j++) {
                [$toX, $toY, $other] = $this->corners[$j];
                [$dx, $dy] = [$toX - $x, $toY - $y];
                if (self::touches($dx, $dy, $diagonal) && self::touches($dx, $dy, $other) && $this->isOpen($x, $y, $toX, $toY)) {
                    $sees[$i][] = $j;
                    $sees[$j][] = $i;
                }
            }
        }

        return $sees;
    }

    /** Whether a line touches a corner, land on one side of it, so that a way can bend there: it must not run into the land on either end. */
    private static function touches(float $dx, float $dy, int $diagonal): bool
    {
        // Land to the north-west or south-east: a line that rises to the east passes it, as one that falls passes the others.
        return $dx * $dy * $diagonal <= 2 * self::OFF * (abs($dx) + abs($dy));
    }
}
