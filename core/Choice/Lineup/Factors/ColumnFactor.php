<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lineup\Factors;

use OldEddy\Choice\Lineup\Effect;
use OldEddy\Choice\Lineup\Factor;
use OldEddy\Choice\Lures\LureFamily;
use OldEddy\Reading\Column;
use OldEddy\Reading\Reading;

/** Whether the lure works in the fish's part of the water column. Basis: handbook 02 and 03, factors our own. */
final class ColumnFactor implements Factor
{
    /** How well a lure of one part serves fish of another. */
    private const NEAR = [
        'bottom' => ['bottom' => 1.0, 'mid' => 0.85, 'suspended' => 0.65, 'surface' => 0.5],
        'mid' => ['bottom' => 0.85, 'mid' => 1.0, 'suspended' => 0.95, 'surface' => 0.8],
        'suspended' => ['bottom' => 0.6, 'mid' => 0.95, 'suspended' => 1.0, 'surface' => 0.7],
        'surface' => ['bottom' => 0.45, 'mid' => 0.85, 'suspended' => 0.9, 'surface' => 1.0],
    ];

    public function weigh(LureFamily $lure, Reading $reading): Effect
    {

        $place = array_search($reading->stand->column, $lure->columns, true);
        if ($place !== false) {
            return new Effect('column', [1.12, 1.08, 1.0][$place] ?? 1.0, 'It works '.self::words($reading->stand->column).', where they are.', 'FAMILIES');
        }
        $best = 0.3;
        foreach ($lure->columns as $column) {
            $best = max($best, self::NEAR[$reading->stand->column->value][$column->value]);
        }
        // In a few feet of water every part of the column is within reach of every other.
        $best = 1 - (1 - $best) * min(1.0, $reading->stand->deepFt / 12);

        return new Effect('column', $best, 'They are '.self::words($reading->stand->column).'; it works elsewhere.', 'FAMILIES');
    }

    private static function words(Column $column): string
    {
        return match ($column) {
            Column::Bottom => 'on the bottom',
            Column::Mid => 'in mid water',
            Column::Suspended => 'suspended',
            Column::Surface => 'at the surface',
        };
    }
}
