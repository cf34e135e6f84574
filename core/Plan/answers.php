<?php

declare(strict_types=1);

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\Settled;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Spot;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Conditions\Waterbody;
use OldEddy\Day\Season\Stage;

// What an unknown could turn out to be: path => answers, each [words, weight, what it changes of the day, what it says in the paths of
// the contract]. The weights are our own: how often waters of this kind, at this season, are so.
// Where nothing is visible the usual is still something.
$usual = static fn (Settled $d, int $times): float => max(0.5, $d->visibilityFt * $times);
$visible = static fn (float $feet): array => ['visibilityFt' => $feet, 'normalVisibilityFt' => $feet];
$spot = static fn (string $words, float $weight, Structure $structure, Cover $cover, float $shallow, float $deep): array => [
    $words, $weight, ['spot' => new Spot($structure, [$cover], null, $shallow, $deep)],
    ['spot.structure' => $structure->value, 'spot.cover' => [$cover->value], 'spot.shallow_ft' => $shallow, 'spot.deep_ft' => $deep],
];

return [
    'water.temp_f' => static function (Settled $d): array {
        [$colder, $warmer] = [max(33.0, $d->tempF - 7), min(92.0, $d->tempF + 7)];

        return [
            ['colder', 0.3, ['tempF' => $colder], ['water.temp_f' => $colder]], ['as assumed', 0.4, [], ['water.temp_f' => $d->tempF]],
            ['warmer', 0.3, ['tempF' => $warmer], ['water.temp_f' => $warmer]],
        ];
    },
    'water.visibility_ft' => static function (Settled $d) use ($visible): array {
        $weights = match ($d->waterbody) {
            Waterbody::NaturalLake => [0.03, 0.17, 0.35, 0.45],
            Waterbody::River, Waterbody::Canal => [0.2, 0.4, 0.3, 0.1],
            Waterbody::Pond => [0.1, 0.4, 0.35, 0.15],
            Waterbody::Reservoir => [0.12, 0.3, 0.38, 0.2],
        };

        return [
            ['muddy', $weights[0], $visible(0.7), ['water.visibility_ft' => 0.7]], ['stained', $weights[1], $visible(2.0), ['water.visibility_ft' => 2.0]],
            ['fair', $weights[2], $visible(4.0), ['water.visibility_ft' => 4.0]], ['clear', $weights[3], $visible(9.0), ['water.visibility_ft' => 9.0]],
        ];
    },
    'water.normal_visibility_ft' => static fn (Settled $d): array => [
        ['the usual water', 0.7, [], ['water.normal_visibility_ft' => $d->visibilityFt]],
        ['dirtier than usual', 0.2, ['normalVisibilityFt' => $usual($d, 2)], ['water.normal_visibility_ft' => $usual($d, 2)]],
        ['much dirtier than usual', 0.1, ['normalVisibilityFt' => $usual($d, 5)], ['water.normal_visibility_ft' => $usual($d, 5)]],
    ],
    'water.level_change_ft_per_week' => static fn (Settled $d): array => [
        ['steady', 0.7, [], ['water.level_change_ft_per_week' => 0.0]],
        ['rising', 0.15, ['levelChangeFtPerWeek' => 1.5], ['water.level_change_ft_per_week' => 1.5]],
        ['falling', 0.15, ['levelChangeFtPerWeek' => -1.5], ['water.level_change_ft_per_week' => -1.5]],
    ],
    'water.current' => static function (Settled $d): array {
        $of = static fn (Current $current, float $weight, bool $assumed): array => [
            $current->words(), $weight, $assumed ? [] : ['current' => $current], ['water.current' => $current->value],
        ];

        return $d->waterbody === Waterbody::River
            ? [$of(Current::None, 0.15, false), $of(Current::Slight, 0.45, true), $of(Current::Moderate, 0.4, false)]
            : [$of(Current::None, 0.95, true), $of(Current::Slight, 0.05, false)];
    },
    'weather.sky' => static fn (Settled $d): array => [
        ['clear', 0.35, ['sky' => Sky::Clear], ['weather.sky' => Sky::Clear->value]], ['partly cloudy', 0.3, [], ['weather.sky' => Sky::Partly->value]],
        ['overcast', 0.35, ['sky' => Sky::Overcast], ['weather.sky' => Sky::Overcast->value]],
    ],
    'weather.wind_mph' => static fn (Settled $d): array => [
        ['calm', 0.25, ['windMph' => 2.0], ['weather.wind_mph' => 2.0]], ['a breeze', 0.4, [], ['weather.wind_mph' => $d->windMph]],
        ['windy', 0.35, ['windMph' => 13.0], ['weather.wind_mph' => 13.0]],
    ],
    'weather.front' => static fn (Settled $d): array => [
        ['stable', 0.6, [], ['weather.front' => Front::Stable->value]],
        ['one coming', 0.15, ['front' => Front::Approaching], ['weather.front' => Front::Approaching->value]],
        ['the day after one', 0.25, ['front' => Front::Post1], ['weather.front' => Front::Post1->value]],
    ],
    'pressure' => static fn (Settled $d): array => [
        ['normal', 0.6, [], ['pressure' => Pressure::Normal->value]], ['fished hard', 0.4, ['pressure' => Pressure::Heavy], ['pressure' => Pressure::Heavy->value]],
    ],
    'forage' => static fn (Settled $d): array => [
        ['unknown', 0.2, [], []], ...array_map(static fn (array $f): array => [
            $f[0]->words(), $f[1], ['forage' => [$f[0]]], ['forage' => [$f[0]->value]],
        ], [[Forage::Shad, 0.35], [Forage::Crawfish, 0.25], [Forage::Bluegill, 0.2]]),
    ],
    'spot' => static fn (Settled $d): array => in_array($d->stageGiven ?? null, [Stage::Winter], true) || $d->tempF < 48
        ? [
            $spot('rock on a main point', 0.4, Structure::MainPoint, Cover::Rock, 8, 25),
            $spot('a channel swing', 0.35, Structure::ChannelSwing, Cover::Rock, 6, 20),
            $spot('a deep dock', 0.25, Structure::Dock, Cover::Dock, 5, 25),
        ]
        : [
            $spot('grass on a flat', 0.3, Structure::Flat, Cover::GrassEdge, 3, 8),
            $spot('wood in a creek', 0.3, Structure::CreekBend, Cover::Laydown, 2, 8),
            $spot('rock on a point', 0.25, Structure::Point, Cover::Rock, 4, 14),
            $spot('pads', 0.15, Structure::Flat, Cover::LilyPads, 1, 4),
        ],
];
