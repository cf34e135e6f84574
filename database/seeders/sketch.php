<?php

declare(strict_types=1);

// A quarry pond that Marlo drew on the sheet, made up: nobody ever sounded it; seven depths by his own line and lead.
// In metres east and north of the sheet's middle.

$shore = [
    [-118, -10], [-110, 32], [-84, 58], [-46, 66], [-12, 84], [34, 88], [72, 66], [104, 58], [128, 24],
    [118, -14], [96, -30], [88, -58], [52, -76], [8, -70], [-22, -86], [-62, -78], [-96, -52],
];

return [
    'lat' => 36.9246, 'lon' => -80.1312, 'reach_ft' => 130,
    'things' => [
        ['kind' => 'shore', 'points' => $shore],
        ['kind' => 'island', 'points' => [[36, 14], [48, 10], [54, 22], [42, 28]]],
        ['kind' => 'depth', 'points' => [[-70, -8]], 'ft' => 6], ['kind' => 'depth', 'points' => [[-28, 6]], 'ft' => 14], ['kind' => 'depth', 'points' => [[6, -22]], 'ft' => 19],
        ['kind' => 'depth', 'points' => [[14, 46]], 'ft' => 11], ['kind' => 'depth', 'points' => [[70, -16]], 'ft' => 9], ['kind' => 'depth', 'points' => [[-64, 36]], 'ft' => 4],
        ['kind' => 'depth_line', 'points' => [[-96, -36], [-60, -58], [-22, -64], [10, -50], [46, -54]], 'ft' => 5],
        ['kind' => 'bank', 'points' => [[-84, 58], [-46, 66], [-12, 84], [34, 88], [72, 66]], 'ft' => 45],
        ['kind' => 'bank', 'points' => [[88, -58], [52, -76], [8, -70], [-22, -86]], 'ft' => 20],
        ['kind' => 'dock', 'points' => [[-110, 20], [-96, 16]], 'name' => 'Plank dock'], ['kind' => 'creek', 'points' => [[120, 30]], 'name' => 'Seep'],
        ['kind' => 'spot', 'points' => [[40, 6]], 'name' => 'Island rocks', 'structure' => 'island', 'cover' => 'rock', 'ft' => 7],
        ['kind' => 'spot', 'points' => [[-30, -74]], 'name' => 'Fallen oak', 'structure' => 'bluff_transition', 'cover' => 'laydown', 'ft' => 5],
        ['kind' => 'cast', 'points' => [[-8, -58], [-28, -72]]], ['kind' => 'ramp', 'points' => [[-117, -6]]],
    ],
];
