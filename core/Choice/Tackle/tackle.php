<?php

declare(strict_types=1);

// Lines and rods by use: line => [text, diameter in mm], rod => text. Basis: rules D6 and D7, common practice;
// diameters are usual ones, from memory.
return [
    'lines' => [
        'braid_heavy' => ['{50-65 lb} braid', 0.38],
        'braid_mid' => ['{40-50 lb} braid', 0.33],
        'braid_light' => ['{10-15 lb} braid with an {8-10 lb} fluorocarbon leader', 0.20],
        'fluoro_20' => ['{17-20 lb} fluorocarbon', 0.40],
        'fluoro_17' => ['{15-17 lb} fluorocarbon', 0.36],
        'fluoro_15' => ['{15 lb} fluorocarbon', 0.34],
        'fluoro_12' => ['{12 lb} fluorocarbon', 0.30],
        'fluoro_10' => ['{10-12 lb} fluorocarbon', 0.28],
        'mono' => ['{12-15 lb} monofilament, which floats', 0.36],
        'worm' => ['{10-15 lb} fluorocarbon', 0.31],
        'light' => ['{10 lb} braid with a {6-8 lb} fluorocarbon leader', 0.18],
        'walleye' => ['{15 lb} braid with a {10 lb} leader', 0.23],
        'panfish' => ['{4-6 lb} monofilament', 0.20],
        'toothy' => ['{50-80 lb} braid', 0.40],
        'muskellunge' => ['{65-80 lb} braid', 0.42],
        'troll' => ['{20 lb} braid with a {7-8 ft} fluorocarbon leader', 0.25],
    ],
    'rods' => [
        'frog' => "7' to 7'6\" heavy, fast",
        'flip' => "7' to 7'6\" heavy",
        'moving' => "7' medium-heavy, moderate-fast",
        'swim_jig' => "7'3\" medium-heavy, fast, reel about 8:1",
        'crank' => "7' medium, parabolic",
        'jerk' => "7' medium",
        'football' => "7'6\" heavy",
        'swimbait' => "7'6\" to 8' heavy",
        'worm' => "7' medium-heavy, fast",
        'spinning' => "7' medium-light spinning",
        'ultralight' => "6' to 7' ultralight spinning",
        'walleye' => "6'6\" medium spinning, fast",
        'toothy' => "7'6\" to 8' heavy",
        'troll' => "7' to 8' medium, soft",
    ],
];
