<?php

// The simulated lake: the next-move advice against fixed habits, and how often a day without a pattern confirms one.

declare(strict_types=1);

use OldEddy\Drill\Compared;
use OldEddy\Drill\DrillWater;

require __DIR__.'/../../vendor/autoload.php';

$days = (int) ($argv[1] ?? 100);
$water = DrillWater::choices();
$mean = Compared::habits(5000, $days, Compared::DAY_MIN, $water);
printf(
    "  weighted contacts in eight hours, mean of %d hidden days: advice %.2f, guide %.2f, same lure %.2f, random changes %.2f, cover water %.2f\n",
    $days, $mean['advice'], $mean['guide'], $mean['same_lure'], $mean['random_changes'], $mean['cover_water'],
);
$best = max($mean['guide'], $mean['same_lure'], $mean['random_changes'], $mean['cover_water']);
printf(
    "  the advice earns %.2f times the best habit (aim: 1.5), beats all four on %.0f %% of the days; of its last quarter %.0f %% lie in the whole pattern\n",
    $mean['advice'] / $best, 100 * $mean['wins'], 100 * $mean['met'],
);
printf(
    "  a pattern falsely confirmed on %.1f %% of %d days without one (aim: under 5)\n",
    100 * Compared::falselyConfirmed(7000, $days, Compared::DAY_MIN, $water), $days,
);
