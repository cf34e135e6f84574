<?php

declare(strict_types=1);

// Lures worked on the surface. Field meanings stand in LureFamily. Basis: handbook 03; numbers from 0 to 1 and
// factors are our own scale of what the handbook says in words.
return [
    'hollow_frog' => [
        'text' => 'Floats and is weedless: pads, matted grass, reeds, under docks and branches. Can stand still beside one target for fish that will not chase.',
        'depth_ft' => [0, 0], 'temp_f' => [55, 62, 86, 92], 'columns' => ['surface'], 'speed_ft_s' => [0.3, 2.0],
        'vibration' => 0.35, 'sound' => 0.3, 'flash' => 0.0, 'sight' => 0.5,
        'exposure' => 'weedless', 'snag' => 0.03, 'role' => 'search',
        'covers' => ['lily_pads' => 1.6, 'grass_matted' => 1.8, 'reeds' => 1.25, 'overhang' => 1.2, 'none' => 0.35, 'rock' => 0.4, 'brush' => 0.7, 'grass_edge' => 0.85],
        'species' => ['bass' => 1.0, 'smallmouth_bass' => 0.5, 'northern_pike' => 0.8],
        'stages' => ['spawn' => 1.0, 'postspawn' => 1.1, 'summer' => 1.15, 'early_fall' => 1.1, 'prespawn' => 0.7],
        'forage' => ['frog', 'bluegill'], 'lengths_in' => [2.5, 3.0], 'weights_oz' => [0.5, 0.625, 0.75],
        'hook' => 'double frog hook', 'trailer' => null, 'line' => 'braid_heavy', 'rod' => 'frog',
        'buoyancy' => 'floats', 'cadences' => ['frog_rest', 'frog_twitch'], 'colors' => 'frog', 'cast' => 'pitch',
    ],
    'toad' => [
        'text' => 'Soft and gurgling, between frog and buzzbait: holes and pockets in weeds, along docks. Fish follow it and take when it is killed.',
        'depth_ft' => [0, 1], 'temp_f' => [58, 65, 86, 92], 'columns' => ['surface'], 'speed_ft_s' => [1.0, 3.0],
        'vibration' => 0.5, 'sound' => 0.4, 'flash' => 0.0, 'sight' => 0.45,
        'exposure' => 'weedless', 'snag' => 0.06, 'role' => 'search',
        'covers' => ['grass_submerged' => 1.15, 'lily_pads' => 1.25, 'grass_matted' => 0.9, 'reeds' => 1.1, 'dock' => 1.1, 'none' => 0.5, 'rock' => 0.5],
        'species' => ['bass' => 1.0, 'smallmouth_bass' => 0.6, 'northern_pike' => 0.7],
        'stages' => ['postspawn' => 1.1, 'summer' => 1.1, 'early_fall' => 1.05, 'prespawn' => 0.6],
        'forage' => ['frog', 'bluegill'], 'lengths_in' => [3.5, 4.0], 'weights_oz' => [0.25],
        'hook' => 'weighted 4/0 wide-gap hook, about {1/4 oz}', 'trailer' => null, 'line' => 'braid_heavy', 'rod' => 'frog',
        'buoyancy' => 'sinks', 'cadences' => ['gurgle_and_kill'], 'colors' => 'frog', 'cast' => 'long',
    ],
    'buzzbait' => [
        'text' => 'Fast surface search. From the upper 40s with a big blade and a bulky buoyant trailer, crawled over deep points; smaller and faster from the upper 50s over flats and cover.',
        'depth_ft' => [0, 0], 'temp_f' => [47, 58, 84, 90], 'columns' => ['surface'], 'speed_ft_s' => [1.8, 4.0],
        'vibration' => 0.8, 'sound' => 0.7, 'flash' => 0.4, 'sight' => 0.3,
        'exposure' => 'guarded', 'snag' => 0.2, 'role' => 'search',
        'covers' => ['grass_matted' => 0.3, 'grass_edge' => 1.05, 'wood' => 1.1, 'laydown' => 1.1, 'stumps' => 1.1, 'shade' => 1.15],
        'species' => ['bass' => 1.0, 'northern_pike' => 0.6, 'muskellunge' => 0.7],
        'stages' => ['postspawn' => 1.1, 'early_fall' => 1.15, 'fall' => 1.1, 'winter' => 0.3],
        'forage' => ['shad', 'bluegill'], 'lengths_in' => [3.5, 4.5], 'weights_oz' => [0.25, 0.375, 0.5],
        'hook' => 'single 4/0 with stinger', 'trailer' => 'buoyant swimming trailer', 'line' => 'braid_mid', 'rod' => 'moving',
        'buoyancy' => 'sinks', 'cadences' => ['buzz_slow', 'buzz_fast'], 'colors' => 'surface', 'cast' => 'parallel',
    ],
    'walking_topwater' => [
        'text' => 'Walks side to side in open water, along shade lines in clear water, over suspended fish, near bluegill beds and after the spawn.',
        'depth_ft' => [0, 0], 'temp_f' => [57, 63, 82, 88], 'columns' => ['surface'], 'speed_ft_s' => [1.0, 3.0],
        'vibration' => 0.3, 'sound' => 0.4, 'flash' => 0.3, 'sight' => 0.85,
        'exposure' => 'treble', 'snag' => 0.35, 'role' => 'search',
        'covers' => ['none' => 1.15, 'grass_submerged' => 0.9, 'shade' => 1.1],
        'species' => ['bass' => 1.0, 'smallmouth_bass' => 1.1, 'muskellunge' => 0.8, 'northern_pike' => 0.7],
        'stages' => ['postspawn' => 1.25, 'summer' => 1.05, 'early_fall' => 1.15, 'fall' => 0.95, 'prespawn' => 0.7],
        'forage' => ['shad', 'bluegill', 'minnow'], 'lengths_in' => [3.5, 4.5], 'weights_oz' => [0.375, 0.5, 0.75],
        'hook' => 'two trebles', 'trailer' => null, 'line' => 'mono', 'rod' => 'jerk',
        'buoyancy' => 'floats', 'cadences' => ['walk'], 'colors' => 'surface', 'cast' => 'long',
    ],
    'popper' => [
        'text' => 'Spits and rests beside one target: shade lines in clear water, bluegill beds, after the spawn, calm mornings.',
        'depth_ft' => [0, 0], 'temp_f' => [58, 64, 84, 90], 'columns' => ['surface'], 'speed_ft_s' => [0.4, 1.5],
        'vibration' => 0.35, 'sound' => 0.5, 'flash' => 0.2, 'sight' => 0.7,
        'exposure' => 'treble', 'snag' => 0.3, 'role' => 'finesse',
        'covers' => ['shade' => 1.2, 'overhang' => 1.15, 'dock' => 1.1, 'none' => 1.0],
        'species' => ['bass' => 1.0, 'smallmouth_bass' => 1.05, 'bluegill' => 0.9],
        'stages' => ['spawn' => 0.9, 'postspawn' => 1.25, 'summer' => 1.05, 'early_fall' => 1.0, 'prespawn' => 0.6],
        'forage' => ['bluegill', 'shad', 'insects'], 'lengths_in' => [2.0, 2.5, 3.0], 'weights_oz' => [0.25, 0.375],
        'hook' => 'two trebles, rear dressed', 'trailer' => null, 'line' => 'mono', 'rod' => 'jerk',
        'buoyancy' => 'floats', 'cadences' => ['pop_and_rest'], 'colors' => 'surface', 'cast' => 'pitch',
    ],
];
