<?php

declare(strict_types=1);

// The core alone: the median and 95th percentile of a plan over varied days, as a page asks for it and with the path of
// every lure, a spread of eight plugs, and its peak memory.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Contract\SpreadReader;
use OldEddy\Plan\Planner;
use OldEddy\Plan\WhatWouldChange;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;

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
            $entry->setup()->secondsInReach();
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
$lines = [];
foreach (['port', 'starboard'] as $side) {
    foreach (['outside', 'middle', 'inside', 'flat'] as $i => $position) {
        $lines[] = ['side' => $side, 'position' => $position, 'carrier' => 'board', 'lure' => 'banana_plug', 'color' => 'silver', 'let_out_ft' => 150 - 10 * $i];
    }
}
$eight = array_map(static fn (RunningLine $l): SpreadLine => $l->line, SpreadReader::spread(['boat' => 'boat', 'lines' => $lines])->lines);
$spreads = [];
for ($i = 0; $i < 40; $i++) {
    $from = hrtime(true);
    Spread::of(BoatKind::Boat, $eight, 1.2);
    $spreads[] = (hrtime(true) - $from) / 1e6;
}
sort($spreads);
printf("a spread of eight plugs: median %.2f ms (aim: 10 or less)\n", $spreads[20]);
printf("peak memory of the core: %.1f MB (aim: 16 or less)\n", memory_get_peak_usage(true) / 1048576);
