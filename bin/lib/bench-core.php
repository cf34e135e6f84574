<?php

declare(strict_types=1);

// The core alone: the median and 95th percentile of a full plan over varied days, and its peak memory.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Contract\ConditionsReader;
use OldEddy\Plan\Planner;
use OldEddy\Plan\WhatWouldChange;

$days = [];
foreach (['largemouth_bass', 'smallmouth_bass', 'spotted_bass', 'northern_pike', 'walleye'] as $species) {
    foreach ([['2026-02-10', 44], ['2026-04-20', 58], ['2026-07-15', 83], ['2026-10-20', 62]] as [$date, $tempF]) {
        foreach ([0.8, 3, 9] as $visibility) {
            $days[] = ConditionsReader::read([
                'date' => $date, 'time' => '09:00', 'timezone' => 'America/New_York', 'lat' => 37, 'lon' => -80, 'species' => $species,
                'water' => ['temp_f' => $tempF, 'visibility_ft' => $visibility, 'normal_visibility_ft' => 4],
                'weather' => ['sky' => 'overcast', 'wind_mph' => 9, 'front' => 'stable'],
                'spot' => ['structure' => 'point', 'cover' => ['laydown'], 'depth_ft' => [3, 14]],
            ]);
        }
    }
}
Planner::plan($days[0]);
$times = [];
for ($round = 0; $round < 5; $round++) {
    foreach ($days as $day) {
        $from = hrtime(true);
        $plan = Planner::plan($day);
        WhatWouldChange::of($plan->reading, $plan->lineup[0]->lure->key);
        $times[] = (hrtime(true) - $from) / 1e6;
    }
}
sort($times);
printf("full plan with all paths and what would change: median %.2f ms, p95 %.2f ms over %d plans (aim: median 10 ms or less)\n", $times[intdiv(count($times), 2)], $times[(int) (count($times) * 0.95)], count($times));
printf("peak memory of the core: %.1f MB (aim: 16 or less)\n", memory_get_peak_usage(true) / 1048576);
