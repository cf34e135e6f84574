<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Log\Evidence\Evidence;
use OldEddy\Log\Evidence\Pattern;
use OldEddy\Log\Evidence\Stint;
use OldEddy\Log\Evidence\Verdict;

/** What is said of logs with a known truth: counted by bin/bench, and in short by a test. */
final class SimulatedVerdicts
{
    /**
     * In how many of so many logs without any effect something was said, looked at after every second stint.
     *
     * @param  array<string, mixed>  $as  a scenario
     * @return array{confirmed: int, stands: int, rejected: int, faded: int}
     */
    public static function falselySaid(array $as, int $logs, int $seed, int $stays = 2): array
    {
        $luck = new SimulatedLogs($seed);
        $counted = ['confirmed' => 0, 'stands' => 0, 'rejected' => 0, 'faded' => 0];
        for ($n = 0; $n < $logs; $n++) {
            $log = $luck->log($as, $stays);
            $said = [];
            for ($stints = 2; $stints <= count($log); $stints += 2) {
                $evidence = Evidence::weigh(array_slice($log, 0, $stints));
                $claims = array_column(array_filter($evidence->levels, static fn ($l): bool => ! in_array($l->factor, ['spot', 'angler'], true)), 'claim');
                foreach ([...$claims, Pattern::in($evidence)->verdict] as $claim) {
                    $said[$claim->value] = true;
                }
            }
            $counted['confirmed'] += isset($said['confirmed']) ? 1 : 0;
            $counted['stands'] += isset($said['confirmed']) || isset($said['holding']) ? 1 : 0;
            $counted['rejected'] += isset($said['rejected']) ? 1 : 0;
            $counted['faded'] += isset($said['faded']) ? 1 : 0;
        }

        return $counted;
    }

    /**
     * In how many of so many logs an effect that is there was confirmed within some 600 casts.
     *
     * @param  array{string, string, float}  $effect  factor, level, times the rate of the rest
     */
    public static function found(array $effect, float $rate, int $logs, int $seed, int $stays): int
    {
        $luck = new SimulatedLogs($seed);
        $found = 0;
        for ($n = 0; $n < $logs;) {
            $log = $luck->log(['rate' => [$rate, $rate], 'stints' => 21, 'effect' => $effect], $stays);
            $evidence = Evidence::weigh($log);
            // A level that was hardly fished, or alone, cannot be found.
            if (($evidence->of($effect[0], $effect[1])->pBetter ?? null) === null || $evidence->of($effect[0], $effect[1])->casts < 60) {
                continue;
            }
            $n++;
            foreach (range(2, 21) as $stints) {
                if (Evidence::weigh(array_slice($log, 0, $stints))->of($effect[0], $effect[1])?->claim === Verdict::Confirmed) {
                    $found++;
                    break;
                }
            }
        }

        return $found;
    }

    /**
     * The share of logs in which the span of a lure holds its true rate; the lure gives from a third to three times what the others give.
     *
     * @param  array<string, mixed>  $as  a scenario
     */
    public static function heldBySpans(array $as, int $logs, int $seed, string $which = 'own'): float
    {
        $luck = new SimulatedLogs($seed);
        [$held, $of] = [0, 0];
        while ($of < $logs) {
            $rate = $luck->between(...$as['rate']);
            $times = exp($luck->between(-1.1, 1.1));
            $level = Evidence::weigh($luck->log(['rate' => [$rate, $rate], 'effect' => ['lure', 'tube', $times]] + $as, 2))->of('lure', 'tube');
            if ($level === null || $level->casts < 20) {
                continue;
            }
            // Of a day that gets poorer and of schools the rate is what the casts were promised on the whole.
            $true = min(0.95, $rate * $times * self::onTheWhole($as));
            $span = $level->{$which};
            $held += $true >= $span->quantile(0.1) && $true <= $span->quantile(0.9) ? 1 : 0;
            $of++;
        }

        return $held / $of;
    }

    /**
     * A lure at so many contacts per cast beside one at a tenth of it, fished on for twelve contacts' worth after twenty: how often it is
     * said to have faded while it goes on as it did, or where it stops to a tenth, after how many casts (the median), and how often it
     * still stands at the end.
     *
     * @return array{faded: float, after: int, stands: float}
     */
    public static function fading(float $rate, bool $goesOn, int $logs, int $seed): array
    {
        $luck = new SimulatedLogs($seed);
        [$stop, $end] = [(int) (20 / $rate), (int) (32 / $rate)];
        [$faded, $after, $stands, $of] = [0, [], 0, 0];
        while ($of < $logs) {
            [$log, $minute, $told, $stood] = [[], 0, null, false];
            for ($done = 0; $done < $end;) {
                $spot = $luck->one(['A', 'B', 'C', 'D', 'E']);
                foreach (['tube' => 20, 'jerkbait' => 10] as $lure => $casts) {
                    $bites = $lure === 'tube' && ($goesOn || $done < $stop) ? $rate : $rate / 10;
                    $log[] = new Stint(sprintf('2026-05-02T%02d:%02d', intdiv($minute, 60), $minute % 60), ['spot' => $spot, 'lure' => $lure], 3.0, $casts, null, $luck->contacts($casts, $bites));
                    $minute = min(1439, $minute + 1);
                }
                $done += 20;
                $claim = Evidence::weigh($log)->of('lure', 'tube')?->claim;
                $stood = $done === $stop ? $claim?->stands() === true : $stood;
                if ($claim === Verdict::Faded && ($goesOn || $done > $stop)) {
                    $told ??= $done - $stop;
                }
            }
            if (! $stood && ! $goesOn) {
                continue;
            }
            $of++;
            $faded += $told === null ? 0 : 1;
            $after[] = $told ?? $end;
            $stands += ($claim ?? null)?->stands() === true ? 1 : 0;
        }
        sort($after);

        return ['faded' => $faded / $logs, 'after' => $after[intdiv($logs, 2)], 'stands' => $stands / $logs];
    }

    /** @param  array<string, mixed>  $as */
    private static function onTheWhole(array $as): float
    {
        return match (true) {
            isset($as['drift']) => 1.6 * (1 - exp(-1.1)) / 1.1,
            default => 1.0,
        };
    }
}
