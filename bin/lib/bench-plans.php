<?php

declare(strict_types=1);

// So many full plans with what would change, for counting instructions: bin/bench runs it twice and takes the difference.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Contract\ConditionsReader;
use OldEddy\Plan\Planner;
use OldEddy\Plan\WhatWouldChange;

for ($i = 0; $i < (int) $argv[1]; $i++) {
    [$date, $temp] = [['2026-02-10', 44], ['2026-04-20', 58], ['2026-07-15', 83], ['2026-10-20', 62]][$i % 4];
    $plan = Planner::plan(ConditionsReader::read([
        'date' => $date, 'time' => '09:00', 'timezone' => 'America/New_York', 'lat' => 37, 'lon' => -80, 'species' => ['largemouth_bass', 'smallmouth_bass', 'spotted_bass', 'northern_pike', 'walleye'][$i % 5],
        'water' => ['temp_f' => $temp, 'visibility_ft' => [0.8, 3, 9][$i % 3], 'normal_visibility_ft' => 4], 'weather' => ['sky' => 'overcast', 'wind_mph' => 9, 'front' => 'stable'], 'spot' => ['structure' => 'point', 'cover' => ['laydown'], 'depth_ft' => [3, 14]],
    ]));
    WhatWouldChange::of($plan->reading, $plan->lineup[0]->lure->key);
}
