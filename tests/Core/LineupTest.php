<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The lineup, rule by rule. Common practice, no source: the orders of rules L1 to L9, C and D. */
final class LineupTest extends TestCase
{
    use Days;

    /**
     * @param  array<string, mixed>  $day
     * @param  list<list<string>>  $pairs  first stands before second
     * @param  array<string, string>  $out  rule by lure that is ruled out
     */
    #[DataProvider('rules')]
    public function test_near_neighbours_are_decided_as_the_trade_does(array $day, array $pairs, array $out = []): void
    {
        $order = self::order($day);
        foreach ($pairs as [$first, $second]) {
            self::assertBefore($first, $second, $order);
        }
        $ruledOut = self::out($day);
        foreach ($out as $lure => $rule) {
            self::assertSame($rule, $ruledOut[$lure] ?? null, "{$lure} should be ruled out by {$rule}");
        }
    }

    /** @return array<string, array{0: array<string, mixed>, 1: list<list<string>>, 2?: array<string, string>}> */
    public static function rules(): array
    {
        $grass = static fn (string $kind, float $visibility, array $more = []): array => [
            'water.temp_f' => 68,
            'water.visibility_ft' => $visibility,
            'water.normal_visibility_ft' => $visibility,
            'spot' => ['structure' => 'flat', 'cover' => [$kind], 'depth_ft' => [3, 8]],
        ] + $more;
        $wood = [
            'water.temp_f' => 57,
            'water.visibility_ft' => 2,
            'water.normal_visibility_ft' => 2,
            'spot' => ['structure' => 'creek_bend', 'cover' => ['laydown', 'brush'], 'depth_ft' => [2, 8]],
        ];
        $mud = [
            'water.temp_f' => 63,
            'water.visibility_ft' => 0.6,
            'water.normal_visibility_ft' => 4,
            'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [1, 6]],
        ];
        $shade = static fn (float $visibility, array $more = []): array => [
            'date' => '2026-07-10',
            'water.temp_f' => 80,
            'water.visibility_ft' => $visibility,
            'water.normal_visibility_ft' => $visibility,
            'weather.sky' => 'clear',
            'spot' => ['structure' => 'point', 'depth_ft' => [1, 10], 'shaded' => true, 'shade_width_ft' => 8],
        ] + $more;
        $winter = ['date' => '2026-01-20', 'water.temp_f' => 43, 'water.visibility_ft' => 6, 'water.normal_visibility_ft' => 6];

        return [
            'L1 grass edge in stain' => [$grass('grass_edge', 2), [['bladed_jig', 'paddletail_swimbait'], ['bladed_jig', 'swim_jig']]],
            'L1 grass edge in clear water' => [$grass('grass_edge', 8), [['paddletail_swimbait', 'bladed_jig'], ['paddletail_swimbait', 'swim_jig']]],
            'L1 inside grass' => [$grass('grass_submerged', 3), [['swim_jig', 'bladed_jig'], ['swim_jig', 'paddletail_swimbait']]],
            'L1, L4 matted grass' => [
                $grass('grass_matted', 3, ['date' => '2026-07-10', 'water.temp_f' => 80]),
                [['hollow_frog', 'punch_rig'], ['punch_rig', 'swim_jig']],
                ['squarebill_crankbait' => 'L4', 'jerkbait' => 'L4', 'lipless_crankbait' => 'L4', 'bladed_jig' => 'L2'],
            ],
            'L1 dying fall grass' => [
                $grass('grass_dying', 3, ['date' => '2026-10-20', 'water.temp_f' => 60]),
                [['bladed_jig', 'swim_jig'], ['bladed_jig', 'paddletail_swimbait']],
            ],
            'L2 wood, moving' => [
                $wood,
                [['spinnerbait', 'paddletail_swimbait'], ['squarebill_crankbait', 'lipless_crankbait'], ['spinnerbait', 'bladed_jig']],
            ],
            'L2 wood, still' => [$wood, [['flipping_jig', 'football_jig'], ['flipping_jig', 'carolina_rig']]],
            'L2 reeds' => [
                ['water.temp_f' => 66, 'spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [1, 5]]],
                [['creature_texas_rig', 'wacky_rig'], ['flipping_jig', 'football_jig'], ['hollow_frog', 'toad']],
                ['jerkbait' => 'L4', 'squarebill_crankbait' => 'L4'],
            ],
            'L2 open water wants an exposed hook' => [
                ['water.temp_f' => 68, 'spot' => ['structure' => 'basin', 'cover' => ['none'], 'depth_ft' => [4, 20]]],
                [['paddletail_swimbait', 'swim_jig'], ['paddletail_swimbait', 'underspin_swimbait']],
            ],
            'L3 rock in current' => [
                ['water.temp_f' => 66, 'water.current' => 'moderate', 'spot' => ['structure' => 'gravel_bar', 'cover' => ['rock'], 'depth_ft' => [2, 6]]],
                [['swim_jig', 'squarebill_crankbait'], ['swim_jig', 'lipless_crankbait'], ['swim_jig', 'jerkbait']],
            ],
            'L5 shallow warm mud' => [
                $mud,
                [
                    ['spinnerbait', 'bladed_jig'], ['bladed_jig', 'swim_jig'], ['swim_jig', 'squarebill_crankbait'],
                    ['squarebill_crankbait', 'flipping_jig'], ['flipping_jig', 'drop_shot'],
                ],
                ['glide_bait' => 'L5', 'jerkbait' => 'L5', 'walking_topwater' => 'L5'],
            ],
            'L5 open flats in mud' => [
                ['spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => [2, 6]]] + $mud,
                [['lipless_crankbait', 'spinnerbait']],
            ],
            'L6 shade in murk' => [
                $shade(1.2),
                [['squarebill_crankbait', 'spinnerbait'], ['spinnerbait', 'buzzbait'], ['squarebill_crankbait', 'finesse_jig']],
            ],
            'L6 shade at 3-4 ft' => [$shade(3.5), [['finesse_jig', 'shaky_head'], ['shaky_head', 'drop_shot'], ['finesse_jig', 'spinnerbait']]],
            'L6 shade over 4-5 ft' => [
                $shade(7, ['weather.wind_mph' => 9]),
                [['paddletail_swimbait', 'finesse_jig'], ['walking_topwater', 'squarebill_crankbait']],
            ],
            'L7 winter over rock' => [
                $winter + ['spot' => ['structure' => 'channel_swing', 'cover' => ['rock'], 'depth_ft' => [6, 20]]],
                [
                    ['football_jig', 'casting_jig'], ['jerkbait', 'paddletail_swimbait'], ['jerkbait', 'spinnerbait'],
                    ['flat_sided_crankbait', 'medium_crankbait'], ['tube', 'shaky_head'],
                ],
                ['hollow_frog' => 'FAMILIES', 'punch_rig' => 'L2'],
            ],
            'L9 crawfish' => [
                ['forage' => ['crawfish'], 'water.temp_f' => 56, 'spot' => ['structure' => 'secondary_point', 'cover' => ['rock'], 'depth_ft' => [3, 10]]],
                [['casting_jig', 'drop_shot'], ['medium_crankbait', 'paddletail_swimbait']],
            ],
            'L9 frog' => [
                [
                    'forage' => ['frog'],
                    'date' => '2026-07-01',
                    'water.temp_f' => 80,
                    'spot' => ['structure' => 'flat', 'cover' => ['lily_pads'], 'depth_ft' => [1, 4]],
                ],
                [['hollow_frog', 'swim_jig'], ['toad', 'buzzbait']],
            ],
            'W17 wind, cloud and murk' => [
                ['weather.wind_mph' => 14, 'weather.sky' => 'overcast', 'water.visibility_ft' => 2],
                [['spinnerbait', 'bladed_jig'], ['spinnerbait', 'jerkbait'], ['spinnerbait', 'shaky_head']],
            ],
            'S11 floating dock, 4 ft' => [
                [
                    'water.temp_f' => 66,
                    'spot' => [
                        'structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [2, 6],
                        'dock' => ['kind' => 'floating', 'part' => 'inside', 'depth_ft' => 4],
                    ],
                ],
                [['casting_jig', 'jerkbait'], ['stick_worm', 'paddletail_swimbait']],
            ],
            'S11 floating dock, 12 ft' => [
                [
                    'water.temp_f' => 58,
                    'water.visibility_ft' => 6,
                    'spot' => [
                        'structure' => 'dock',
                        'cover' => ['dock'],
                        'depth_ft' => [3, 14],
                        'dock' => ['kind' => 'floating', 'part' => 'outside', 'depth_ft' => 12],
                    ],
                ],
                [['jerkbait', 'casting_jig'], ['paddletail_swimbait', 'flipping_jig']],
            ],
            'S12 piling dock' => [
                [
                    'water.temp_f' => 68,
                    'spot' => ['structure' => 'dock', 'cover' => ['dock'], 'depth_ft' => [2, 5], 'dock' => ['kind' => 'piling', 'depth_ft' => 4]],
                ],
                [['stick_worm', 'finesse_jig'], ['shaky_head', 'drop_shot']],
            ],
            'stick worm in the low 60s' => [
                ['water.temp_f' => 61, 'spot' => ['structure' => 'secondary_point', 'cover' => ['stumps'], 'depth_ft' => [1, 5]]],
                [['stick_worm', 'carolina_rig'], ['stick_worm', 'tube'], ['stick_worm', 'drop_shot']],
            ],
            'summer ledge' => [
                [
                    'date' => '2026-07-18',
                    'water.temp_f' => 84,
                    'spot' => ['structure' => 'ledge', 'cover' => ['none'], 'depth_ft' => [12, 22]],
                    'forage' => ['shad'],
                ],
                [['deep_crankbait', 'medium_crankbait'], ['deep_crankbait', 'spinnerbait'], ['flutter_spoon', 'football_jig']],
                ['hollow_frog' => 'D1', 'jerkbait' => 'FAMILIES'],
            ],
            'walleye in a winter river' => [
                [
                    'species' => 'walleye', 'waterbody' => 'river', 'date' => '2026-12-10', 'water.temp_f' => 37, 'water.current' => 'strong',
                    'spot' => ['structure' => 'eddy', 'depth_ft' => [8, 18]],
                ],
                [['jig_plastic_minnow', 'pin_tail'], ['jig_plastic_minnow', 'jerkbait']],
            ],
            'muskie on a rock reef' => [
                [
                    'species' => 'muskellunge',
                    'date' => '2026-08-01',
                    'water.temp_f' => 72,
                    'water.visibility_ft' => 6,
                    'spot' => ['structure' => 'rock_pile', 'cover' => ['rock'], 'depth_ft' => [2, 8]],
                ],
                [['inline_spinner', 'spinnerbait'], ['inline_spinner', 'squarebill_crankbait']],
            ],
            'crappie' => [['species' => 'black_crappie', 'water.temp_f' => 54], [['micro_jig', 'jerkbait'], ['curly_tail_grub', 'spinnerbait']]],
            'perch' => [['species' => 'yellow_perch', 'water.temp_f' => 60], [['curly_tail_grub', 'spinnerbait'], ['drop_shot', 'jerkbait']]],
        ];
    }

    public function test_the_loser_says_why_it_lost(): void
    {
        $plan = self::plan(
            ['water.temp_f' => 63, 'water.visibility_ft' => 0.6, 'spot' => ['structure' => 'secondary_point', 'cover' => ['laydown'], 'depth_ft' => [1, 6]]],
        );
        $texts = array_map(static fn ($e): string => (string) $e->text, $plan->entry('squarebill_crankbait')->effects() ?? []);
        self::assertContains('Tried after swim jig in shallow warm mud.', $texts);
    }

    public function test_a_clear_water_smallmouth_flat_has_the_ladder_of_refusals(): void
    {
        $plan = self::plan(
            [
                'species' => 'smallmouth_bass',
                'water.temp_f' => 47,
                'water.visibility_ft' => 10,
                'forage' => ['minnow'],
                'weather.sky' => 'overcast',
                'spot' => ['structure' => 'flat', 'cover' => ['none'], 'depth_ft' => [3, 8]],
            ],
        );
        self::assertSame('jerkbait', $plan->lineup[0]->lure->key);
        self::assertSame(['paddletail_swimbait', 'micro_jig', 'jerkbait'], $plan->nextIfRefused);
    }

    /** Schools spring_worms, loudness. */
    public function test_schools_change_the_lineup(): void
    {
        $rank = static fn (array $day): int => (int) array_search('stick_worm', self::order($day), true);
        $day = ['water.temp_f' => 60, 'spot' => ['structure' => 'flat', 'cover' => ['rock'], 'depth_ft' => [2, 7]]];
        self::assertGreaterThan($rank($day), $rank($day + ['schools' => ['spring_worms' => 'no']]));
        self::assertGreaterThan(
            $rank($day + ['forage' => ['goby', 'crawfish']]),
            $rank($day + ['forage' => ['goby']]),
            'goby alone silences the worm by default',
        );
        self::assertLessThan($rank($day + ['forage' => ['goby']]), $rank($day + ['forage' => ['goby'], 'schools' => ['spring_worms' => 'yes']]));
        $silent = self::plan(['schools' => ['loudness' => 'silent']])->entry('squarebill_crankbait');
        self::assertFalse($silent?->setup()->spec->rattle);
        self::assertTrue(self::plan(['water.visibility_ft' => 1.2, 'water.temp_f' => 78])->entry('squarebill_crankbait')?->setup()->spec->rattle);
    }

    public function test_only_lures_owned_are_in_the_lineup_and_there_is_always_one(): void
    {
        self::assertEqualsCanonicalizing(['jerkbait', 'spinnerbait'], self::order(['owned' => ['jerkbait', 'spinnerbait']]));
        $plan = self::plan(['owned' => ['glide_bait'], 'water.visibility_ft' => 0.3]);
        self::assertSame('glide_bait', $plan->lineup[0]->lure->key);
        self::assertCount(1, $plan->rods);
    }
}
