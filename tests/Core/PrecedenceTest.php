<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\ConditionsReader;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Season\Stage;
use OldEddy\Plan\Cautions\Caution;
use OldEddy\Plan\Cautions\Cautions;
use OldEddy\Reading\Finding;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;

/** F25: no page says two things of one subject. The pairs are words that can not stand together. */
final class PrecedenceTest extends TestCase
{
    use AnyDay;
    use Days;

    private const SEEDS = 2000;

    /** @var array<string, array{string, string}> what can not both be said, as patterns */
    private const PAIRS = [
        'deeper and shallower' => ['/\bdeeper\b|pushes them down/', '/\bshallower\b|lift the fish|new shallow cover/'],
        'slower and faster' => ['/\bslower\b|slow and steady/', '/\bmoving lures\b|\bfaster\b|\bquickly\b/'],
        'into the creek and out of it' => ['/leave the creek/', '/back of the creek|along creek channels|running creek|backwaters|river arms/'],
        'sun and shade' => ['/sunny side is better|warmest water/', '/into shade|Shade is cover/'],
        'first light and night' => ['/First or last light/', '/Night:/'],
        'a front that comes and one that went' => ['/calm before the storm/', '/The front shrank/'],
        'clouds and bright sun' => ['/Clouds lift/', '/Bright sun/'],
    ];

    public function test_no_two_findings_of_a_day_contradict_each_other(): void
    {
        $said = array_fill_keys(array_keys(self::PAIRS), [0, 0]);
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $reading = WaterReader::read(Settler::settle(ConditionsReader::read(self::anyDay($seed))));
            $page = implode(' ', array_map(static fn (Finding|Caution $said): string => (string) $said->text, [...$reading->findings(), ...Cautions::of($reading, [])]));
            foreach (self::PAIRS as $name => [$one, $other]) {
                [$is, $and] = [preg_match($one, $page), preg_match($other, $page)];
                self::assertFalse($is === 1 && $and === 1, "day {$seed}, {$name}: {$page}");
                $said[$name] = [$said[$name][0] + $is, $said[$name][1] + $and];
            }
            if ($reading->isAt(Stage::Winter)) {
                self::assertDoesNotMatchRegularExpression('/\bspring\b|\bbeds\b|\bfry\b|new arrivals/i', $page, "day {$seed}: spring in winter");
            }
            self::assertStringNotContainsString('about 0 days', $page, "day {$seed}");
        }
        foreach ($said as $name => [$one, $other]) {
            self::assertGreaterThan(0, $one * $other, "{$name}: neither is ever said");
        }
    }

    public function test_where_fish_were_seen_on_beds_nothing_says_look_deeper(): void
    {
        foreach ([1, 4, 9, 15] as $feet) {
            foreach ([-2.0, 0.0] as $level) {
                $day = ['observed' => ['beds'], 'water.visibility_ft' => $feet, 'water.normal_visibility_ft' => $feet, 'water.level_change_ft_per_week' => $level];
                $reading = self::reading($day + ['date' => '2026-05-01', 'water.temp_f' => 68, 'weather.sky' => 'clear', 'spot' => ['structure' => 'flat', 'depth_ft' => [2, 8]]]);
                foreach ($reading->findings() as $finding) {
                    self::assertStringNotContainsString('deeper', (string) $finding->text, "{$feet} ft, {$finding->id}");
                }
            }
        }
    }

    public function test_the_same_is_said_where_nothing_contradicts_it(): void
    {
        $clear = ['date' => '2026-07-20', 'water.temp_f' => 80, 'water.visibility_ft' => 9, 'water.normal_visibility_ft' => 9];
        self::assertStringContainsString('look deeper', self::said(self::reading($clear), 'W3'));
        self::assertSame('', self::said(self::reading($clear + ['weather.sky' => 'overcast']), 'W15'), 'clear water is right, clouds are silent');
        self::assertStringContainsString('Clouds lift', self::said(self::reading(['water.visibility_ft' => 2, 'weather.sky' => 'overcast'] + $clear), 'W15'));
    }
}
