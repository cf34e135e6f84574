<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Basics\Problem\InputProblem;
use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Contract\SketchReader;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Sketch\Kind;
use OldEddy\Where\Sketch\Sketch;
use OldEddy\Where\Sketch\SketchGrid;
use PHPUnit\Framework\TestCase;

/** S31: a water without a chart, drawn on a sheet: what was set is known, the rest is not. */
final class SketchTest extends TestCase
{
    private const SHORE = ['kind' => 'shore', 'points' => [[-200, -150], [200, -150], [200, 150], [-200, 150]]];

    public function test_a_set_depth_is_known_within_its_reach_and_nothing_else_is(): void
    {
        $sketch = self::sketch([self::SHORE, ['kind' => 'depth', 'points' => [[-100, 0]], 'ft' => 12]], 200);
        $grid = self::grid($sketch);
        self::assertEqualsWithDelta(12, $grid->at(...self::place($sketch, -100, 0)), 0.3);
        self::assertNotNull($grid->at(...self::place($sketch, -100, 55)), '180 ft away');
        self::assertNull($grid->at(...self::place($sketch, -100, 70)), '230 ft away: unknown, though the shore is near');
        self::assertNull($grid->at(...self::place($sketch, 150, 0)), 'the other half of the lake');
        self::assertSame(0.0, $grid->at(...self::place($sketch, -201.5, 0)), 'land outside the shoreline');
        // Rising to the waterline: half way it is shallower than where it was set, and deeper than at the bank.
        $half = $grid->at(...self::place($sketch, -150, 0));
        self::assertTrue($half > 2 && $half < 11, "{$half} ft half way to the bank");
        self::assertLessThan(1.5, $grid->at(...self::place($sketch, -157, 0)) - $half, 'and shallower on');
    }

    public function test_between_two_depths_it_is_between_and_a_depth_line_is_as_deep_all_along(): void
    {
        $sketch = self::sketch([
            self::SHORE, ['kind' => 'depth', 'points' => [[-30, 0]], 'ft' => 10], ['kind' => 'depth', 'points' => [[30, 0]], 'ft' => 20],
            ['kind' => 'depth_line', 'points' => [[-150, 80], [150, 80]], 'ft' => 6],
        ], 300);
        $grid = self::grid($sketch);
        $between = $grid->at(...self::place($sketch, 0, 0));
        self::assertTrue($between > 10 && $between < 20, "{$between} ft");
        foreach ([-120, -40, 0, 77, 140] as $x) {
            self::assertEqualsWithDelta(6, $grid->at(...self::place($sketch, $x, 80)), 0.5);
        }
    }

    public function test_an_island_is_land_and_depths_without_a_shore_stand_alone(): void
    {
        $island = ['kind' => 'island', 'points' => [[-20, -20], [20, -20], [20, 20], [-20, 20]]];
        $sketch = self::sketch([self::SHORE, $island, ['kind' => 'depth', 'points' => [[60, 0]], 'ft' => 9]], 300);
        $grid = self::grid($sketch);
        self::assertSame(0.0, $grid->at(...self::place($sketch, 0, 0)));
        self::assertGreaterThan(3, $grid->at(...self::place($sketch, 45, 0)));
        $alone = self::sketch([['kind' => 'depth', 'points' => [[0, 0]], 'ft' => 9]], 100);
        $grid = self::grid($alone);
        self::assertEqualsWithDelta(9, $grid->at(...self::place($alone, 25, 0)), 1e-6, 'no shore to rise to');
        self::assertNull($grid->at(...self::place($alone, 31, 5)));
        self::assertNull(SketchGrid::of(self::sketch([['kind' => 'spot', 'points' => [[0, 0]]]])), 'spots alone make no bottom');
    }

    public function test_spots_get_names_of_their_own(): void
    {
        $sketch = self::sketch([
            ['kind' => 'dock', 'points' => [[0, 0], [0, 10]]], ['kind' => 'dock', 'points' => [[5, 0]]], ['kind' => 'spot', 'points' => [[9, 0]], 'name' => 'Dock 1'],
            ['kind' => 'spot', 'points' => [[9, 9]], 'structure' => 'hump'], ['kind' => 'creek', 'points' => [[1, 1]]], ['kind' => 'ramp', 'points' => [[0, 0]]],
            ['kind' => 'spot', 'points' => [[3, 3]], 'name' => 'dock 1'],
        ]);
        $names = $sketch->names();
        self::assertSame('Dock 1', $names[2], 'what was written stays');
        self::assertSame(['Dock 2', 'Dock 3', 'Hump 1', 'Creek mouth 1', 'dock 1 2'], [$names[0], $names[1], $names[3], $names[4], $names[6]]);
        self::assertSame(Structure::Hump, $sketch->things[3]->structure);
    }

    /** S25: for a sketched water the line of the cast is the one that was drawn, at the spot it aims at. */
    public function test_a_drawn_cast_belongs_to_the_spot_it_aims_at(): void
    {
        $sketch = self::sketch([
            ['kind' => 'spot', 'points' => [[0, 0]], 'name' => 'stump'], ['kind' => 'spot', 'points' => [[300, 0]], 'name' => 'far'],
            ['kind' => 'cast', 'points' => [[0, -20], [0, -1]]],
        ]);
        $line = $sketch->castAt($sketch->of(Kind::Spot)[0]);
        self::assertEqualsWithDelta(0, fmod(($line->bearingDeg ?? 90) + 0.01, 360), 0.1, 'to the north');
        self::assertEqualsWithDelta(19 / 0.3048, $line->lengthFt ?? 0, 0.2);
        self::assertNull($sketch->castAt($sketch->of(Kind::Spot)[1]));
    }

    public function test_what_is_wrong_with_a_sketch_is_told_by_field(): void
    {
        $wrong = static function (array $values): array {
            try {
                SketchReader::read($values + ['lat' => 37, 'lon' => -80]);

                return [];
            } catch (InvalidInput $e) {
                return array_map(static fn (InputProblem $p): string => $p->path, $e->problems);
            }
        };
        self::assertSame([], $wrong(['things' => []]));
        self::assertSame(['things.0.points'], $wrong(['things' => [['kind' => 'shore', 'points' => [[0, 0], [1, 1]]]]]));
        self::assertSame(['things.0.ft'], $wrong(['things' => [['kind' => 'depth', 'points' => [[0, 0]]]]]));
        self::assertSame(['things.0.kind'], $wrong(['things' => [['kind' => 'monster', 'points' => [[0, 0]]]]]) === ['things.0.kind', 'things.0.kind'] ? ['things.0.kind'] : ['no']);
        self::assertSame(['things.0.points.1'], $wrong(['things' => [['kind' => 'bank', 'points' => [[0, 0], ['east', 1]], 'ft' => 20]]]));
        self::assertSame(['things.0.points.0'], $wrong(['things' => [['kind' => 'ramp', 'points' => [[1e6, 0]]]]]));
        self::assertSame(['things.0.name'], $wrong(['things' => [['kind' => 'section', 'points' => [[0, 0], [1, 0], [0, 1]]]]]));
        self::assertSame(['reach_ft'], $wrong(['reach_ft' => 5, 'things' => []]));
        self::assertContains('lat', $wrong(['lat' => 'north', 'things' => []]));
    }

    /** @param  list<array<string, mixed>>  $things */
    private static function sketch(array $things, float $reachFt = 200): Sketch
    {
        return SketchReader::read(['lat' => 37.2, 'lon' => -80.1, 'reach_ft' => $reachFt, 'things' => $things]);
    }

    private static function grid(Sketch $sketch): DepthGrid
    {
        return SketchGrid::of($sketch) ?? self::fail('no bottom');
    }

    /** @return array{float, float} */
    private static function place(Sketch $sketch, float $east, float $north): array
    {
        $at = $sketch->position([$east, $north]);

        return [$at->lat, $at->lon];
    }
}
