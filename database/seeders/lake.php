<?php

declare(strict_types=1);

// Ottermark Reservoir, made up: drowned valleys as lines with depth and half width in metres, heights added or taken away.
// Answers [grid, ramp, sections, spots, no-wake zone], places in metres east and south of the corner. Spots: name, place, structure,
// covers, shallow, deep, close by (ft), bank faces (degrees), height on the bank and setback (ft), dock, current (degrees).

use OldEddy\Where\Lake\DepthGrid;

$north = 36.914;
$west = -80.118;
$cell = 14.0;
$cols = 190;
$rows = 165;
// Points of a valley: metres east, metres south, depth in feet, half width in metres.
$valleys = [
    'Ottermark' => [
        [300, 150, 14, 120], [620, 420, 20, 190], [900, 800, 27, 260], [1300, 1050, 33, 330], [1650, 1400, 40, 360], [2050, 1650, 47, 330],
        [2330, 1980, 52, 260],
    ],
    'Ladle Creek' => [[1900, 250, 5, 60], [1750, 480, 10, 100], [1560, 700, 17, 140], [1380, 950, 26, 170]],
    'Cinder Creek' => [[430, 1750, 4, 60], [760, 1640, 9, 95], [1080, 1520, 16, 130], [1450, 1330, 27, 160]],
];
$heights = [[1500, 1180, 16, 70], [1820, 1350, 20, 60], [1010, 700, 8, 60], [2130, 1790, 14, 55], [760, 620, 6, 45]];
$nearest = static function (float $x, float $y, array $points): array {
    $best = [INF, 0.0, 1.0];
    for ($i = 0; $i + 1 < count($points); $i++) {
        [[$ax, $ay, $ad, $aw], [$bx, $by, $bd, $bw]] = [$points[$i], $points[$i + 1]];
        $t = max(0, min(1, (($x - $ax) * ($bx - $ax) + ($y - $ay) * ($by - $ay)) / (($bx - $ax) ** 2 + ($by - $ay) ** 2)));
        // The bank bulges and draws back along the way, and the channel swings from side to side.
        $along = ($i + $t) * 2.1;
        $side = (($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) / hypot($bx - $ax, $by - $ay);
        $width = ($aw + $t * ($bw - $aw)) * (1 + 0.22 * sin($along * 3 + ($side > 0 ? 0 : 2)) + 0.1 * sin($along * 7.3));
        $distance = hypot($x - $ax - $t * ($bx - $ax), $y - $ay - $t * ($by - $ay)) / $width;
        if ($distance < $best[0]) {
            $best = [$distance, $ad + $t * ($bd - $ad), $width, abs($side - 0.45 * $width * sin($along * 1.7)) / $width];
        }
    }

    return $best;
};
$depths = [];
for ($row = 0; $row < $rows; $row++) {
    for ($col = 0; $col < $cols; $col++) {
        [$x, $y] = [$col * $cell, $row * $cell];
        $depth = 0.0;
        foreach ($valleys as $points) {
            [$distance, $deep, , $channel] = $nearest($x, $y, $points) + [3 => 1.0];
            if ($distance < 1) {
                // A shelf at two thirds of the depth with the old channel cut into it.
                $depth = max($depth, 0.66 * $deep * (1 - $distance ** 2.4) + 0.34 * $deep * exp(-($channel / 0.16) ** 2) * (1 - $distance));
            }
        }
        foreach ($depth > 2 ? $heights : [] as [$hx, $hy, $up, $radius]) {
            $depth = max(1.0, $depth - $up * exp(-(($x - $hx) ** 2 + ($y - $hy) ** 2) / (2 * $radius ** 2)));
        }
        $depths[] = round($depth, 1);
    }
}
$dock = static fn (string $kind, float $in, float $out, float $walk, array $extras): array => [
    'kind' => $kind, 'inside_ft' => $in, 'outside_ft' => $out, 'walkway_ft' => $walk, 'extras' => $extras,
];

return [new DepthGrid($north, $west, $cell, $cols, $rows, $depths), [1281, 575], [
    ['Ladle Creek arm', 2060, 660], ['Cinder Creek arm', 150, 1960], ['Lower end', 2050, 1480], ['Upper lake', 900, 330],
], [
    ['Kiln point', 1150, 640, 'secondary_point', ['rock'], 4, 14, 22, 200, 20, 4, null],
    ['Leaning sycamore', 1690, 520, 'creek_bend', ['laydown'], 2, 8, 11, 230, 45, 2, null],
    ['Culvert pocket', 1820, 330, 'notch', ['laydown', 'brush'], 1, 5, 8, 160, 30, 3, null],
    ['Red clay flat', 1480, 720, 'flat', ['none'], 3, 7, 15, 270, null, null, null],
    ['Two stumps', 1600, 840, 'flat', ['stumps'], 2, 6, 14, 300, 15, 10, null],
    ['Beaver log', 1860, 400, 'creek_bend', ['laydown'], 2, 7, 9, 240, 35, 2, null],
    ['Mill road bend', 1530, 1330, 'channel_swing', ['none'], 12, 26, 36, null, null, null, null],
    ['Old fence hump', 1505, 1160, 'hump', ['rock'], 10, 20, 30, null, null, null, null],
    ['Dam corner', 2430, 2080, 'riprap', ['rock'], 3, 24, 45, 250, null, null, null],
    ['Slip row', 870, 1540, 'dock', ['dock'], 3, 9, 13, 20, 14, 0, $dock('floating', 3, 9, 20, ['rod_holders'])],
    ['Quarry notch', 1230, 1560, 'notch', ['rock'], 4, 15, 22, 10, 60, 5, null],
    ['Boathouse dock', 1010, 1460, 'dock', ['dock'], 4, 8, 12, 190, 18, 0, $dock('piling', 4, 8, 12, ['ramp_beside', 'ladder'])],
    ['Long walkway dock', 690, 1580, 'dock', ['dock'], 1.5, 4, 8, 200, 12, 0, $dock('floating', 1.5, 4, 45, ['tangle'])],
    ['Signal point', 1870, 1075, 'main_point', ['rock'], 4, 18, 30, 250, 10, 8, null],
    ['Gravel hook', 2370, 1690, 'main_point', ['rock'], 4, 16, 34, 230, 25, 5, null],
    ['Heron reeds', 520, 560, 'flat', ['reeds'], 1, 5, 12, 45, null, null, null],
    ['Cedar bluff', 1130, 1180, 'bluff_transition', ['rock', 'overhang'], 3, 22, 30, 45, 70, 3, null],
    ['Narrow neck', 330, 230, 'creek_mouth', ['wood'], 2, 9, 13, 150, 35, 4, null],
], [[560, 1420], [1060, 1380], [1080, 1600], [560, 1660]]];
