<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Days that nobody chose: each seed gives one, within the ranges that the contract takes. */
trait AnyDay
{
    /** @return array<string, mixed> */
    protected static function anyDay(int $seed): array
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
