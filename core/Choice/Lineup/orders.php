<?php

declare(strict_types=1);

// The orders of trial between near neighbours: name => [rule, lures in order, where, for the sentence].
return [
    'matted_grass' => ['L1', ['hollow_frog', 'punch_rig', 'creature_texas_rig', 'flipping_jig', 'swim_jig'], 'in matted grass'],
    'dying_grass' => ['L1', ['bladed_jig', 'swim_jig', 'paddletail_swimbait'], 'in dying grass, popped free'],
    'inside_grass' => ['L1', ['swim_jig', 'bladed_jig', 'paddletail_swimbait'], 'inside the grass'],
    'grass_edge_stain' => ['L1', ['bladed_jig', 'paddletail_swimbait', 'swim_jig'], 'along a grass edge in stain'],
    'grass_edge_clear' => ['L1', ['paddletail_swimbait', 'bladed_jig', 'swim_jig'], 'along a grass edge in clear water'],
    'rock_in_current' => ['L3', ['swim_jig', 'squarebill_crankbait', 'lipless_crankbait', 'jerkbait'], 'over rock in current'],
    'shade_murk' => ['L6', ['squarebill_crankbait', 'spinnerbait', 'buzzbait'], 'along the shade in murk'],
    'shade_stain' => ['L6', ['finesse_jig', 'shaky_head', 'small_mushroom_jig', 'drop_shot', 'paddletail_swimbait'], 'on the shade line'],
    'shade_calm' => ['L6', ['shaky_head', 'finesse_jig', 'drop_shot', 'small_mushroom_jig'], 'on a windless shade line'],
    'reeds' => ['L13', ['hollow_frog', 'swim_jig', 'spinnerbait'], 'over, through and along reeds'],
    'reeds_front' => ['L13', ['creature_texas_rig', 'flipping_jig', 'hollow_frog', 'swim_jig', 'spinnerbait'], 'in reeds after a front'],
    'pike_colored' => ['L14', ['shallow_crankbait', 'spinnerbait'], 'past cover in colored water'],
    'pike_clear' => ['L14', ['paddletail_swimbait', 'shallow_crankbait'], 'over weed in clear water'],
    'pike_winter' => ['L14', ['pin_tail', 'jerkbait'], 'for winter pike'],
    'mud' => ['L5', ['spinnerbait', 'bladed_jig', 'swim_jig', 'squarebill_crankbait', 'flipping_jig', 'drop_shot'], 'in shallow warm mud'],
    'mud_flat' => [
        'L5',
        ['lipless_crankbait', 'spinnerbait', 'bladed_jig', 'swim_jig', 'squarebill_crankbait', 'flipping_jig', 'drop_shot'],
        'in shallow warm mud',
    ],
    'smallmouth_flat' => ['M8', ['jerkbait', 'paddletail_swimbait', 'micro_jig'], 'on a flat, when refused'],
];
