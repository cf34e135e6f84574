<?php

declare(strict_types=1);

// The river below Ottermark dam, made up: a bend with a gravel bar, an island, an eddy behind a ledge of rock, a bridge.
// Answers [grid, ramp, sections, spots]; spots as in lake.php, with the direction of the current last.

use OldEddy\Where\Lake\DepthGrid;

$cell = 6.0;
[$cols, $rows] = [170, 70];
$middle = static fn (float $x): float => 210 + 95 * sin($x / 190);
$depths = [];
for ($row = 0; $row < $rows; $row++) {
    for ($col = 0; $col < $cols; $col++) {
        [$x, $y] = [$col * $cell, $row * $cell];
        $aside = ($y - $middle($x)) / 48;
        // The deep side swings to the outside of the bend; the bar and the island rise out of it.
        $deep = 9 * (1 - $aside ** 2) * (1 + 0.45 * $aside * sin($x / 190));
        $bar = 6.5 * exp(-(($x - 330) / 40) ** 2 - (($y - $middle(330) - 18) / 20) ** 2);
        $island = 14 * exp(-(($x - 640) / 46) ** 4 - (($y - $middle(640)) / 15) ** 4);
        $depths[] = abs($aside) < 1 ? round(max($island > 8 ? 0.0 : 0.4, $deep - $bar - $island), 1) : 0.0;
    }
}

return [new DepthGrid(36.8905, -80.0905, $cell, $cols, $rows, $depths), [95, 215], [['Tailwater', 30, 130], ['Below the bridge', 800, 40]], [
    ['Long bar', 345, 318, 'gravel_bar', ['none'], 2, 7, 9, 0, 25, 6, null, 95],
    ['Ledge eddy', 180, 245, 'eddy', ['rock'], 3, 9, 9, 20, 40, 2, null, 105],
    ['Alder seam', 460, 300, 'current_seam', ['overhang'], 3, 8, 9, 10, 30, 1, null, 70],
    ['Heron island', 690, 185, 'island', ['wood'], 2, 7, 9, null, null, null, null, 60],
    ['Plank bridge', 860, 120, 'bridge', ['shade'], 3, 8, 9, null, null, null, null, 80],
    ['Ferry creek', 560, 200, 'creek_mouth', ['laydown'], 1, 5, 9, 180, 35, 3, null, 50],
]];
