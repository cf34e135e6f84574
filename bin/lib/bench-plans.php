<?php

declare(strict_types=1);

// All days so many times over, each planned with what would change: for counting instructions, which bin/bench does twice
// to take the difference.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Plan\Planner;
use OldEddy\Plan\WhatWouldChange;

$days = require __DIR__.'/bench-days.php';
for ($round = 0; $round < (int) $argv[1]; $round++) {
    foreach ($days as $day) {
        $plan = Planner::plan($day);
        WhatWouldChange::of($plan->reading, $plan->lineup[0]->lure->key);
    }
}
