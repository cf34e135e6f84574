<?php

declare(strict_types=1);

// Where each species stands in each stage, before today's water moves it:
// depth band in feet · column · tightness · structures · covers · rule. Basis: common practice, rules F2 to F11;
// depths they do not give are our own.
$bass = [
    'winter' => [
        [9, 20],
        'bottom',
        'tight',
        ['channel_swing', 'hump', 'bluff_transition', 'rock_pile', 'riprap', 'main_point'],
        ['rock', 'standing_timber', 'brush'],
        'F2',
    ],
    'early_prespawn' => [
        [12, 26], 'bottom', 'near', ['main_point', 'hump', 'ledge', 'channel_swing', 'secondary_point'], ['rock', 'stumps', 'standing_timber'], 'F3',
    ],
    'prespawn' => [
        [4, 12],
        'bottom',
        'near',
        ['secondary_point', 'bluff_transition', 'creek_bend', 'channel_swing', 'point', 'creek_mouth'],
        ['flooded_bushes', 'standing_timber', 'laydown', 'wood', 'rock'],
        'F4',
    ],
    'spawn' => [[2, 8], 'bottom', 'near', ['flat', 'back_of_creek', 'secondary_point'], ['stumps', 'laydown', 'reeds', 'dock', 'grass_edge'], 'F5'],
    'postspawn' => [[2, 10], 'mid', 'near', ['flat', 'secondary_point', 'point', 'dock'], ['grass_edge', 'dock', 'brush', 'laydown', 'overhang'], 'F6'],
    'summer' => [
        [4, 18],
        'bottom',
        'near',
        ['ledge', 'main_point', 'hump', 'dock', 'channel_swing', 'creek_bend'],
        ['grass_submerged', 'grass_matted', 'shade', 'dock', 'brush', 'lily_pads'],
        'F7',
    ],
    'early_fall' => [
        [3, 12], 'mid', 'roaming', ['secondary_point', 'notch', 'creek_mouth', 'flat', 'creek_bend'],
        ['dock', 'lily_pads', 'grass_edge', 'wood', 'laydown'], 'F8',
    ],
    'fall' => [
        [2, 10],
        'mid',
        'roaming',
        ['notch', 'creek_bend', 'flat', 'back_of_creek', 'secondary_point', 'creek_mouth'],
        ['wood', 'laydown', 'dock', 'grass_dying', 'rock'],
        'F8',
    ],
    'late_fall' => [
        [8, 20],
        'bottom',
        'near',
        ['main_point', 'channel_swing', 'bluff_transition', 'hump', 'rock_pile'],
        ['rock', 'grass_dying', 'standing_timber'],
        'F9',
    ],
];
$toothy = [
    'winter' => [[8, 20], 'bottom', 'near', ['channel_swing', 'basin', 'main_point', 'ledge'], ['none', 'grass_dying', 'rock'], 'F11'],
    'early_prespawn' => [[4, 12], 'mid', 'near', ['creek_mouth', 'flat', 'back_of_creek'], ['grass_edge', 'reeds', 'wood'], 'F11'],
    'prespawn' => [[2, 8], 'mid', 'near', ['back_of_creek', 'flat', 'creek_mouth'], ['reeds', 'grass_edge', 'wood'], 'F11'],
    'spawn' => [[1, 4], 'mid', 'near', ['back_of_creek', 'flat'], ['reeds', 'grass_submerged', 'flooded_bushes'], 'F11'],
    'postspawn' => [[3, 10], 'mid', 'near', ['creek_mouth', 'point', 'flat'], ['grass_edge', 'reeds', 'lily_pads', 'overhang'], 'F11'],
    'summer' => [
        [5, 15], 'mid', 'near', ['point', 'rock_pile', 'bridge', 'hump', 'main_point'],
        ['grass_edge', 'lily_pads', 'reeds', 'overhang', 'rock', 'shade'], 'F11',
    ],
    'early_fall' => [[3, 12], 'mid', 'roaming', ['point', 'rock_pile', 'flat', 'creek_mouth'], ['grass_edge', 'reeds', 'rock', 'overhang'], 'F11'],
    'fall' => [[4, 14], 'mid', 'near', ['main_point', 'rock_pile', 'ledge', 'point'], ['grass_edge', 'grass_dying', 'rock'], 'F11'],
    'late_fall' => [[6, 18], 'bottom', 'near', ['main_point', 'ledge', 'channel_swing'], ['grass_dying', 'rock', 'none'], 'F11'],
];
$walleyes = [
    'winter' => [[12, 30], 'bottom', 'near', ['basin', 'hump', 'channel_swing', 'eddy', 'main_point'], ['none', 'rock'], 'F11'],
    'early_prespawn' => [[8, 20], 'bottom', 'near', ['creek_mouth', 'gravel_bar', 'current_seam', 'eddy'], ['rock', 'none'], 'F11'],
    'prespawn' => [[6, 16], 'bottom', 'near', ['gravel_bar', 'creek_mouth', 'current_seam', 'eddy'], ['rock', 'none'], 'F11'],
    'spawn' => [[2, 8], 'bottom', 'near', ['gravel_bar', 'riprap', 'creek_mouth'], ['rock'], 'F11'],
    'postspawn' => [[6, 16], 'bottom', 'roaming', ['flat', 'point', 'gravel_bar', 'creek_mouth'], ['none', 'grass_edge', 'rock'], 'F11'],
    'summer' => [[12, 28], 'bottom', 'roaming', ['hump', 'main_point', 'ledge', 'basin', 'rock_pile'], ['none', 'grass_edge', 'rock'], 'F11'],
    'early_fall' => [[10, 24], 'bottom', 'roaming', ['main_point', 'hump', 'ledge', 'flat'], ['none', 'rock', 'grass_edge'], 'F11'],
    'fall' => [[8, 24], 'bottom', 'near', ['main_point', 'channel_swing', 'gravel_bar', 'ledge'], ['rock', 'none'], 'F11'],
    'late_fall' => [[10, 28], 'bottom', 'near', ['channel_swing', 'main_point', 'eddy', 'ledge'], ['rock', 'none'], 'F11'],
];
$panfish = [
    'winter' => [[12, 25], 'suspended', 'tight', ['basin', 'channel_swing', 'creek_bend'], ['brush', 'standing_timber', 'none'], 'F11'],
    'early_prespawn' => [[8, 16], 'suspended', 'near', ['creek_bend', 'channel_swing', 'secondary_point'], ['brush', 'standing_timber', 'dock'], 'F11'],
    'prespawn' => [
        [4, 12], 'suspended', 'near', ['creek_mouth', 'secondary_point', 'flat', 'dock'], ['brush', 'dock', 'flooded_bushes', 'standing_timber'],
        'F11',
    ],
    'spawn' => [[1, 6], 'bottom', 'near', ['flat', 'back_of_creek'], ['reeds', 'flooded_bushes', 'dock', 'stumps'], 'F11'],
    'postspawn' => [[4, 12], 'mid', 'near', ['dock', 'secondary_point', 'flat'], ['brush', 'dock', 'grass_edge'], 'F11'],
    'summer' => [[8, 20], 'suspended', 'near', ['dock', 'bridge', 'channel_swing', 'ledge'], ['brush', 'standing_timber', 'dock', 'shade'], 'F11'],
    'early_fall' => [[6, 16], 'suspended', 'near', ['creek_mouth', 'dock', 'creek_bend'], ['brush', 'dock', 'standing_timber'], 'F11'],
    'fall' => [[6, 16], 'suspended', 'near', ['creek_bend', 'dock', 'creek_mouth'], ['brush', 'dock', 'standing_timber'], 'F11'],
    'late_fall' => [[10, 22], 'suspended', 'near', ['channel_swing', 'creek_bend', 'basin'], ['brush', 'standing_timber'], 'F11'],
];

return [
    'largemouth_bass' => $bass,
    'smallmouth_bass' => [
        'winter' => [[11, 30], 'bottom', 'tight', ['channel_swing', 'hump', 'bluff_transition', 'rock_pile', 'main_point'], ['rock', 'none'], 'F2'],
        'early_prespawn' => [[12, 28], 'bottom', 'near', ['main_point', 'hump', 'ledge', 'secondary_point'], ['rock', 'none'], 'F3'],
        'prespawn' => [[6, 12], 'bottom', 'near', ['secondary_point', 'point', 'gravel_bar', 'bluff_transition'], ['rock', 'none', 'wood'], 'F4'],
        'spawn' => [[2, 10], 'bottom', 'near', ['flat', 'gravel_bar', 'secondary_point'], ['rock', 'none', 'stumps'], 'F5'],
        'postspawn' => [[4, 14], 'mid', 'roaming', ['flat', 'point', 'gravel_bar', 'rock_pile'], ['rock', 'none', 'grass_edge'], 'F6'],
        'summer' => [[8, 25], 'bottom', 'roaming', ['hump', 'main_point', 'rock_pile', 'gravel_bar', 'current_seam'], ['rock', 'none', 'grass_edge'], 'F7'],
        'early_fall' => [[5, 18], 'mid', 'roaming', ['main_point', 'flat', 'rock_pile', 'gravel_bar', 'notch'], ['rock', 'none', 'grass_edge'], 'F8'],
        'fall' => [[6, 18], 'bottom', 'roaming', ['main_point', 'rock_pile', 'flat', 'bluff_transition'], ['rock', 'none', 'grass_dying'], 'F8'],
        'late_fall' => [[10, 26], 'bottom', 'near', ['main_point', 'channel_swing', 'bluff_transition', 'hump', 'rock_pile'], ['rock', 'none'], 'F9'],
    ] + $bass,
    'spotted_bass' => [
        'winter' => [[15, 35], 'suspended', 'near', ['channel_swing', 'bluff_transition', 'main_point', 'hump'], ['rock', 'standing_timber', 'none'], 'F11'],
        'early_prespawn' => [[12, 28], 'suspended', 'near', ['main_point', 'bluff_transition', 'channel_swing'], ['rock', 'standing_timber', 'none'], 'F11'],
        'prespawn' => [
            [6, 15], 'suspended', 'near', ['secondary_point', 'bluff_transition', 'dock', 'channel_swing'], ['rock', 'dock', 'standing_timber'],
            'F11',
        ],
        'spawn' => [[3, 12], 'bottom', 'near', ['flat', 'secondary_point', 'point'], ['rock', 'stumps', 'none'], 'F11'],
        'postspawn' => [[6, 18], 'suspended', 'roaming', ['point', 'main_point', 'dock'], ['dock', 'brush', 'none'], 'F11'],
        'summer' => [[12, 30], 'suspended', 'roaming', ['main_point', 'dock', 'hump', 'basin', 'ledge'], ['brush', 'dock', 'standing_timber', 'none'], 'F11'],
        'early_fall' => [[6, 20], 'suspended', 'roaming', ['main_point', 'secondary_point', 'dock', 'creek_mouth'], ['dock', 'brush', 'none'], 'F11'],
        'fall' => [[5, 18], 'suspended', 'roaming', ['main_point', 'secondary_point', 'dock', 'bluff_transition'], ['dock', 'rock', 'none'], 'F11'],
        'late_fall' => [[12, 28], 'suspended', 'near', ['main_point', 'channel_swing', 'bluff_transition'], ['rock', 'standing_timber'], 'F11'],
    ],
    'muskellunge' => $toothy,
    'northern_pike' => [
        'summer' => [[6, 18], 'mid', 'near', ['point', 'creek_mouth', 'hump', 'bridge'], ['grass_edge', 'lily_pads', 'reeds', 'overhang', 'shade'], 'F11'],
    ] + $toothy,
    'walleye' => $walleyes,
    'zander' => $walleyes,
    'yellow_perch' => [
        'winter' => [[12, 30], 'bottom', 'near', ['basin', 'hump', 'ledge'], ['none'], 'F11'],
        'early_prespawn' => [[8, 18], 'bottom', 'near', ['creek_mouth', 'flat', 'ledge'], ['none', 'grass_dying'], 'F11'],
        'prespawn' => [[5, 14], 'bottom', 'near', ['creek_mouth', 'flat'], ['grass_edge', 'brush', 'none'], 'F11'],
        'spawn' => [[3, 10], 'bottom', 'near', ['flat', 'back_of_creek'], ['brush', 'grass_submerged', 'flooded_bushes'], 'F11'],
        'postspawn' => [[5, 15], 'bottom', 'roaming', ['flat', 'point'], ['grass_edge', 'none'], 'F11'],
        'summer' => [[10, 25], 'bottom', 'roaming', ['hump', 'flat', 'point', 'basin'], ['grass_edge', 'none'], 'F11'],
        'early_fall' => [[8, 20], 'bottom', 'roaming', ['flat', 'hump', 'point'], ['grass_edge', 'none'], 'F11'],
        'fall' => [[8, 22], 'bottom', 'roaming', ['ledge', 'flat', 'hump'], ['grass_dying', 'none'], 'F11'],
        'late_fall' => [[10, 26], 'bottom', 'near', ['ledge', 'basin', 'hump'], ['none', 'grass_dying'], 'F11'],
    ],
    'black_crappie' => $panfish,
    'bluegill' => [
        'spawn' => [[1, 6], 'bottom', 'near', ['flat', 'back_of_creek'], ['none', 'reeds', 'lily_pads', 'dock'], 'F11'],
        'postspawn' => [[2, 10], 'mid', 'near', ['flat', 'dock', 'point'], ['grass_edge', 'lily_pads', 'dock', 'shade'], 'F11'],
        'summer' => [[4, 14], 'mid', 'near', ['dock', 'flat', 'point'], ['grass_edge', 'lily_pads', 'dock', 'shade', 'overhang'], 'F11'],
    ] + $panfish,
];
