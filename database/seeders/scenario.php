<?php

declare(strict_types=1);

// The demo scenario: Ottermark Reservoir in invented Piedmont foothills, its Ladle Creek and Cinder Creek arms.
// Stints: clock, spot, cover, lure, color, depth in feet, retrieve, casts, contacts by cast [kind, length in inches, hooked].
$place = [
    'timezone' => 'America/New_York', 'lat' => 36.9, 'lon' => -80.1, 'species' => 'largemouth_bass', 'waterbody' => 'reservoir', 'platform' => 'boat',
    'rods' => 5,
];

return [
    [
        'name' => 'Ladle Creek arm, after the storm',
        'conditions' => $place + ['date' => '2026-04-12', 'time' => '07:30',
            'water' => [
                'temp_f' => 58,
                'temp_trend_f_per_day' => 0.8,
                'visibility_ft' => 1.5,
                'normal_visibility_ft' => 6,
                'days_since_storm' => 2,
                'inflow' => ['running' => true, 'relative_temp' => 'warmer', 'muddy' => true],
            ],
            'weather' => ['sky' => 'overcast', 'wind_mph' => 9, 'wind_from_deg' => 225, 'front' => 'stable'],
            'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'bottom' => 'gravel', 'depth_ft' => [2, 9], 'depth_nearby_ft' => 16],
            'forage' => ['crawfish'],
            'sections' => [['name' => 'Lower end', 'temp_f' => 53, 'visibility_ft' => 5], ['name' => 'Ladle Creek arm'], ['name' => 'Mill pond', 'temp_f' => 63, 'visibility_ft' => 3]]],
        'stints' => [
            ['07:40', 'Kiln point', 'rock', 'medium_crankbait', 'craw_red', 7, 'wind_hit_pause', 24, []],
            ['08:05', 'Leaning sycamore', 'laydown', 'spinnerbait', 'bright', 3, 'slow_roll', 22, [6 => ['caught', 15.5, 'inside'], 9 => ['missed']]],
            [
                '08:35', 'Culvert pocket', 'laydown', 'spinnerbait', 'bright', 2.5, 'slow_roll', 18,
                [4 => ['caught', 17.25, 'inside'], 12 => ['caught', 13, 'lip']],
            ],
            ['09:10', 'Red clay flat', 'none', 'lipless_crankbait', 'craw_red', 4, 'medium', 30, []],
            ['09:40', 'Two stumps', 'stumps', 'squarebill_crankbait', 'craw_red', 3, 'wind_hit_pause', 26, [21 => ['bump']]],
            [
                '10:15',
                'Beaver log',
                'laydown',
                'spinnerbait',
                'bright',
                3,
                'slow_roll',
                20,
                [3 => ['caught', 14.5, 'inside'], 7 => ['lost'], 15 => ['caught', 16, 'inside']],
            ],
            ['11:00', 'Kiln point', 'rock', 'football_jig', 'natural_craw', 9, 'crawl_rest', 22, []],
        ],
    ],
    [
        'name' => 'Ottermark channel, walleye trolled',
        'conditions' => ['species' => 'walleye', 'mode' => 'troll'] + $place + ['date' => '2026-06-13', 'time' => '06:00',
            'water' => ['temp_f' => 72, 'visibility_ft' => 7, 'normal_visibility_ft' => 6],
            'weather' => ['sky' => 'partly', 'wind_mph' => 7, 'wind_from_deg' => 225, 'front' => 'stable'],
            'spot' => ['structure' => 'channel_swing', 'cover' => ['none'], 'bottom' => 'gravel', 'depth_ft' => [16, 30], 'depth_nearby_ft' => 34],
            'forage' => ['shad', 'perch']],
        'stints' => [],
        // Lines of the spread that is planned: set, taken in, strikes by clock [kind, length, in a turn].
        'tows' => [
            ['port_outside', '06:10', '09:10', ['06:34' => ['missed'], '07:12' => ['caught', 17.5], '08:05' => ['caught', 19.25], '08:48' => ['lost', null, 'yes']]],
            ['starboard_outside', '06:12', '09:12', ['07:40' => ['caught', 18, 'yes']]],
            ['port_middle', '06:15', '09:08', []],
            ['starboard_middle', '06:17', '09:07', ['08:20' => ['bump']]],
            ['port_inside', '06:20', '09:05', []],
            ['starboard_inside', '06:21', '09:04', ['06:58' => ['caught', 16]]],
        ],
    ],
    [
        'name' => 'Ottermark main lake, July ledges',
        'conditions' => $place + ['date' => '2026-07-18', 'time' => '08:30',
            'water' => ['temp_f' => 84, 'visibility_ft' => 5, 'normal_visibility_ft' => 5],
            'weather' => ['sky' => 'clear', 'wind_mph' => 6, 'wind_from_deg' => 180, 'front' => 'stable'],
            'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'bottom' => 'hard', 'depth_ft' => [12, 22], 'depth_nearby_ft' => 35],
            'forage' => ['shad']],
        'stints' => [
            [
                '08:40', 'Mill road bend', 'none', 'deep_crankbait', 'natural_baitfish', 16, 'wind_hit_pause', 34,
                [11 => ['caught', 16.75, 'inside'], 14 => ['caught', 15, 'inside']],
            ],
            ['09:30', 'Old fence hump', 'rock', 'deep_crankbait', 'natural_baitfish', 15, 'wind_hit_pause', 28, [9 => ['caught', 18.5, 'inside']]],
            ['10:20', 'Old fence hump', 'rock', 'ribbon_worm', 'natural_craw', 17, 'hop_bottom', 26, [20 => ['bump']]],
            ['11:10', 'Dam corner', 'rock', 'drop_shot', 'natural_craw', 20, 'hold_shake', 30, []],
        ],
    ],
    [
        'name' => 'Cinder Creek arm, leaves down',
        'conditions' => $place + ['date' => '2026-10-24', 'time' => '09:00',
            'water' => ['temp_f' => 61, 'temp_trend_f_per_day' => -0.4, 'visibility_ft' => 3, 'normal_visibility_ft' => 4],
            'weather' => ['sky' => 'clear', 'wind_mph' => 4, 'wind_from_deg' => 315, 'front' => 'post_1'],
            'spot' => ['structure' => 'notch', 'cover' => ['dock'], 'depth_ft' => [3, 9], 'depth_nearby_ft' => 14],
            'forage' => ['shad'], 'observed' => ['leaves_turning']],
        'stints' => [
            ['09:10', 'Slip row', 'dock', 'spinnerbait', 'natural_baitfish', 4, 'slow_roll', 30, [17 => ['follow']]],
            ['09:50', 'Slip row', 'dock', 'finesse_jig', 'natural_craw', 6, 'crawl_rest', 24, [5 => ['caught', 14.25, 'inside'], 19 => ['missed']]],
            ['10:40', 'Quarry notch', 'rock', 'finesse_jig', 'natural_craw', 7, 'crawl_rest', 22, []],
            ['11:30', 'Boathouse dock', 'dock', 'finesse_jig', 'natural_craw', 5, 'crawl_rest', 18, [8 => ['caught', 15.75, 'inside']]],
        ],
    ],
    [
        'name' => 'River below Ottermark, September bar',
        'lake' => 'river',
        'conditions' => ['species' => 'smallmouth_bass', 'waterbody' => 'river'] + $place + ['date' => '2026-09-19', 'time' => '08:30',
            'water' => [
                'temp_f' => 69, 'temp_trend_f_per_day' => -0.3, 'visibility_ft' => 4, 'normal_visibility_ft' => 4, 'current' => 'moderate',
                'level_ft' => 0.5,
            ],
            'weather' => ['sky' => 'clear', 'wind_mph' => 3, 'wind_from_deg' => 270, 'front' => 'stable'],
            'spot' => ['structure' => 'gravel_bar', 'cover' => ['none'], 'bottom' => 'gravel', 'depth_ft' => [2.5, 7.5]],
            'forage' => ['crawfish', 'minnow']],
        'stints' => [
            ['08:40', 'Long bar', 'none', 'tube', 'natural_craw', 5, 'drag_pause', 24, [7 => ['caught', 13.5, 'inside'], 15 => ['caught', 12, 'inside']]],
            ['09:15', 'Ledge eddy', 'rock', 'tube', 'natural_craw', 6, 'drag_pause', 20, [11 => ['missed']]],
            ['09:50', 'Plank bridge', 'shade', 'jerkbait', 'natural_baitfish', 4, 'jerk_pause', 22, []],
            ['10:30', 'Heron island', 'wood', 'tube', 'natural_craw', 5, 'drag_pause', 18, [5 => ['caught', 15, 'lip']]],
        ],
    ],
    [
        'name' => 'Ottermark lower end, today',
        'open' => true,
        'conditions' => $place + ['date' => '2026-11-21', 'time' => '10:30',
            'water' => ['temp_f' => 50, 'temp_trend_f_per_day' => -0.3, 'visibility_ft' => 6, 'normal_visibility_ft' => 5],
            'weather' => ['sky' => 'overcast', 'wind_mph' => 10, 'wind_from_deg' => 200, 'front' => 'approaching'],
            'spot' => ['structure' => 'main_point', 'cover' => ['rock'], 'bottom' => 'rock', 'depth_ft' => [4, 18], 'depth_nearby_ft' => 30],
            'forage' => ['shad']],
        'stints' => [
            ['09:45', 'Signal point', 'rock', 'jerkbait', 'natural_baitfish', 6, 'jerk_pause', 26, [8 => ['caught', 15, 'inside'], 13 => ['follow']]],
            ['10:25', 'Gravel hook', 'rock', 'jerkbait', 'natural_baitfish', 6, 'jerk_pause', 17, [12 => ['caught', 16.5, 'lip']]],
        ],
    ],
];
