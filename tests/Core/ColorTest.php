<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Colors, rule by rule. Common practice, no source. */
final class ColorTest extends TestCase
{
    use Days;

    /** @param  array<string, mixed>  $day */
    #[DataProvider('colors')]
    public function test_first_color(string $lure, array $day, string $family): void
    {
        $entry = self::plan($day)->entry($lure);
        self::assertNotNull($entry, "{$lure} is ruled out");
        self::assertSame($family, $entry->colors()[0]->family->value);
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function colors(): array
    {
        $mud = ['water.visibility_ft' => 0.6, 'water.normal_visibility_ft' => 3];
        $clear = ['water.visibility_ft' => 8, 'water.normal_visibility_ft' => 8];
        $summer = ['date' => '2026-07-10', 'water.temp_f' => 80];

        return [
            'C1 mud, moving: bright' => ['spinnerbait', $mud, 'bright'],
            'C1 mud, bottom: dark' => ['flipping_jig', $mud, 'dark_contrast'],
            'school mud_color dark for moving' => ['spinnerbait', $mud + ['schools' => ['mud_color' => 'dark_contrast']], 'dark_contrast'],
            'school mud_color bright for bottom' => ['flipping_jig', $mud + ['schools' => ['mud_color' => 'bright']], 'bright'],
            'C1 a sharp drop counts as mud' => ['bladed_jig', ['water.visibility_ft' => 1.5, 'water.normal_visibility_ft' => 8], 'bright'],
            'W1 always this dirty is no sharp drop' => ['flipping_jig', ['water.visibility_ft' => 2.5, 'water.normal_visibility_ft' => 2.5], 'natural_craw'],
            'C1 clear: natural' => ['paddletail_swimbait', $clear, 'natural_baitfish'],
            'C3 sun on metal' => ['flutter_spoon', $summer + ['weather.sky' => 'clear', 'spot' => ['structure' => 'ledge', 'depth_ft' => [12, 25]]], 'silver'],
            'C4 frog in sun' => ['hollow_frog', $summer + ['weather.sky' => 'clear', 'spot' => ['cover' => ['lily_pads'], 'depth_ft' => [1, 4]]], 'white'],
            'C4 frog in the dark' => [
                'hollow_frog',
                $summer + ['weather.sky' => 'overcast', 'spot' => ['cover' => ['lily_pads'], 'depth_ft' => [1, 4]]],
                'black',
            ],
            'C4 frog in ordinary light' => ['hollow_frog', $summer + ['spot' => ['cover' => ['lily_pads'], 'depth_ft' => [1, 4]]], 'brown'],
            'C4 frog where baitfish are eaten' => [
                'hollow_frog',
                $summer + ['forage' => ['shad'], 'spot' => ['cover' => ['lily_pads'], 'depth_ft' => [1, 4]]],
                'white',
            ],
            'C5 crawfish early' => ['squarebill_crankbait', ['water.temp_f' => 56, 'forage' => ['crawfish']], 'craw_red'],
            'C5 crawfish on a jig' => ['casting_jig', ['forage' => ['crawfish']], 'natural_craw'],
            'C6 swim jig in clear water' => ['swim_jig', $clear + ['water.temp_f' => 70], 'bluegill'],
            'C6 swim jig, shad eaten' => ['swim_jig', ['water.temp_f' => 70, 'forage' => ['shad']], 'natural_baitfish'],
            'C6 tube on a bed' => [
                'tube',
                ['species' => 'smallmouth_bass', 'water.temp_f' => 62, 'spot' => ['structure' => 'flat', 'depth_ft' => [2, 7]]],
                'white',
            ],
            'C2 clearing: natural again' => ['spinnerbait', ['water.visibility_ft' => 6, 'water.normal_visibility_ft' => 4], 'natural_baitfish'],
            'C2 still stained: brighter' => ['spinnerbait', ['water.visibility_ft' => 2, 'water.normal_visibility_ft' => 3], 'bright'],
            'C8 rain and low light' => [
                'inline_spinner',
                [
                    'species' => 'muskellunge',
                    'date' => '2026-07-10',
                    'water.temp_f' => 70,
                    'weather.sky' => 'rain',
                    'spot' => ['structure' => 'point', 'cover' => ['none'], 'depth_ft' => [2, 8]],
                ],
                'black_chartreuse_spots',
            ],
            'C11 walleye minnow' => ['jig_plastic_minnow', ['species' => 'walleye'], 'natural_baitfish'],
            'C8 pike in colored water' => [
                'inline_spinner',
                [
                    'species' => 'northern_pike',
                    'date' => '2026-07-10',
                    'water.temp_f' => 70,
                    'water.visibility_ft' => 2,
                    'water.normal_visibility_ft' => 2,
                    'spot' => ['structure' => 'point', 'cover' => ['none'], 'depth_ft' => [2, 8]],
                ],
                'bright_banded',
            ],
        ];
    }
}
