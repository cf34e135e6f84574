<?php

declare(strict_types=1);

// The season of each species, one row a species; no row speaks for another (rule F19). Basis: common practice for the cut
// points, those of pike, walleye, zander, perch, crappie and bluegill from memory; usual temperatures and days our own
// choice within them.
// winter: below it is winter · prespawn: early prespawn up to here while warming · spawn: from, to · summer: from ·
// fall: early fall from here down while cooling · usual: °F assumed for a stage that was typed without a temperature, and
// days: the day of the year (northern reckoning) assumed for one without a date, both in the order of the stages:
// winter, early prespawn, prespawn, spawn, postspawn, summer, early fall, fall, late fall.
return [
    'largemouth_bass' => [
        'winter' => 45, 'prespawn' => 55, 'spawn' => [62, 72], 'summer' => 76, 'fall' => 70,
        'usual' => [41, 50, 57, 65, 74, 82, 67, 58, 49], 'days' => [25, 65, 90, 120, 150, 200, 265, 290, 325],
    ],
    'smallmouth_bass' => [
        'winter' => 44, 'prespawn' => 50, 'spawn' => [59, 66], 'summer' => 70, 'fall' => 65,
        'usual' => [40, 47, 54, 62, 68, 75, 64, 57, 48], 'days' => [25, 70, 95, 125, 150, 200, 260, 290, 325],
    ],
    'spotted_bass' => [
        'winter' => 45, 'prespawn' => 54, 'spawn' => [60, 68], 'summer' => 75, 'fall' => 68,
        'usual' => [41, 50, 57, 64, 72, 80, 65, 57, 49], 'days' => [25, 65, 88, 118, 148, 200, 265, 290, 325],
    ],
    'muskellunge' => [
        'winter' => 40, 'prespawn' => 44, 'spawn' => [49, 59], 'summer' => 68, 'fall' => 62,
        'usual' => [36, 42, 46, 54, 64, 74, 61, 56, 46], 'days' => [25, 85, 100, 120, 150, 200, 260, 285, 320],
    ],
    'northern_pike' => [
        'winter' => 38, 'prespawn' => 39, 'spawn' => [40, 52], 'summer' => 65, 'fall' => 60,
        'usual' => [35, 38.5, 39.5, 46, 58, 70, 59, 55, 46], 'days' => [25, 75, 82, 95, 135, 200, 262, 285, 320],
    ],
    'walleye' => [
        'winter' => 38, 'prespawn' => 39, 'spawn' => [42, 52], 'summer' => 68, 'fall' => 60,
        'usual' => [35, 38.5, 40.5, 47, 60, 72, 59, 55, 46], 'days' => [25, 75, 85, 100, 140, 200, 262, 285, 320],
    ],
    'zander' => [
        'winter' => 40, 'prespawn' => 44, 'spawn' => [50, 59], 'summer' => 68, 'fall' => 60,
        'usual' => [36, 42, 47, 55, 64, 72, 59, 55, 46], 'days' => [25, 80, 100, 120, 150, 200, 262, 285, 320],
    ],
    'yellow_perch' => [
        'winter' => 38, 'prespawn' => 40, 'spawn' => [45, 54], 'summer' => 68, 'fall' => 60,
        'usual' => [35, 39, 42, 50, 61, 72, 59, 55, 46], 'days' => [25, 75, 88, 110, 145, 200, 262, 285, 320],
    ],
    'black_crappie' => [
        'winter' => 42, 'prespawn' => 50, 'spawn' => [60, 68], 'summer' => 75, 'fall' => 65,
        'usual' => [39, 46, 55, 64, 72, 80, 64, 57, 48], 'days' => [25, 65, 92, 122, 152, 200, 262, 290, 325],
    ],
    'bluegill' => [
        'winter' => 45, 'prespawn' => 58, 'spawn' => [67, 80], 'summer' => 80, 'fall' => 70,
        'usual' => [41, 52, 62, 73, 80, 83, 67, 58, 49], 'days' => [25, 70, 105, 145, 180, 205, 265, 290, 325],
    ],
];
