<?php

declare(strict_types=1);

// The mill pond above Ottermark, made up: an oval with a dam at its lower end, a drowned wall and a lily corner.
// Answers [grid, ramp, sections, spots]; ramp and spots in metres east and south of the corner, spots as in lake.php.

use OldEddy\Where\Lake\DepthGrid;

$cell = 5.0;
[$cols, $rows] = [84, 64];
$depths = [];
for ($row = 0; $row < $rows; $row++) {
    for ($col = 0; $col < $cols; $col++) {
        [$x, $y] = [$col * $cell - 210, $row * $cell - 160];
        $out = hypot($x / (175 + 18 * sin($y / 40)), $y / (125 + 14 * cos($x / 50)));
        // Deepest before the dam in the east, with the old wall across the middle.
        $deep = 8 + 6 * ($x + 200) / 400;
        $wall = 4 * exp(-(($x + 20 - $y / 6) / 9) ** 2);
        $depths[] = $out < 1 ? round(max(0.6, $deep * (1 - $out ** 3) - $wall), 1) : 0.0;
    }
}

return [new DepthGrid(36.9312, -80.1245, $cell, $cols, $rows, $depths), [330, 250], [['Mill pond', 120, 30]], [
    ['Lily corner', 80, 110, 'flat', ['lily_pads'], 1, 3, 6, 120, 30, 3, null],
    ['Drowned wall', 190, 150, 'hump', ['rock'], 3, 7, 9, null, null, null, null],
    ['Mill dam', 372, 160, 'riprap', ['rock'], 3, 11, 13, 270, 15, 0, null],
    ['Willow bank', 200, 40, 'notch', ['overhang', 'laydown'], 1, 5, 8, 180, 35, 1, null],
    ['Race mouth', 350, 90, 'creek_mouth', ['wood'], 2, 6, 9, 230, 20, 4, null],
]];
