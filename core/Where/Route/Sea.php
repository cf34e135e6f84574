<?php

declare(strict_types=1);

namespace OldEddy\Where\Route;

use OldEddy\Basics\Units\Length;
use OldEddy\Basics\Units\Speed;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use OldEddy\Where\Lake\Shoreline;

/** What slows a boat on a lake: the waves of a wind, cell by cell, and the zones where no wake may be made. */
final readonly class Sea
{
    /** Waves are reckoned on cells of about this many. */
    private const WORKING_CELLS = 6000;

    /**
     * @param  list<float>  $waveFt  by cell
     * @param  list<list<array{float, float}>>  $noWake  rings of longitude and latitude
     */
    private function __construct(private ?DepthGrid $grid, private array $waveFt, public ?float $fromDeg, private array $noWake)
    {
    }

    /**
     * Flat water without zones, or with them.
     *
     * @param  list<list<array{float, float}>>  $noWake  rings of longitude and latitude
     */
    public static function flat(array $noWake = []): self
    {
        return new self(null, [], null, $noWake);
    }

    /**
     * The waves that a wind from a compass direction makes on a lake at its level.
     *
     * @param  list<list<array{float, float}>>  $noWake  rings of longitude and latitude
     */
    public static function of(DepthGrid $lake, Speed $wind, float $fromDeg, array $noWake = []): self
    {
        if ($wind->mph() < Waves::LEAST_MPH) {
            return self::flat($noWake);
        }
        $grid = $lake->coarser((int) ceil(sqrt($lake->cols * $lake->rows / self::WORKING_CELLS)));
        [$east, $south] = [sin(deg2rad($fromDeg)), -cos(deg2rad($fromDeg))];
        $waves = [];
        for ($i = 0, $count = $grid->cols * $grid->rows; $i < $count; $i++) {
            [$col, $row, $cells, $sum] = [$i % $grid->cols, intdiv($i, $grid->cols), 0, 0.0];
            while (($depth = $grid->cell((int) round($col + $east * $cells), (int) round($row + $south * $cells)) ?? 0.0) > 0) {
                $sum += $depth;
                $cells++;
            }
            $waves[] = $cells === 0 ? 0.0 : Waves::heightFt($wind, Length::fromMetres($cells * $grid->cellM), Length::fromFeet($sum / $cells));
        }

        return new self($grid, $waves, $fromDeg, $noWake);
    }

    /** Height of the waves at a place, feet. */
    public function waveFt(Position $at): float
    {
        if ($this->grid === null) {
            return 0.0;
        }
        [$col, $row] = $this->grid->cellAt($at->lat, $at->lon);

        return $col < 0 || $row < 0 || $col >= $this->grid->cols || $row >= $this->grid->rows ? 0.0 : $this->waveFt[$row * $this->grid->cols + $col];
    }

    /** The highest waves of the lake, feet. */
    public function highestFt(): float
    {
        return $this->waveFt === [] ? 0.0 : max($this->waveFt);
    }

    /** Whether no wake may be made at a place. */
    public function isNoWake(Position $at): bool
    {
        foreach ($this->noWake as $ring) {
            if (Shoreline::holds($ring, [$at->lon, $at->lat])) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing of it slows anybody. */
    public function isFlat(): bool
    {
        return $this->grid === null && $this->noWake === [];
    }
}
