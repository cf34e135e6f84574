<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Where\Cast\CastFinder;
use OldEddy\Where\Cast\CastLine;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** S25: the line of the cast that keeps a lure in the right depth, found on bottoms whose answer geometry gives, and kept after a fish. */
final class CastLineTest extends TestCase
{
    private const CELL_M = 3.0;

    /** @return array<string, array{float}> */
    public static function directions(): array
    {
        return ['deeper to the north' => [0.0], 'to the north-east' => [30.0], 'to the south-west' => [235.0]];
    }

    /** On a plane the depth lines are straight: the cast lies along them, and what is left when it is pushed aside follows from the slope. */
    #[DataProvider('directions')]
    public function test_on_a_plane_the_cast_lies_along_the_depth_line(float $deeperTo): void
    {
        $grid = self::plane($deeperTo, 0.05);
        $read = CastFinder::at($grid, self::middle($grid), 10, 80, 2.0);
        self::assertNotNull($read);
        $off = abs(fmod($read->line->bearingDeg - $deeperTo + 720, 180) - 90);
        self::assertLessThan(4, $off, 'at a right angle to the fall of the bottom');
        self::assertEqualsWithDelta(80 / 2.0, $read->seconds, 1.5, 'all of the cast at the depth');
        // The band of ±0.8 ft is 32 ft wide on a slope of one in twenty: 16 s straight across, and 16 ft to a side from its middle.
        self::assertEqualsWithDelta([9.2, 10.8], $read->bandFt, 1e-9);
        self::assertEqualsWithDelta(16.0, $read->secondsAcross, 1.1);
        self::assertEqualsWithDelta(16.0, $read->halfFt, 3.0);
        // Swung about the boat half is lost where 40 ft of cast climb the 0.8 ft: asin(0.8 / (40 · 0.05)) = 23.6°.
        self::assertEqualsWithDelta(23.6, $read->halfDeg, 4.0);
        self::assertGreaterThanOrEqual(10.0, (float) $grid->between($read->line->boat->lat, $read->line->boat->lon) + 0.05, 'the boat comes from the deep side');
    }

    /** On a steeper bank the same slip costs more. */
    public function test_the_steeper_the_bank_the_nearer_the_line(): void
    {
        $half = static function (float $slope): float {
            $grid = self::plane(90, $slope);

            return CastFinder::at($grid, self::middle($grid), 10, 80, 2.0)->halfFt ?? 0.0;
        };
        self::assertGreaterThan($half(0.1), $half(0.05));
        self::assertGreaterThan($half(0.25), $half(0.1));
        self::assertLessThan(5, $half(0.25), 'a few feet wrong and half is gone');
    }

    /** Around a point of circular depth lines the best cast is the tangent: of a circle of radius r it keeps within ±w for 2√(2rw + w²). */
    public function test_on_a_round_point_the_cast_is_the_tangent(): void
    {
        $slope = 0.08;
        $grid = Lakes::grid(140, 140, static fn (int $c, int $r): float => max(0.0, 4 + $slope * hypot($c - 70, $r - 70) * self::CELL_M / 0.3048), self::CELL_M);
        // The depth of 10 ft lies 75 ft from the middle; the spot is there, to the east.
        $spot = Lakes::at($grid, 70 + 75 * 0.3048 / self::CELL_M, 70);
        $read = CastFinder::at($grid, $spot, 10, 120, 2.0);
        self::assertNotNull($read);
        // From inside the band's shallow edge to its deep one: the chord of the outer circle that touches the inner one.
        [$inner, $outer] = [(9.2 - 4) / $slope, (10.8 - 4) / $slope];
        $longest = 2 * sqrt($outer ** 2 - $inner ** 2);
        self::assertLessThanOrEqual($longest / 2.0 + 1.5, $read->seconds, 'no straight line stays longer');
        self::assertGreaterThan(0.88 * $longest / 2.0, $read->seconds);
        self::assertGreaterThan(1.5 * $read->secondsAcross, $read->seconds);
        [$first, $last] = [$read->aside[0][1], $read->aside[2][1]];
        self::assertLessThanOrEqual($read->seconds, $first);
        self::assertLessThan($first, $last, 'the farther off, the less is left');
    }

    public function test_where_the_bottom_is_not_known_there_is_no_line(): void
    {
        self::assertNull(CastFinder::at(Lakes::grid(60, 60, static fn (): ?float => null, 3), self::middle(self::plane(0, 0.05)), 10, 80, 2));
        $flat = Lakes::grid(60, 60, static fn (): float => 4.0, 3);
        self::assertNull(CastFinder::at($flat, self::middle($flat), 10, 80, 2), 'no water is as deep as that');
        $pond = Lakes::grid(60, 60, static fn (int $c, int $r): float => hypot($c - 30, $r - 30) < 6 ? 10.0 : 0.0, 3);
        self::assertNull(CastFinder::at($pond, self::middle($pond), 10, 200, 2), 'a cast longer than the pond lies on land');
    }

    /** S25: after a fish position, heading and length are kept; "off by 4 ft and 6°" says where to go. */
    public function test_the_next_cast_is_held_against_the_line_that_was_kept(): void
    {
        $line = new CastLine(new Position(37, -80), 90, 70);
        self::assertEqualsWithDelta(70, $line->boat->feetTo($line->aim()), 0.01);
        self::assertEqualsWithDelta(90, $line->boat->bearingTo($line->aim()), 0.01);
        // Four feet to the south of a cast to the east is to its right; heading 96 is six degrees to the right.
        $off = $line->offOf($line->boat->moved(180, 4), 96);
        self::assertEqualsWithDelta([4.0, 0.0, 6.0], [$off->rightFt, $off->aheadFt, $off->rightDeg], 0.01);
        self::assertSame('Off by 4 ft and 6°: 4 ft to the left, cast 6° more to the left.', (string) $off->words());
        self::assertSame('Off by 10 ft: 10 ft ahead.', (string) $line->offOf($line->boat->moved(270, 10))->words());
        self::assertSame('On the line.', (string) $line->offOf($line->boat->moved(0, 1), 91)->words());
        self::assertEqualsWithDelta(-20, $line->offOf($line->boat, 70)->rightDeg, 1e-9);
        self::assertEqualsWithDelta(20, (new CastLine($line->boat, 350, 70))->offOf($line->boat, 10)->rightDeg, 1e-9, 'across north');
    }

    /** The deck reckons the same without signal: both are held against one file. */
    public function test_the_deck_and_the_core_tell_the_same(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../sequences/off.json'), true, flags: JSON_THROW_ON_ERROR);
        self::assertGreaterThan(4, count($cases));
        foreach ($cases as $case) {
            $line = new CastLine(new Position($case['line']['lat'], $case['line']['lon']), $case['line']['bearing_deg'], 70);
            self::assertSame($case['words'], (string) $line->offOf(new Position($case['boat']['lat'], $case['boat']['lon']), $case['heading'])->words());
        }
    }

    private static function plane(float $deeperTo, float $slope): DepthGrid
    {
        return Lakes::grid(140, 140, static function (int $c, int $r) use ($deeperTo, $slope): float {
            [$east, $north] = [($c - 70) * self::CELL_M / 0.3048, (70 - $r) * self::CELL_M / 0.3048];

            return max(0.0, 10 + $slope * ($east * sin(deg2rad($deeperTo)) + $north * cos(deg2rad($deeperTo))));
        }, self::CELL_M);
    }

    private static function middle(DepthGrid $grid): Position
    {
        return Lakes::at($grid, 70, 70);
    }
}
