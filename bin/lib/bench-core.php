<?php

declare(strict_types=1);

// The core alone: the median and 95th percentile of a plan over varied days, as a page asks for it and with the path of
// every lure, and its peak memory.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Plan\Planner;
use OldEddy\Plan\WhatWouldChange;

$days = require __DIR__.'/bench-days.php';
$times = ['plan with what would change' => [], 'the same with all paths' => []];
Planner::plan($days[0]);
for ($round = 0; $round < 5; $round++) {
    foreach ($days as $day) {
        $from = hrtime(true);
        $plan = Planner::plan($day);
        WhatWouldChange::of($plan->reading, $plan->lineup[0]->lure->key);
        $times['plan with what would change'][] = (hrtime(true) - $from) / 1e6;
        foreach ($plan->lineup as $entry) {
            $entry->setup()->secondsInZone();
        }
        $times['the same with all paths'][] = (hrtime(true) - $from) / 1e6;
    }
}
foreach ($times as $what => $taken) {
    sort($taken);
    printf(
        "%s: median %.2f ms, p95 %.2f ms over %d plans (aim: median 10 ms or less)\n",
        $what,
        $taken[intdiv(count($taken), 2)],
        $taken[(int) (count($taken) * 0.95)],
        count($taken),
    );
}
printf("peak memory of the core: %.1f MB (aim: 16 or less)\n", memory_get_peak_usage(true) / 1048576);
