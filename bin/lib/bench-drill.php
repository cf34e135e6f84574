<?php

// The simulated lake: the next-move advice against fixed habits, and how often a day without a pattern confirms one.

declare(strict_types=1);

use OldEddy\Drill\Compared;
use OldEddy\Drill\DrillWater;

require __DIR__.'/../../vendor/autoload.php';

$days = (int) ($argv[1] ?? 100);
$water = DrillWater::choices();
$mean = Compared::habits(5000, $days, 300, $water);
printf(
    "  weighted contacts in 300 casts of time, mean of %d hidden days: advice %.2f, same lure %.2f, random changes %.2f, cover water %.2f\n",
    $days,
    $mean['advice'],
    $mean['same_lure'],
    $mean['random_changes'],
    $mean['cover_water'],
);
printf(
    "  the advice beats all three on %.0f %% of the days; it spends %.0f %% of the last quarter in the whole pattern\n",
    100 * $mean['wins'],
    100 * $mean['found'],
);
printf(
    "  a pattern falsely confirmed on %.1f %% of %d days without one (aim: under 5)\n",
    100 * Compared::falselyConfirmed(7000, 3 * $days, 300, $water),
    3 * $days,
);
