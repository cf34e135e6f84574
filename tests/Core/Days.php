<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Lineup\LureRanking;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;

/** Days to test with: a plain one, changed where a test needs it. */
trait Days
{
    /**
     * @param  array<string, mixed>  $changes  by dotted path
     * @return array<string, mixed>
     */
    private static function day(array $changes = []): array
    {
        $day = [
            'date' => '2026-04-20', 'time' => '11:00', 'timezone' => 'America/New_York', 'lat' => 37.0, 'lon' => -79.9,
            'species' => 'largemouth_bass', 'waterbody' => 'reservoir',
            'water' => ['temp_f' => 60, 'temp_trend_f_per_day' => 0, 'visibility_ft' => 4, 'normal_visibility_ft' => 4, 'current' => 'none'],
            'weather' => ['sky' => 'partly', 'wind_mph' => 6, 'front' => 'stable'],
        ];
        foreach ($changes as $path => $value) {
            $at = &$day;
            foreach (explode('.', $path) as $key) {
                $at = &$at[$key];
            }
            $at = $value;
            unset($at);
        }

        return $day;
    }

    /** @param  array<string, mixed>  $changes */
    private static function reading(array $changes = []): Reading
    {
        return WaterReader::read(Settler::settle(ConditionsReader::read(self::day($changes))));
    }

    /** @param  array<string, mixed>  $changes */
    private static function plan(array $changes = []): Plan
    {
        return Planner::plan(ConditionsReader::read(self::day($changes)));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<string> lure keys, best first
     */
    private static function order(array $changes): array
    {
        return array_map(static fn ($s): string => $s->lure->key, LureRanking::of(self::reading($changes))->scored);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, string> rule by lure
     */
    private static function out(array $changes): array
    {
        $out = [];
        foreach (LureRanking::of(self::reading($changes))->ruledOut() as $one) {
            $out[$one->lure] = $one->ruleId;
        }

        return $out;
    }

    /** @param  list<string>  $order */
    private static function assertBefore(string $first, string $second, array $order): void
    {
        $places = array_flip($order);
        self::assertArrayHasKey($first, $places, "{$first} is not in the lineup");
        self::assertLessThan($places[$second] ?? INF, $places[$first], "{$first} should stand before {$second}: ".implode(', ', array_slice($order, 0, 8)));
    }

    /** What a rule says of a reading; nothing where it is silent. */
    protected static function said(Reading $reading, string $rule): string
    {
        foreach ($reading->findings() as $finding) {
            if ($finding->id === $rule) {
                return (string) $finding->text;
            }
        }

        return '';
    }
}
