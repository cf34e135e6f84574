<?php

declare(strict_types=1);

// The season of each species, one row a species; no row speaks for another (rule F19). Basis: common practice for the cut
// points, those of pike, walleye, zander, perch, crappie and bluegill from memory; usual temperatures and days our own
// choice within them.
// winter: below it is winter · prespawn: early prespawn up to here while warming · spawn: from, to · summer: from ·
// fall: early fall from here down while cooling · usual: °F assumed for a stage that was typed without a temperature, and
// days: the day of the year (northern reckoning) assumed for one without a date, both by stage.
return [
    'largemouth_bass' => [
        'winter' => 45, 'prespawn' => 55, 'spawn' => [62, 72], 'summer' => 76, 'fall' => 70,
        'usual' => [
            'winter' => 41, 'early_prespawn' => 50, 'prespawn' => 57, 'spawn' => 65, 'postspawn' => 74,
            'summer' => 82, 'early_fall' => 67, 'fall' => 58, 'late_fall' => 49,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 65, 'prespawn' => 90, 'spawn' => 120, 'postspawn' => 150,
            'summer' => 200, 'early_fall' => 265, 'fall' => 290, 'late_fall' => 325,
        ],
    ],
    'smallmouth_bass' => [
        'winter' => 44, 'prespawn' => 50, 'spawn' => [59, 66], 'summer' => 70, 'fall' => 65,
        'usual' => [
            'winter' => 40, 'early_prespawn' => 47, 'prespawn' => 54, 'spawn' => 62, 'postspawn' => 68,
            'summer' => 75, 'early_fall' => 64, 'fall' => 57, 'late_fall' => 48,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 70, 'prespawn' => 95, 'spawn' => 125, 'postspawn' => 150,
            'summer' => 200, 'early_fall' => 260, 'fall' => 290, 'late_fall' => 325,
        ],
    ],
    'spotted_bass' => [
        'winter' => 45, 'prespawn' => 54, 'spawn' => [60, 68], 'summer' => 75, 'fall' => 68,
        'usual' => [
            'winter' => 41, 'early_prespawn' => 50, 'prespawn' => 57, 'spawn' => 64, 'postspawn' => 72,
            'summer' => 80, 'early_fall' => 65, 'fall' => 57, 'late_fall' => 49,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 65, 'prespawn' => 88, 'spawn' => 118, 'postspawn' => 148,
            'summer' => 200, 'early_fall' => 265, 'fall' => 290, 'late_fall' => 325,
        ],
    ],
    'muskellunge' => [
        'winter' => 40, 'prespawn' => 44, 'spawn' => [49, 59], 'summer' => 68, 'fall' => 62,
        'usual' => [
            'winter' => 36, 'early_prespawn' => 42, 'prespawn' => 46, 'spawn' => 54, 'postspawn' => 64,
            'summer' => 74, 'early_fall' => 61, 'fall' => 56, 'late_fall' => 46,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 85, 'prespawn' => 100, 'spawn' => 120, 'postspawn' => 150,
            'summer' => 200, 'early_fall' => 260, 'fall' => 285, 'late_fall' => 320,
        ],
    ],
    'northern_pike' => [
        'winter' => 38, 'prespawn' => 39, 'spawn' => [40, 52], 'summer' => 65, 'fall' => 60,
        'usual' => [
            'winter' => 35, 'early_prespawn' => 38.5, 'prespawn' => 39.5, 'spawn' => 46, 'postspawn' => 58,
            'summer' => 70, 'early_fall' => 59, 'fall' => 55, 'late_fall' => 46,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 75, 'prespawn' => 82, 'spawn' => 95, 'postspawn' => 135,
            'summer' => 200, 'early_fall' => 262, 'fall' => 285, 'late_fall' => 320,
        ],
    ],
    'walleye' => [
        'winter' => 38, 'prespawn' => 39, 'spawn' => [42, 52], 'summer' => 68, 'fall' => 60,
        'usual' => [
            'winter' => 35, 'early_prespawn' => 38.5, 'prespawn' => 40.5, 'spawn' => 47, 'postspawn' => 60,
            'summer' => 72, 'early_fall' => 59, 'fall' => 55, 'late_fall' => 46,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 75, 'prespawn' => 85, 'spawn' => 100, 'postspawn' => 140,
            'summer' => 200, 'early_fall' => 262, 'fall' => 285, 'late_fall' => 320,
        ],
    ],
    'zander' => [
        'winter' => 40, 'prespawn' => 44, 'spawn' => [50, 59], 'summer' => 68, 'fall' => 60,
        'usual' => [
            'winter' => 36, 'early_prespawn' => 42, 'prespawn' => 47, 'spawn' => 55, 'postspawn' => 64,
            'summer' => 72, 'early_fall' => 59, 'fall' => 55, 'late_fall' => 46,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 80, 'prespawn' => 100, 'spawn' => 120, 'postspawn' => 150,
            'summer' => 200, 'early_fall' => 262, 'fall' => 285, 'late_fall' => 320,
        ],
    ],
    'yellow_perch' => [
        'winter' => 38, 'prespawn' => 40, 'spawn' => [45, 54], 'summer' => 68, 'fall' => 60,
        'usual' => [
            'winter' => 35, 'early_prespawn' => 39, 'prespawn' => 42, 'spawn' => 50, 'postspawn' => 61,
            'summer' => 72, 'early_fall' => 59, 'fall' => 55, 'late_fall' => 46,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 75, 'prespawn' => 88, 'spawn' => 110, 'postspawn' => 145,
            'summer' => 200, 'early_fall' => 262, 'fall' => 285, 'late_fall' => 320,
        ],
    ],
    'black_crappie' => [
        'winter' => 42, 'prespawn' => 50, 'spawn' => [60, 68], 'summer' => 75, 'fall' => 65,
        'usual' => [
            'winter' => 39, 'early_prespawn' => 46, 'prespawn' => 55, 'spawn' => 64, 'postspawn' => 72,
            'summer' => 80, 'early_fall' => 64, 'fall' => 57, 'late_fall' => 48,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 65, 'prespawn' => 92, 'spawn' => 122, 'postspawn' => 152,
            'summer' => 200, 'early_fall' => 262, 'fall' => 290, 'late_fall' => 325,
        ],
    ],
    'bluegill' => [
        'winter' => 45, 'prespawn' => 58, 'spawn' => [67, 80], 'summer' => 80, 'fall' => 70,
        'usual' => [
            'winter' => 41, 'early_prespawn' => 52, 'prespawn' => 62, 'spawn' => 73, 'postspawn' => 80,
            'summer' => 83, 'early_fall' => 67, 'fall' => 58, 'late_fall' => 49,
        ],
        'days' => [
            'winter' => 25, 'early_prespawn' => 70, 'prespawn' => 105, 'spawn' => 145, 'postspawn' => 180,
            'summer' => 205, 'early_fall' => 265, 'fall' => 290, 'late_fall' => 325,
        ],
    ],
];
