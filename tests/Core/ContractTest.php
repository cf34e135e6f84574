<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\PatternContract;
use OldEddy\Contract\PlanContract;
use OldEddy\Contract\SpotWriter;
use OldEddy\Day\Conditions\Spot;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The contract, held against the published JSON Schemas. */
final class ContractTest extends TestCase
{
    use Days;
    use Schemas;

    private const FULL = [
        'date' => '2026-04-12', 'time' => '07:30', 'timezone' => 'America/New_York', 'lat' => 37.1, 'lon' => -79.9,
        'species' => 'largemouth_bass', 'waterbody' => 'reservoir', 'stage' => null,
        'water' => [
            'temp_f' => 54,
            'temp_trend_f_per_day' => 0.8,
            'visibility_ft' => 1.5,
            'normal_visibility_ft' => 8,
            'level_change_ft_per_week' => 0,
            'current' => 'none',
            'inflow' => ['running' => true, 'relative_temp' => 'warmer', 'muddy' => true],
        ],
        'weather' => ['sky' => 'overcast', 'wind_mph' => 8, 'wind_from_deg' => 220, 'front' => 'stable'],
        'spot' => [
            'structure' => 'secondary_point', 'cover' => ['laydown'], 'bottom' => 'gravel', 'depth_ft' => [3, 9], 'depth_nearby_ft' => 20,
            'dock' => ['kind' => 'floating', 'part' => 'walkway', 'depth_ft' => 4], 'shaded' => false, 'shade_width_ft' => null,
        ],
        'forage' => ['crawfish'], 'observed' => ['follows'], 'pressure' => 'normal', 'mode' => 'cast', 'platform' => 'boat', 'rods' => 5,
        'owned' => null, 'schools' => ['mud_color' => 'dark_contrast', 'shade_from_f' => 50],
    ];

    /** K4: the published schema takes what the reader takes, and refuses what it refuses. */
    public function test_owned_lures_are_taken_by_schema_and_reader_alike(): void
    {
        $lure = ['lure' => 'spinnerbait', 'color' => 'perch', 'weight_oz' => 0.5, 'length_in' => null, 'rated_ft' => null];
        foreach ([['spinnerbait', 'tube'], [$lure, ['lure' => 'tube']], null] as $owned) {
            $in = ['owned' => $owned] + self::FULL;
            self::assertValid('plan.in', $in);
            $out = PlanContract::answer($in);
            self::assertValid('plan.out', $out);
            self::assertSame($owned === null, count($out['lineup']) > 2);
        }
        $schema = (string) file_get_contents(dirname(__DIR__, 2).'/docs/schema/plan.in.json');
        foreach ([[['lure' => 'magic']], [['color' => 'perch']], [['weight_oz' => 99] + $lure], [['shine' => 1] + $lure], ['magic'], [], [3]] as $owned) {
            $in = ['owned' => $owned] + self::FULL;
            self::assertFalse((new Validator)->validate(json_decode((string) json_encode($in)), $schema)->isValid(), (string) json_encode($owned));
            try {
                PlanContract::answer($in);
                self::fail((string) json_encode($owned));
            } catch (InvalidInput $problem) {
                self::assertStringStartsWith('owned', $problem->toArray()[0]['path']);
            }
        }
    }

    public function test_the_whole_input_of_the_contract_is_taken(): void
    {
        self::assertValid('plan.in', self::FULL);
        $out = PlanContract::answer(self::FULL);
        self::assertValid('plan.out', $out);
        self::assertSame('stained', $out['reading']['clarity']);
        self::assertSame('sharply_down', $out['reading']['clarity_shift']);
        self::assertSame(count($out['lineup']) + count($out['ruled_out']), count(\OldEddy\Choice\Lures\Catalog::all()));
    }

    public function test_nearly_everything_may_be_absent(): void
    {
        foreach ([
            ['species' => 'zander', 'date' => '2026-10-01'],
            ['species' => 'bluegill', 'stage' => 'spawn'],
            ['species' => 'walleye', 'date' => null, 'stage' => 'winter', 'water' => null, 'spot' => null, 'forage' => null],
        ] as $in) {
            self::assertValid('plan.in', $in);
            $out = PlanContract::answer($in);
            self::assertValid('plan.out', $out);
            self::assertNotEmpty($out['assumed']);
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('bad')]
    public function test_bad_input_is_named_by_field(string $path, array $changes): void
    {
        try {
            PlanContract::answer(self::day($changes));
            self::fail("{$path} was taken");
        } catch (InvalidInput $e) {
            self::assertSame([$path], array_column($e->toArray(), 'path'));
            self::assertNotSame('', $e->toArray()[0]['message']);
            self::assertValid('errors', ['errors' => $e->toArray()]);
        }
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function bad(): array
    {
        $rows = [
            ['water.visibility_ft', ['water.visibility_ft' => -1]],
            ['water.temp_f', ['water.temp_f' => 140]],
            ['water.temp_f', ['water.temp_f' => '54']],
            ['date', ['date' => '2026-02-30']],
            ['date', ['date' => 'soon']],
            ['species', ['species' => 'trout']],
            ['species', ['species' => null]],
            ['weather.wind_mph', ['weather.wind_mph' => 900]],
            ['water.temp_c', ['water.temp_c' => 12]],
            ['visibility', ['visibility' => 3]],
            ['time', ['time' => '25:00']],
            ['timezone', ['timezone' => 'Mars/Olympus']],
            ['lat', ['lat' => 91]],
            ['water', ['water' => 'brown']],
            ['water.current', ['water.current' => 'fast']],
            ['water.inflow.running', ['water.inflow' => ['running' => 'yes']]],
            ['spot.cover.1', ['spot' => ['cover' => ['rock', 'carpet']]]],
            ['spot.cover', ['spot' => ['cover' => 'rock']]],
            ['spot.depth_ft', ['spot' => ['depth_ft' => [9, 3]]]],
            ['spot.depth_ft', ['spot' => ['depth_ft' => [3]]]],
            ['spot.dock.depth_ft', ['spot' => ['dock' => ['depth_ft' => 0]]]],
            ['forage.0', ['forage' => ['pizza']]],
            ['rods', ['rods' => 2.5]],
            ['rods', ['rods' => 0]],
            ['owned', ['owned' => []]],
            ['owned.0', ['owned' => ['magic_lure']]],
            ['schools.tempo', ['schools' => ['tempo' => 'nap']]],
            ['schools.other', ['schools' => ['other' => 'x']]],
            ['weather.pressure_series.0', ['weather.pressure_series' => [['hours_ago' => 3]]]],
            ['pressure', ['pressure' => 'insane']],
            ['sections.0.temp_f', ['sections' => [['name' => 'Arm', 'temp_f' => 140]]]],
            ['sections.0.name', ['sections' => [['temp_f' => 60]]]],
            ['stage', ['stage' => 'tuesday']],
        ];
        $named = [];
        foreach ($rows as $i => $row) {
            $named["{$i} {$row[0]}"] = $row;
        }

        return $named;
    }

    /** W10: one lake holds several seasons; each section is read by itself. */
    public function test_sections_of_a_lake(): void
    {
        $in = self::day(
            [
                'water.temp_f' => 68,
                'sections' => [
                    ['name' => 'Lower end', 'temp_f' => 74],
                    ['name' => 'Upper arm', 'temp_f' => 64, 'visibility_ft' => 1.2],
                    ['name' => 'As the lake'],
                ],
            ],
        );
        self::assertValid('plan.in', $in);
        $out = PlanContract::answer($in);
        self::assertValid('plan.out', $out);
        self::assertSame(['postspawn', 'spawn', 'spawn'], array_map(static fn (array $s): string => $s['reading']['stage'], $out['sections']));
        self::assertSame(['fair', 'stained', 'fair'], array_map(static fn (array $s): string => $s['reading']['clarity'], $out['sections']));
        self::assertSame($out['reading']['fish'], $out['sections'][2]['reading']['fish']);
    }

    /** W10: what is asked for a spot is read in the water of the section it lies in; a section that the day does not name is the lake. */
    public function test_a_spot_is_read_in_the_water_of_its_section(): void
    {
        $of = static fn (array $spot, ?float $lakeF = 68): array => PlanContract::answer(self::day(
            ['water.temp_f' => $lakeF, 'spot' => $spot, 'sections' => [['name' => 'Lower end', 'temp_f' => 74], ['name' => 'Upper arm', 'visibility_ft' => 1.2]]],
        ));
        $in = self::day(['spot' => ['section' => 'Lower end']]);
        self::assertValid('plan.in', $in);
        $reading = static fn (array $answer): array => [$answer['reading']['stage'], $answer['reading']['clarity']];
        self::assertSame(['spawn', 'fair'], $reading($of(['structure' => 'flat'])));
        self::assertSame(['postspawn', 'fair'], $reading($of(['structure' => 'flat', 'section' => 'Lower end'])));
        self::assertSame(['spawn', 'stained'], $reading($of(['section' => 'Upper arm'])));
        self::assertSame(['spawn', 'fair'], $reading($of(['section' => 'Elsewhere'])));
        self::assertSame($of(['structure' => 'flat', 'section' => 'Lower end'])['lineup'], $of(['structure' => 'flat'], 74)['lineup'], 'as if the whole lake were so');
        $sections = static fn (array $answer): array => array_map(static fn (array $s): string => $s['reading']['stage'], $answer['sections']);
        self::assertSame($sections($of([])), $sections($of(['section' => 'Lower end'])), 'the sections are compared wherever one stands');
        self::assertSame(['section' => 'Lower end'], SpotWriter::write(new Spot(section: 'Lower end')));
    }

    public function test_every_problem_is_told_at_once(): void
    {
        try {
            PlanContract::answer(['species' => 'trout', 'water' => ['temp_f' => 140, 'visibility_ft' => -1]]);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertEqualsCanonicalizing(['species', 'date', 'water.temp_f', 'water.visibility_ft'], array_column($e->toArray(), 'path'));
        }
    }

    public function test_pattern(): void
    {
        $in = ['stints' => [
            ['at' => '2026-04-12T07:40', 'spot' => 'A', 'lure' => 'spinnerbait', 'color' => 'bright', 'depth_ft' => 3, 'retrieve' => 'medium', 'structure' => 'flat', 'cover' => 'reeds', 'cover_part' => 'edge', 'light' => 'shade', 'angler' => 'Marlo', 'casts' => 20, 'minutes' => 12,
                'contacts' => [['kind' => 'caught', 'species' => 'largemouth_bass', 'length_in' => 14.5, 'hooked' => 'inside'], ['kind' => 'missed', 'hooked' => null]]],
            ['at' => '2026-04-12T08:10', 'spot' => 'B', 'lure' => 'spinnerbait', 'cover' => 'reeds', 'casts' => 20, 'contacts' => [['kind' => 'caught']]],
            ['at' => '2026-04-12T08:40', 'spot' => 'C', 'lure' => 'jerkbait', 'cover' => 'rock', 'casts' => 60],
        ], 'prior' => null];
        self::assertValid('pattern.in', $in);
        $out = PatternContract::answer($in);
        self::assertValid('pattern.out', $out);
        $reeds = array_values(array_filter($out['factors'], static fn (array $f): bool => $f['level'] === 'reeds'))[0];
        self::assertSame(['holding', 'holding'], [$reeds['verdict'], $reeds['claim']], 'three fish are not sure enough');
        self::assertSame(2.8, $reeds['contacts']);
        self::assertValid('pattern.out', PatternContract::answer(['stints' => [], 'prior' => ['per_cast' => 0.05, 'casts' => 100]]));
    }

    /** Schools tempo and change_first (common practice): what is changed first, and how long one stays. */
    public function test_the_next_move_follows_schools_and_stage(): void
    {
        $blank = ['stints' => [['at' => '2026-01-20T09:00', 'spot' => 'A', 'lure' => 'jerkbait', 'cover' => 'rock', 'depth_ft' => 9, 'casts' => 22]]];
        $first = static function (array $more) use ($blank): string {
            self::assertValid('pattern.in', $blank + $more);

            return PatternContract::answer($blank + $more)['next'][0]['action'];
        };
        self::assertSame('change_depth', $first([]));
        self::assertSame('change_place', $first(['stage' => 'winter']), 'in winter the place is changed first');
        self::assertSame('change_place', $first(['schools' => ['change_first' => 'place']]));
        self::assertSame('change_depth', $first(['stage' => 'winter', 'schools' => ['change_first' => 'lure']]));
        $few = ['stints' => [['casts' => 10] + $blank['stints'][0]]];
        self::assertSame('change_place', PatternContract::answer($few + ['schools' => ['tempo' => 'cover_water']])['next'][0]['action'], '5-10 casts and on');
        self::assertSame('repeat_cast', PatternContract::answer($few + ['schools' => ['tempo' => 'pick_apart']])['next'][0]['action']);
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('badPatterns')]
    public function test_bad_patterns(string $path, array $in): void
    {
        try {
            PatternContract::answer($in);
            self::fail("{$path} was taken");
        } catch (InvalidInput $e) {
            self::assertContains($path, array_column($e->toArray(), 'path'));
        }
    }

    /** @return list<array{string, array<string, mixed>}> */
    public static function badPatterns(): array
    {
        $stint = ['at' => '2026-04-12T07:40', 'casts' => 3];

        return [
            ['stints', []],
            ['stints', ['stints' => 'many']],
            ['stints.0.at', ['stints' => [['at' => '2026-02-30T08:00'] + $stint]]],
            ['stints.0.casts', ['stints' => [['casts' => -1] + $stint]]],
            ['stints.0.casts', ['stints' => [['at' => '2026-04-12T07:40']]]],
            ['stints.0.lure', ['stints' => [$stint + ['lure' => 'magic']]]],
            ['stints.0.contacts.0.kind', ['stints' => [$stint + ['contacts' => [['kind' => 'hugged']]]]]],
            ['stints.0.contacts.0.length_in', ['stints' => [$stint + ['contacts' => [['kind' => 'caught', 'length_in' => 900]]]]]],
            ['schools.tempo', ['stints' => [], 'schools' => ['tempo' => 'hurry']]],
            ['stage', ['stints' => [], 'stage' => 'monsoon']],
            ['prior.per_cast', ['stints' => [], 'prior' => ['per_cast' => 3]]],
        ];
    }
}
