<?php

declare(strict_types=1);

// What a kind of water has, where nobody named a place: to what depth fish are sought (feet; bass apart), the structures that are found in it,
// and those among them to add where too few of a season's own are. Basis: rule F23 (common practice; the depths of ponds and canals are our
// own choice). A reservoir and a natural lake have all of them.
return [
    'river' => [
        'deepest' => 25.0, 'deepest_bass' => 10.0,
        'has' => [
            'current_seam', 'eddy', 'gravel_bar', 'channel_swing', 'creek_mouth', 'island', 'bridge', 'dock', 'riprap', 'ramp', 'flat', 'notch',
            'rock_pile', 'bluff_transition', 'back_of_creek', 'creek_bend', 'point',
        ],
        'typical' => ['current_seam', 'eddy', 'gravel_bar', 'channel_swing', 'creek_mouth'],
    ],
    'pond' => [
        'deepest' => 12.0, 'deepest_bass' => 12.0,
        'has' => ['point', 'flat', 'dock', 'riprap', 'ramp', 'notch', 'creek_mouth', 'island'],
        'typical' => ['riprap', 'flat', 'point', 'creek_mouth'],
    ],
    'canal' => [
        'deepest' => 6.0, 'deepest_bass' => 6.0,
        'has' => ['bridge', 'dock', 'notch', 'creek_mouth', 'riprap', 'ramp'],
        'typical' => ['bridge', 'notch', 'creek_mouth', 'dock'],
    ],
];
