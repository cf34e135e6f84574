<?php

declare(strict_types=1);

// What the core answers to seeded inputs, one JSON document a line, and where two such files differ.
require __DIR__.'/../../vendor/autoload.php';

use OldEddy\Choice\Lures\Catalog;
use OldEddy\Contract\ConditionsReader;
use OldEddy\Contract\PatternContract;
use OldEddy\Contract\PlanContract;
use OldEddy\Contract\ShadeContract;
use OldEddy\Day\Conditions\Bottom;
use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Current;
use OldEddy\Day\Conditions\DockKind;
use OldEddy\Day\Conditions\Forage;
use OldEddy\Day\Conditions\Front;
use OldEddy\Day\Conditions\Observed;
use OldEddy\Day\Conditions\Pressure;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Day\Conditions\Sky;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Day\Season\Species;
use OldEddy\Drill\DrillWater;
use OldEddy\Drill\Habit\FollowsAdvice;
use OldEddy\Drill\HiddenDay;
use OldEddy\Drill\Outing;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Where\Docks\DockPlan;
use OldEddy\Where\Docks\DockReader;
use OldEddy\Where\Docks\DockRow;
use OldEddy\Where\Places\DayByHour;
use OldEddy\Where\Places\Place;
use OldEddy\Where\Route\Router;
use OldEddy\Where\Route\RouteTask;
use OldEddy\Where\Route\Stop;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return array<string, mixed> conditions of a day, some of them unknown */
function any_day(Randomizer $luck): array
{
    $one = static fn (string $enum): string => $enum::cases()[$luck->getInt(0, count($enum::cases()) - 1)]->value;
    $maybe = static fn (mixed $value): mixed => $luck->getInt(0, 3) === 0 ? null : $value;
    $number = static fn (float $from, float $to): float => round($from + ($to - $from) * $luck->getInt(0, 1000) / 1000, 1);
    $shallow = $number(0, 20);

    return [
        'date' => sprintf('2026-%02d-%02d', $luck->getInt(1, 12), $luck->getInt(1, 28)), 'time' => $maybe(
            sprintf('%02d:%02d', $luck->getInt(0, 23), $luck->getInt(0, 59)),
        ),
        'lat' => $maybe($number(25, 60)), 'lon' => $maybe($number(-120, 20)), 'species' => $one(Species::class),
        'water' => [
            'temp_f' => $maybe($number(34, 92)), 'temp_trend_f_per_day' => $maybe($number(-3, 3)), 'visibility_ft' => $maybe($number(0.3, 25)),
            'normal_visibility_ft' => $maybe($number(0.3, 25)),
            'level_change_ft_per_week' => $maybe($number(-4, 4)), 'current' => $maybe($one(Current::class)),
            'inflow' => $maybe(
                [
                    'running' => $luck->getInt(0, 1) === 1,
                    'relative_temp' => ['warmer', 'colder', 'same'][$luck->getInt(0, 2)],
                    'muddy' => $luck->getInt(0, 1) === 1,
                ],
            ),
        ],
        'weather' => [
            'sky' => $maybe($one(Sky::class)), 'wind_mph' => $maybe($number(0, 30)), 'wind_from_deg' => $maybe($luck->getInt(0, 359)),
            'front' => $maybe($one(Front::class)),
        ],
        'spot' => $luck->getInt(0, 2) === 0 ? null : [
            'structure' => $maybe($one(Structure::class)), 'cover' => $maybe([$one(Cover::class), $one(Cover::class)]), 'bottom' => $maybe($one(Bottom::class)),
            'depth_ft' => [
                $shallow,
                round($shallow + $number(0.5, 30), 1),
            ], 'depth_nearby_ft' => $maybe($number(5, 60)), 'shaded' => $maybe($luck->getInt(0, 1) === 1),
            'dock' => $luck->getInt(0, 3) === 0 ? ['kind' => $luck->getInt(0, 1) === 1 ? 'floating' : 'piling', 'depth_ft' => $number(0.5, 30)] : null,
        ],
        'forage' => $maybe([$one(Forage::class)]), 'observed' => $maybe([$one(Observed::class)]), 'pressure' => $maybe($one(Pressure::class)),
        'mode' => $luck->getInt(0, 9) === 0 ? 'troll' : 'cast', 'rods' => $luck->getInt(1, 8),
    ];
}

/** @return array<string, mixed> a log */
function any_log(Randomizer $luck): array
{
    $stints = [];
    $lures = array_slice(array_keys(Catalog::all()), $luck->getInt(0, 20), 4);
    for ($i = 0, $minute = 400; $i < $luck->getInt(3, 14); $i++, $minute += $luck->getInt(10, 40)) {
        $casts = $luck->getInt(3, 40);
        $contacts = [];
        for ($n = $luck->getInt(0, 3); $n > 0; $n--) {
            $contacts[] = ['kind' => ContactKind::cases()[$luck->getInt(0, count(ContactKind::cases()) - 1)]->value, 'at_cast' => $luck->getInt(1, $casts)];
        }
        $stints[] = [
            'at' => sprintf(
                '2026-05-02T%02d:%02d:00',
                intdiv($minute, 60),
                $minute % 60,
            ), 'spot' => ['A', 'B', 'C'][$luck->getInt(0, 2)], 'lure' => $lures[$luck->getInt(0, 3)],
            'color' => ['bright', 'white', 'dark_contrast'][$luck->getInt(0, 2)], 'depth_ft' => $luck->getInt(1, 20),
            'retrieve' => ['slow', 'medium', 'fast'][$luck->getInt(0, 2)],
            'structure' => ['point', 'flat', null][$luck->getInt(0, 2)], 'cover' => ['rock', 'reeds', null][$luck->getInt(0, 2)], 'casts' => $casts,
            'contacts' => $contacts,
        ];
    }

    return ['stints' => $stints];
}

/** @return iterable<string, mixed> */
function answers(): iterable
{
    for ($seed = 1; $seed <= 400; $seed++) {
        yield "plan {$seed}" => PlanContract::answer(any_day(new Randomizer(new Mt19937($seed))));
    }
    for ($seed = 1; $seed <= 150; $seed++) {
        yield "pattern {$seed}" => PatternContract::answer(any_log(new Randomizer(new Mt19937($seed))));
    }
    for ($seed = 1; $seed <= 60; $seed++) {
        $luck = new Randomizer(new Mt19937($seed));
        $day = Settler::settle(ConditionsReader::read([...any_day($luck), 'species' => ['largemouth_bass', 'smallmouth_bass', 'spotted_bass'][$seed % 3]]));
        $docks = array_map(
            static fn (int $i): DockPlan => new DockPlan(
                "Dock {$i}",
                DockKind::cases()[$i % 2],
                $luck->getInt(1, 8),
                $luck->getInt(4, 18),
                $luck->getInt(5, 60),
                [],
                $luck->getInt(0, 3) === 0 ? null : (float) $luck->getInt(0, 359),
            ),
            range(0, 4),
        );
        yield "docks {$seed}" => [DockRow::ranked($docks, $day), array_map(static fn (DockPlan $d): array => DockReader::read($d, $day), $docks)];
        $places = array_map(
            static fn (int $i): Place => new Place(
                "Place {$i}",
                37 + $i / 1000,
                -80.0,
                Structure::cases()[$luck->getInt(0, count(Structure::cases()) - 1)],
                [Cover::cases()[$luck->getInt(0, count(Cover::cases()) - 1)]],
                null,
                (float) $luck->getInt(0, 6),
                (float) $luck->getInt(7, 30),
                (float) $luck->getInt(8, 40),
                (float) $luck->getInt(0, 359),
                (float) $luck->getInt(5, 60),
            ),
            range(0, 7),
        );
        yield "places {$seed}" => DayByHour::of($places, $day, [], 40.0)->fits;
        $at = array_map(static fn (): array => [$luck->getInt(0, 60), $luck->getInt(0, 60)], range(0, 9));
        $runs = array_map(static fn (array $a): array => array_map(static fn (array $b): float => 0.4 * hypot($a[0] - $b[0], $a[1] - $b[1]), $at), $at);
        yield "route {$seed}" => Router::solve(
            new RouteTask(
                array_map(
                    static fn (int $i): Stop => new Stop(
                        "{$i}",
                        array_map(static fn (int $h): float => 0.5 + (($i * 7 + $h * 3) % 11) / 11, range(0, 23)),
                        12.0,
                    ),
                    range(0, 7),
                ),
                $runs,
                400,
                640,
            ),
        );
        yield "shade {$seed}" => ShadeContract::answer(
            [
                'date' => sprintf('2026-%02d-15', 1 + $seed % 12), 'timezone' => 'America/New_York', 'lat' => 37.1, 'lon' => -79.9,
                'bank_faces_deg' => $luck->getInt(0, 359), 'object_height_ft' => $luck->getInt(5, 80), 'setback_ft' => $luck->getInt(0, 10),
            ],
        );
    }
    for ($seed = 1; $seed <= 25; $seed++) {
        yield "day {$seed}" => Outing::fish(HiddenDay::of($seed, DrillWater::choices()), new FollowsAdvice, 150.0)->stints;
    }
}

[$what, $first, $second] = [$argv[1] ?? '', $argv[2] ?? '', $argv[3] ?? ''];
if ($what === 'write' && $first !== '') {
    $file = fopen($first, 'wb');
    foreach (answers() as $name => $answer) {
        fwrite($file, json_encode([$name, $answer], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n");
    }
    echo "written\n";
    exit(0);
}
if ($what !== 'compare' || $second === '') {
    fwrite(STDERR, "usage: bin/same write FILE | compare BEFORE AFTER\n");
    exit(2);
}
[$before, $after] = [file($first), file($second)];
$differ = 0;
foreach ($before as $i => $line) {
    if ($line === ($after[$i] ?? '')) {
        continue;
    }
    [$name, $was] = json_decode($line, true);
    $is = json_decode($after[$i] ?? '["", null]', true)[1];
    $walk = static function (mixed $a, mixed $b, string $path) use (&$walk, $name): void {
        if (is_array($a) && is_array($b)) {
            foreach (array_keys($a + $b) as $key) {
                $walk($a[$key] ?? null, $b[$key] ?? null, "{$path}.{$key}");
            }
        } elseif ($a !== $b) {
            printf("%s%s: %.120s → %.120s\n", $name, $path, json_encode($a), json_encode($b));
        }
    };
    $walk($was, $is, '');
    $differ++;
}
printf("%d of %d answers differ\n", $differ + abs(count($before) - count($after)), count($before));
exit($differ === 0 && count($before) === count($after) ? 0 : 1);
