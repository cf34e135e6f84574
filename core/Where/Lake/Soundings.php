<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use InvalidArgumentException;
use OldEddy\Basics\Units\Length;

/**
 * Gathers soundings into cells, one at a time, so that a file of any length needs no more room than its lake. The grid
 * fills only what lies near a sounding; the rest stays unknown. A lake too large for its cells gets cells twice as large, as
 * often as it takes. Basis: our own choice; inverse distance is common.
 */
final class Soundings
{
    /** At most so many cells, or they grow. */
    public const MOST_CELLS = 1_000_000;

    /** No lake is longer than this, metres; what lies farther is a wrong coordinate. Basis: our own choice. */
    public const LONGEST_M = 150_000.0;

    /** Largest and smallest side of a cell that can be asked for, metres. */
    public const CELL_M = [1.0, 500.0];

    /** No lake is deeper, feet: what is, is no depth. Basis: our own choice. */
    public const DEEPEST_FT = 2000.0;

    /** Fewer places than this make no bottom. */
    public const LEAST = 3;

    /** @var array<int, float> */
    private array $sum = [];

    /** @var array<int, int> */
    private array $count = [];

    private ?float $north0 = null;

    private float $west0 = 0.0;

    /** Metres from the first sounding to the middle of its cell, south and east alike. */
    private float $offsetM = 0.0;

    /** @var array{int, int, int, int} least and most column, least and most row */
    private array $span = [PHP_INT_MAX, PHP_INT_MIN, PHP_INT_MAX, PHP_INT_MIN];

    private int $taken = 0;

    /**
     * @param  float  $cellM  side of a cell in metres, 1 to 500
     * @param  int  $mostCells  from so many on cells grow
     */
    public function __construct(private float $cellM, private readonly int $mostCells = self::MOST_CELLS)
    {
        if (is_nan($cellM) || $cellM < self::CELL_M[0] || $cellM > self::CELL_M[1]) {
            throw new InvalidArgumentException('The cell size must be from 1 to 500 m.');
        }
    }

    /**
     * One sounding: degrees and feet below the surface (0 to 2000).
     *
     * @throws InvalidArgumentException when it cannot be one of this lake
     */
    public function add(float $lat, float $lon, float $depthFt): void
    {
        if (abs($lat) > 85 || abs($lon) > 180) {
            throw new InvalidArgumentException(
                abs($lat) <= 180
                    && abs($lon) <= 85
                    ? 'latitude and longitude seem to be exchanged'
                    : 'the coordinates are no degrees of latitude and longitude',
            );
        }
        if (is_nan($depthFt) || $depthFt < 0 || $depthFt > self::DEEPEST_FT) {
            throw new InvalidArgumentException('the depth must be from 0 to 2000 ft');
        }
        if ($this->north0 === null) {
            [$this->north0, $this->west0] = [$lat, $lon];
        }
        $south = ($this->north0 - $lat) * DepthGrid::METRES_PER_DEGREE;
        $east = ($lon - $this->west0) * DepthGrid::METRES_PER_DEGREE * cos(deg2rad($this->north0));
        do {
            $row = (int) round(($south - $this->offsetM) / $this->cellM);
            $col = (int) round(($east - $this->offsetM) / $this->cellM);
            [$left, $right, $top, $bottom] = $this->span;
            $span = [min($left, $col), max($right, $col), min($top, $row), max($bottom, $row)];
            [$cols, $rows] = [$span[1] - $span[0] + 1, $span[3] - $span[2] + 1];
            if (max($cols, $rows) * $this->cellM > self::LONGEST_M) {
                throw new InvalidArgumentException('this sounding lies too far from the others for one lake');
            }
            $fits = $cols * $rows <= $this->mostCells;
            if (! $fits) {
                $this->grow();
            }
        } while (! $fits);
        $this->span = $span;
        $key = self::key($row, $col);
        $this->sum[$key] = ($this->sum[$key] ?? 0.0) + $depthFt;
        $this->count[$key] = ($this->count[$key] ?? 0) + 1;
        $this->taken++;
    }

    /** Cells of twice the side: each takes up four of those before. */
    private function grow(): void
    {
        [$sum, $count] = [[], []];
        foreach ($this->sum as $key => $own) {
            [$row, $col] = self::cell($key);
            $to = self::key($row >> 1, $col >> 1);
            $sum[$to] = ($sum[$to] ?? 0.0) + $own;
            $count[$to] = ($count[$to] ?? 0) + $this->count[$key];
        }
        [$this->sum, $this->count] = [$sum, $count];
        $this->span = array_map(static fn (int $edge): int => $edge === PHP_INT_MAX || $edge === PHP_INT_MIN ? $edge : $edge >> 1, $this->span);
        $this->offsetM += $this->cellM / 2;
        $this->cellM *= 2;
    }

    /** Columns and rows are counted from the first sounding, which stands in the middle of a million by a million. */
    private static function key(int $row, int $col): int
    {
        return ($row + 500_000) * 1_000_000 + $col + 500_000;
    }

    /** @return array{int, int} row and column of a key */
    private static function cell(int $key): array
    {
        return [intdiv($key, 1_000_000) - 500_000, $key % 1_000_000 - 500_000];
    }

    /** Side of a cell as it is now, metres. */
    public function cellM(): float
    {
        return $this->cellM;
    }

    /** Soundings taken so far. */
    public function taken(): int
    {
        return $this->taken;
    }

    /** Cells that were sounded. */
    public function places(): int
    {
        return count($this->sum);
    }

    /**
     * The grid: means of the cells that were sounded, inverse distance for those within a gap (feet), unknown beyond.
     *
     * @throws InvalidArgumentException with fewer than three cells sounded
     */
    public function grid(float $gapFt = 100.0): DepthGrid
    {
        if ($this->north0 === null || $this->places() < self::LEAST) {
            throw new InvalidArgumentException('At least three soundings in different places are needed.');
        }
        [$left, $right, $top, $bottom] = $this->span;
        $cols = $right - $left + 1;
        $rows = $bottom - $top + 1;
        $reach = max(1, (int) floor(Length::fromFeet($gapFt)->metres() / $this->cellM));
        $known = [];
        foreach ($this->sum as $key => $sum) {
            [$row, $col] = self::cell($key);
            $known[($row - $top) * $cols + $col - $left] = $sum / $this->count[$key];
        }
        $depths = self::fill($known, $cols, $rows, $reach);
        $perLon = DepthGrid::METRES_PER_DEGREE * cos(deg2rad($this->north0));

        return new DepthGrid(
            $this->north0 - ($this->offsetM + $top * $this->cellM) / DepthGrid::METRES_PER_DEGREE,
            $this->west0 + ($this->offsetM + $left * $this->cellM) / $perLon,
            $this->cellM,
            $cols,
            $rows,
            $depths,
            $this->north0,
        );
    }

    /**
     * @param  array<int, float>  $known
     * @return list<?float>
     */
    private static function fill(array $known, int $cols, int $rows, int $reach): array
    {
        $weights = [];
        for ($dy = -$reach; $dy <= $reach; $dy++) {
            for ($dx = -$reach; $dx <= $reach; $dx++) {
                $square = $dx * $dx + $dy * $dy;
                if ($square > 0 && $square <= $reach * $reach) {
                    $weights[] = [$dx, $dy, 1 / $square];
                }
            }
        }
        $sum = [];
        $weight = [];
        foreach ($known as $cell => $depth) {
            $row = intdiv($cell, $cols);
            $col = $cell % $cols;
            foreach ($weights as [$dx, $dy, $w]) {
                $x = $col + $dx;
                $y = $row + $dy;
                if ($x >= 0 && $y >= 0 && $x < $cols && $y < $rows && ! isset($known[$y * $cols + $x])) {
                    $to = $y * $cols + $x;
                    $sum[$to] = ($sum[$to] ?? 0.0) + $w * $depth;
                    $weight[$to] = ($weight[$to] ?? 0.0) + $w;
                }
            }
        }
        $depths = [];
        for ($cell = 0; $cell < $cols * $rows; $cell++) {
            $depths[] = $known[$cell] ?? (isset($sum[$cell]) ? $sum[$cell] / $weight[$cell] : null);
        }

        return $depths;
    }
}
