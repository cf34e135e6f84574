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

// What an unknown could turn out to be: path => answers, each [words, weight, what it changes of the day]. The weights are our
// own: how often waters of this kind, at this season, are so.
$visible = static fn (float $feet): array => ['visibilityFt' => $feet, 'normalVisibilityFt' => $feet];
$spot = static fn (Structure $structure, Cover $cover, float $shallow, float $deep): array => ['spot' => new Spot($structure, [$cover], null, $shallow, $deep)];

return [
    'water.temp_f' => static fn (Settled $d): array => [
        ['colder', 0.3, ['tempF' => max(33.0, $d->tempF - 7)]], ['as assumed', 0.4, []], ['warmer', 0.3, ['tempF' => min(92.0, $d->tempF + 7)]],
    ],
    'water.visibility_ft' => static function (Settled $d) use ($visible): array {
        $weights = match ($d->waterbody) {
            Waterbody::NaturalLake => [0.03, 0.17, 0.35, 0.45],
            Waterbody::River, Waterbody::Canal => [0.2, 0.4, 0.3, 0.1],
            Waterbody::Pond => [0.1, 0.4, 0.35, 0.15],
            Waterbody::Reservoir => [0.12, 0.3, 0.38, 0.2],
        };

        return [
            ['muddy', $weights[0], $visible(0.7)], ['stained', $weights[1], $visible(2.0)], ['fair', $weights[2], $visible(4.0)],
            ['clear', $weights[3], $visible(9.0)],
        ];
    },
    'water.normal_visibility_ft' => static fn (Settled $d): array => [
        ['the usual water', 0.7, []], ['dirtier than usual', 0.2, ['normalVisibilityFt' => $d->visibilityFt * 2]],
        ['much dirtier than usual', 0.1, ['normalVisibilityFt' => $d->visibilityFt * 5]],
    ],
    'water.level_change_ft_per_week' => static fn (Settled $d): array => [
        ['steady', 0.7, []], ['rising', 0.15, ['levelChangeFtPerWeek' => 1.5]], ['falling', 0.15, ['levelChangeFtPerWeek' => -1.5]],
    ],
    'water.current' => static fn (Settled $d): array => $d->waterbody === Waterbody::River
        ? [['none', 0.15, ['current' => Current::None]], ['slight', 0.45, []], ['moderate', 0.4, ['current' => Current::Moderate]]]
        : [['none', 0.95, []], ['slight', 0.05, ['current' => Current::Slight]]],
    'weather.sky' => static fn (Settled $d): array => [
        ['clear', 0.35, ['sky' => Sky::Clear]], ['partly cloudy', 0.3, []], ['overcast', 0.35, ['sky' => Sky::Overcast]],
    ],
    'weather.wind_mph' => static fn (Settled $d): array => [['calm', 0.25, ['windMph' => 2.0]], ['a breeze', 0.4, []], ['windy', 0.35, ['windMph' => 13.0]]],
    'weather.front' => static fn (Settled $d): array => [
        ['stable', 0.6, []], ['one coming', 0.15, ['front' => Front::Approaching]], ['the day after one', 0.25, ['front' => Front::Post1]],
    ],
    'pressure' => static fn (Settled $d): array => [['normal', 0.6, []], ['fished hard', 0.4, ['pressure' => Pressure::Heavy]]],
    'forage' => static fn (Settled $d): array => [
        ['unknown', 0.2, []], ['shad', 0.35, ['forage' => [Forage::Shad]]], ['crawfish', 0.25, ['forage' => [Forage::Crawfish]]],
        ['bluegill', 0.2, ['forage' => [Forage::Bluegill]]],
    ],
    'spot' => static fn (Settled $d): array => in_array($d->stageGiven ?? null, [Stage::Winter], true) || $d->tempF < 48
        ? [
            ['rock on a main point', 0.4, $spot(Structure::MainPoint, Cover::Rock, 8, 25)],
            ['a channel swing', 0.35, $spot(Structure::ChannelSwing, Cover::Rock, 6, 20)],
            ['a deep dock', 0.25, $spot(Structure::Dock, Cover::Dock, 5, 25)],
        ]
        : [
            ['grass on a flat', 0.3, $spot(Structure::Flat, Cover::GrassEdge, 3, 8)],
            ['wood in a creek', 0.3, $spot(Structure::CreekBend, Cover::Laydown, 2, 8)],
            ['rock on a point', 0.25, $spot(Structure::Point, Cover::Rock, 4, 14)], ['pads', 0.15, $spot(Structure::Flat, Cover::LilyPads, 1, 4)],
        ],
];
