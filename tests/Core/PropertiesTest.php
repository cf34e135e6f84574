<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\PlanContract;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Plan\Planner;
use OldEddy\Reading\Reading;
use OldEddy\Reading\WaterReader;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold on any day whatever: tried on many random ones, with fixed seeds. */
final class PropertiesTest extends TestCase
{
    use Days;

    public function test_every_day_has_a_plan_with_sound_numbers(): void
    {
        for ($seed = 1; $seed <= 250; $seed++) {
            $day = self::anyDay($seed);
            $plan = Planner::plan(ConditionsReader::read($day));
            $said = json_encode($day);
            self::assertNotEmpty($plan->lineup, (string) $said);
            $last = 1.0;
            foreach ($plan->lineup as $entry) {
                self::assertTrue(is_finite($entry->score) && $entry->score >= 0 && $entry->score <= $last, (string) $said);
                $last = $entry->score;
                self::assertTrue(is_finite($entry->setup()->secondsInZone()) && $entry->setup()->secondsInZone() >= 0);
                self::assertNotEmpty($entry->colors());
            }
            self::assertGreaterThanOrEqual(0, $plan->reading->stand->shallowFt);
            self::assertGreaterThan($plan->reading->stand->shallowFt, $plan->reading->stand->deepFt);
            if (isset($day['spot']['depth_ft'])) {
                self::assertLessThanOrEqual(
                    max($day['spot']['depth_ft'][1], $day['spot']['dock']['depth_ft'] ?? 0) + 0.51,
                    $plan->reading->stand->deepFt,
                    (string) $said,
                );
            }
            self::assertGreaterThan(0, $plan->reading->strikeRadiusFt(true));
            $mood = array_sum(array_map(static fn ($p): float => $p->value, $plan->reading->mood->parts));
            self::assertEqualsWithDelta(max(-1, min(1, $mood)), $plan->reading->mood->value, 1e-3);
        }
    }

    public function test_the_same_input_gives_the_same_plan(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            $day = self::anyDay($seed);
            self::assertSame(json_encode(PlanContract::answer($day)), json_encode(PlanContract::answer($day)));
        }
    }

    public function test_after_a_front_the_strike_radius_never_grows(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $day = self::anyDay($seed);
            $radius = [];
            foreach (['stable', 'recovering', 'post_2', 'post_1'] as $front) {
                $day['weather']['front'] = $front;
                $radius[] = self::read($day)->strikeRadiusFt();
            }
            self::assertSame($radius, self::falling($radius));
        }
    }

    public function test_dirtier_water_never_increases_sight(): void
    {
        for ($seed = 1; $seed <= 100; $seed++) {
            $day = self::anyDay($seed);
            unset($day['spot']);
            $seen = [];
            foreach ([20, 10, 5, 2.5, 1, 0.4] as $visibility) {
                $day['water']['visibility_ft'] = $visibility;
                $reading = self::read($day);
                $seen[] = $reading->seenFromFt();
                self::assertLessThanOrEqual(0.8 * $visibility + 1e-9, $reading->strikeRadiusFt());
                self::assertLessThanOrEqual($reading->seenFromFt() + 1e-9, $reading->strikeRadiusFt(), 'no fish strikes what it cannot see');
            }
            self::assertSame($seen, self::falling($seen));
        }
    }

    /** @param  array<string, mixed>  $day */
    private static function read(array $day): Reading
    {
        return WaterReader::read(Settler::settle(ConditionsReader::read($day)));
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function falling(array $values): array
    {
        rsort($values);

        return $values;
    }

    /** @return array<string, mixed> */
    private static function anyDay(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $one = static fn (string $enum): string => $enum::cases()[$random->getInt(0, count($enum::cases()) - 1)]->value;
        $maybe = static fn (mixed $value): mixed => $random->getInt(0, 3) === 0 ? null : $value;
        $number = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1000) / 1000;
        $shallow = round($number(0, 20), 1);

        return [
            'date' => sprintf('2026-%02d-%02d', $random->getInt(1, 12), $random->getInt(1, 28)),
            'time' => $maybe(sprintf('%02d:%02d', $random->getInt(0, 23), $random->getInt(0, 59))),
            'lat' => $maybe(round($number(-60, 65), 2)), 'lon' => $maybe(round($number(-180, 180), 2)),
            'species' => $one(Species::class),
            'water' => [
                'temp_f' => $maybe(round($number(32, 95), 1)), 'temp_trend_f_per_day' => $maybe(round($number(-3, 3), 1)),
                'visibility_ft' => $maybe(round($number(0, 25), 1)), 'normal_visibility_ft' => $maybe(round($number(0.2, 25), 1)),
                'level_change_ft_per_week' => $maybe(round($number(-4, 4), 1)), 'current' => $maybe($one(Current::class)),
                'inflow' => $maybe(
                    [
                        'running' => $random->getInt(0, 1) === 1,
                        'relative_temp' => ['warmer', 'colder', 'same'][$random->getInt(0, 2)],
                        'muddy' => $random->getInt(0, 1) === 1,
                    ],
                ),
            ],
            'weather' => ['sky' => $maybe($one(Sky::class)), 'wind_mph' => $maybe(round($number(0, 35), 1)), 'front' => $maybe($one(Front::class))],
            'spot' => $random->getInt(0, 2) === 0 ? null : [
                'structure' => $maybe($one(Structure::class)), 'cover' => $maybe([$one(Cover::class), $one(Cover::class)]),
                'bottom' => $maybe($one(Bottom::class)),
                'depth_ft' => [$shallow, round($shallow + $number(0, 30), 1)], 'shaded' => $maybe($random->getInt(0, 1) === 1),
                'dock' => $random->getInt(0, 3) === 0 ? [
                    'kind' => $random->getInt(0, 1) === 1 ? 'floating' : 'piling',
                    'depth_ft' => round($number(0.5, 30), 1),
                ] : null,
            ],
            'forage' => $maybe([$one(Forage::class)]), 'observed' => $maybe([$one(Observed::class)]), 'pressure' => $maybe($one(Pressure::class)),
            'mode' => $random->getInt(0, 9) === 0 ? 'troll' : 'cast', 'rods' => $random->getInt(1, 8),
        ];
    }
}
