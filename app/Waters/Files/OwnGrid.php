<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\PackedGrid;
use OldEddy\Where\Lake\DepthGrid;
use Throwable;

/** Rows of a depth grid as they stand in a file of one's own: every cell exactly as it was, unknown ones among them. */
final class OwnGrid
{
    /** Cells of one feature: a grid goes out in pieces. */
    private const CELLS = 200_000;

    /** @return iterable<array<string, mixed>> properties of the features that hold a grid */
    public static function write(DepthGrid $grid): iterable
    {
        $at_once = max(1, intdiv(self::CELLS, $grid->cols));
        for ($row = 0; $row < $grid->rows; $row += $at_once) {
            $rows = min($at_once, $grid->rows - $row);
            $piece = new DepthGrid(
                $grid->north,
                $grid->west,
                $grid->cellM,
                $grid->cols,
                $rows,
                array_slice($grid->depthsFt, $row * $grid->cols, $rows * $grid->cols),
                $grid->squareAt,
            );
            yield ['kind' => 'depth_grid', 'of' => [$grid->cols, $grid->rows], 'first_row' => $row, 'cells' => base64_encode(PackedGrid::pack($piece))];
        }
    }

    /**
     * The rows as a grid that lies where they lie: its first row is the piece's own.
     *
     * @param  array<string, mixed>  $about
     */
    public static function read(array $about, int $number): DepthGrid
    {
        try {
            $piece = PackedGrid::unpack((string) base64_decode(is_string($about['cells'] ?? null) ? $about['cells'] : '', true));
        } catch (Throwable) {
            throw new Refused("Feature {$number} should hold rows of a depth grid, and they cannot be read.");
        }

        return $piece;
    }

    /**
     * The pieces of one file put together.
     *
     * @param  non-empty-list<DepthGrid>  $pieces  in the order of their rows
     */
    public static function joined(array $pieces): DepthGrid
    {
        [$first] = $pieces;
        $depths = [];
        foreach ($pieces as $piece) {
            if ($piece->cols !== $first->cols || $piece->cellM !== $first->cellM) {
                throw new Refused('The rows of the depth grid in this file do not belong together.');
            }
            array_push($depths, ...$piece->depthsFt);
        }

        return new DepthGrid($first->north, $first->west, $first->cellM, $first->cols, intdiv(count($depths), $first->cols), $depths, $first->squareAt);
    }
}
