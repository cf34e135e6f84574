<?php

declare(strict_types=1);

// What is said of logs with a known truth: without any effect, with one, with one that stops; and how long weighing a day takes.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Log\Evidence\Evidence;
use Tests\Core\SimulatedLogs;
use Tests\Core\SimulatedVerdicts;

$logs = max(10, (int) ($argv[1] ?? 400));
printf("%-26s %9s %9s %9s %9s %15s\n", 'of 100 days without effect', 'confirmed', 'or holds', 'rejected', 'faded', 'spans hold');
foreach (SimulatedLogs::SCENARIOS as $name => $as) {
    foreach ([1 => 'a stint at a stay', 4 => 'up to four'] as $stays => $words) {
        $said = array_map(static fn (int $n): string => sprintf('%.1f', 100 * $n / $logs), SimulatedVerdicts::falselySaid($as, $logs, 1001, $stays));
        $spans = $stays === 1 ? '' : sprintf('%.0f and %.0f', 100 * SimulatedVerdicts::heldBySpans($as, $logs, 1002), 100 * SimulatedVerdicts::heldBySpans($as, $logs, 1002, 'pooled'));
        printf("%-26s %9s %9s %9s %9s %15s  %s\n", $stays === 1 ? $name : '', $said['confirmed'], $said['stands'], $said['rejected'], $said['faded'], $spans, $words);
    }
}
foreach ([['a lure, five times', ['lure', 'tube', 5.0], 0.02], ['a cover, four times', ['cover', 'reeds', 4.0], 0.025]] as [$name, $effect, $rate]) {
    $found = array_map(static fn (int $stays): float => 100 * SimulatedVerdicts::found($effect, $rate, intdiv($logs, 2), 1003, $stays) / intdiv($logs, 2), [1, 4]);
    printf("found within some 600 casts, %s: %.0f of 100 with a stint at a stay, %.0f with up to four\n", $name, ...$found);
}
foreach ([0.10, 0.05] as $rate) {
    $goesOn = SimulatedVerdicts::fading($rate, true, intdiv($logs, 4), 1004);
    $stops = SimulatedVerdicts::fading($rate, false, intdiv($logs, 4), 1004);
    printf("%.0f in 100: said to have stopped while it goes on %.0f of 100 days; where it stops after %d casts (median), at the end %.0f of 100 still stand\n",
        100 * $rate, 100 * $goesOn['faded'], $stops['after'], 100 * $stops['stands']);
}
$log = (new SimulatedLogs(1005))->log(['stints' => 40] + SimulatedLogs::SCENARIOS['rich']);
$times = [];
for ($i = 0; $i < 40; $i++) {
    $from = hrtime(true);
    Evidence::weigh($log);
    $times[] = (hrtime(true) - $from) / 1e6;
}
sort($times);
printf("a day of forty stints weighed: median %.2f ms (aim: 15 or less)\n", $times[20]);
