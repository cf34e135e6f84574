<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use InvalidArgumentException;

/** Where the square cells of a grid lie, row by row from the north-west. On the small span of a lake, degrees are taken as straight metres. */
readonly class GridFrame
{
    public const METRES_PER_DEGREE = 111_320.0;

    /**
     * @param  float  $north  latitude of the middle of the first row, degrees
     * @param  float  $west  longitude of the middle of the first column, degrees
     * @param  float  $cellM  side of a cell, metres, over 0
     * @param  ?float  $squareAt  latitude at which a cell is as wide as it is high, degrees; the first row's where it is not said
     */
    public function __construct(
        public float $north,
        public float $west,
        public float $cellM,
        public int $cols,
        public int $rows,
        public ?float $squareAt = null,
    ) {
        if ($cellM <= 0 || $cols < 1 || $rows < 1) {
            throw new InvalidArgumentException('A grid needs a cell size over 0 and at least one cell.');
        }
    }

    /** @return array{int, int} column and row in which a position lies, maybe outside */
    public function cellAt(float $lat, float $lon): array
    {
        return [(int) round($this->columnOf($lon)), (int) round($this->rowOf($lat))];
    }

    /** The column of a longitude, with its part between two. */
    public function columnOf(float $lon): float
    {
        return ($lon - $this->west) * $this->metresPerLon() / $this->cellM;
    }

    /** The row of a latitude, with its part between two. */
    public function rowOf(float $lat): float
    {
        return ($this->north - $lat) * self::METRES_PER_DEGREE / $this->cellM;
    }

    /** @return array{float, float} latitude and longitude of the middle of a cell, or of a place between cells */
    public function position(float $col, float $row): array
    {
        return [$this->north - $row * $this->cellM / self::METRES_PER_DEGREE, $this->west + $col * $this->cellM / $this->metresPerLon()];
    }

    /** Metres of a degree of longitude, as the grid takes them. */
    public function metresPerLon(): float
    {
        return self::METRES_PER_DEGREE * cos(deg2rad($this->squareAt ?? $this->north));
    }
}
