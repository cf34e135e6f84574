<?php

declare(strict_types=1);

// Lures drawn behind the boat. Field meanings stand in FamilyRecord. Basis: rules FAMILIES and T3.
return [
    'trolling_spoon' => [
        'text' => 'Trolled flash for open water.',
        'depth_ft' => [3, 40], 'temp_f' => [36, 44, 80, 88], 'columns' => ['suspended', 'mid'], 'speed_ft_s' => [2.2, 4.1],
        'vibration' => 0.4, 'sound' => 0.0, 'flash' => 0.95, 'sight' => 0.7,
        'exposure' => 'treble', 'snag' => 0.3, 'role' => 'search', 'trolled' => true,
        'covers' => ['none' => 1.2],
        'species' => ['toothy' => 1.1, 'walleyes' => 1.0, 'bass' => 0.4],
        'forage' => ['shad', 'minnow', 'perch'], 'lengths_in' => [3.0, 4.0, 5.0], 'big_in' => [6.0, 7.0], 'weights_oz' => [0.25, 0.5, 0.75],
        'hook' => 'single treble', 'trailer' => null, 'line' => 'troll', 'rod' => 'troll',
        'buoyancy' => 'sinks', 'sink_ft_s' => 1.2, 'cadences' => ['troll_steady'], 'colors' => 'metal', 'cast' => 'troll',
    ],
    'banana_plug' => [
        'text' => 'U-shaped wobbler, trolled slowly with much flash and vibration; it rolls over above 1.5 mph.',
        'depth_ft' => [3, 25], 'temp_f' => [36, 44, 78, 86], 'columns' => ['suspended', 'mid'], 'speed_ft_s' => [1.2, 2.2],
        'vibration' => 0.8, 'sound' => 0.1, 'flash' => 0.7, 'sight' => 0.5,
        'exposure' => 'treble', 'snag' => 0.3, 'role' => 'search', 'trolled' => true,
        'covers' => ['none' => 1.2],
        'species' => ['toothy' => 1.15, 'walleyes' => 0.9, 'bass' => 0.4],
        'forage' => ['shad', 'minnow', 'perch'], 'lengths_in' => [3.0, 4.0, 5.5], 'big_in' => [7.0], 'weights_oz' => [0.5],
        'hook' => 'two trebles', 'trailer' => null, 'line' => 'troll', 'rod' => 'troll',
        'buoyancy' => 'floats', 'dive_tiers_ft' => [6, 10, 14], 'cadences' => ['troll_slow'], 'colors' => 'toothy', 'cast' => 'troll',
    ],
];
