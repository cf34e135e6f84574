<?php

declare(strict_types=1);

namespace Tests\Core;

use InvalidArgumentException;
use OldEddy\Day\Conditions\Structure;
use OldEddy\Where\Lake\Contours;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Feature;
use OldEddy\Where\Lake\FeatureFinder;
use OldEddy\Where\Lake\Fetch;
use OldEddy\Where\Lake\Ground;
use OldEddy\Where\Lake\Shape;
use OldEddy\Where\Lake\Shoreline;
use OldEddy\Where\Lake\Soundings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LakeTest extends TestCase
{
    /**
     * Source: GDAL's gdaldem slope -p (Debian 12), see references/make-terrain.sh. Ours is that of a bottom smoothed twice, so
     * that it is flatter at bumps of a cell or two and must go up and down with theirs everywhere.
     */
    public function test_the_slope_of_the_bottom_follows_that_of_a_geospatial_library(): void
    {
        $g = json_decode((string) file_get_contents(__DIR__.'/references/terrain.json'), true, flags: JSON_THROW_ON_ERROR);
        $ours = Ground::of(new DepthGrid(37, -80, $g['cell'], $g['cols'], $g['rows'], array_map(floatval(...), $g['depths_ft'])))->slope;
        $pairs = [];
        foreach ($g['slope_percent'] as $i => $theirs) {
            if ($theirs !== null && $ours[$i] !== null) {
                $pairs[] = [$theirs, $ours[$i]];
            }
        }
        self::assertCount(22 * 16, $pairs);
        $apart = array_map(static fn (array $p): float => abs($p[0] - $p[1]), $pairs);
        sort($apart);
        self::assertLessThan(1.0, $apart[176], 'half of all cells within one per cent of slope');
        self::assertGreaterThan(0.93, self::correlation($pairs));
    }

    /** A plane is smoothed to itself: a drop of a foot in ten metres is 3.048 per cent. */
    public function test_the_slope_of_a_plane_is_exact_and_what_is_unknown_stays_so(): void
    {
        $depths = array_map(static fn (int $i): ?float => $i === 60 ? null : 5.0 + $i % 11, range(0, 120));
        $slope = Ground::of(new DepthGrid(37, -80, 10, 11, 11, $depths))->slope;
        self::assertEqualsWithDelta(3.048, $slope[11 * 2 + 5], 0.01);
        self::assertNull($slope[60]);
    }

    /** @param  list<array{float, float}>  $pairs */
    private static function correlation(array $pairs): float
    {
        [$x, $y] = [array_column($pairs, 0), array_column($pairs, 1)];
        [$mx, $my] = [array_sum($x) / count($x), array_sum($y) / count($y)];
        [$xy, $xx, $yy] = [0.0, 0.0, 0.0];
        foreach ($pairs as [$a, $b]) {
            $xy += ($a - $mx) * ($b - $my);
            $xx += ($a - $mx) ** 2;
            $yy += ($b - $my) ** 2;
        }

        return $xy / sqrt($xx * $yy);
    }

    /** S23. A lake made by hand: its features are known. */
    #[DataProvider('features')]
    public function test_the_features_of_a_hand_made_lake_are_found_where_they_are(Structure $kind, callable $lake, int $col, int $row, int $within): void
    {
        $grid = self::grid($lake);
        $of = array_values(array_filter(FeatureFinder::find($grid), static fn (Feature $f): bool => $f->kind === $kind));
        self::assertNotSame([], $of, "no {$kind->value}");
        [$x, $y] = $grid->cellAt($of[0]->lat, $of[0]->lon);
        self::assertLessThanOrEqual($within, max(abs($x - $col), abs($y - $row)), "the most marked {$kind->value} lies at {$x}, {$y}");
    }

    /** @return array<string, array{Structure, callable, int, int, int}> depth in feet by column and row, cells of 10 m; the bank is at column 20 */
    public static function features(): array
    {
        $bank = static fn (float $x): float => $x <= 20 ? 0.0 : min(40.0, 0.7 * ($x - 20));
        $hill = static fn (float $x, float $y, float $hx, float $hy, float $up, float $wide): float => $up * exp(
            -(($x - $hx) ** 2 + ($y - $hy) ** 2) / (2 * $wide ** 2),
        );

        return [
            'hump' => [Structure::Hump, static fn (float $x, float $y): float => $bank($x) - $hill($x, $y, 110, 60, 22, 8), 110, 60, 2],
            'saddle' => [
                Structure::Saddle,
                static fn (float $x, float $y): float => $bank($x) - $hill($x, $y, 105, 60, 22, 8) - $hill($x, $y, 131, 60, 22, 8),
                118,
                60,
                4,
            ],
            'point' => [Structure::Point, static fn (float $x, float $y): float => $bank($x - 28 * exp(-(($y - 70) ** 2) / 50)), 55, 70, 18],
            'notch' => [Structure::Notch, static fn (float $x, float $y): float => $bank($x + 14 * exp(-(($y - 90) ** 2) / 32)), 35, 90, 14],
            'flat' => [
                Structure::Flat,
                static fn (float $x): float => $x <= 20 ? 0.0 : ($x < 40 ? 0.4 * ($x - 20) : ($x < 80 ? 8.0 : 8 + 0.8 * ($x - 80))),
                60,
                80,
                10,
            ],
            'ledge' => [
                Structure::Ledge,
                static fn (float $x): float => $x <= 20 ? 0.0 : min(12.0, 0.5 * ($x - 20)) + 25 / (1 + exp(-($x - 90) / 0.8)),
                90,
                80,
                4,
            ],
            'bluff transition' => [
                Structure::BluffTransition,
                static fn (float $x, float $y): float => $x <= 20 ? 0.0 : min(30.0, ($y < 80 ? 9.0 : 0.4) * ($x - 20)),
                21,
                80,
                6,
            ],
            'channel swing' => [
                Structure::ChannelSwing,
                static fn (float $x, float $y): float => $x <= 20 ? 0.0 : 6 + 9 * exp(-(($x - 70 + 45 * exp(-(($y - 80) ** 2) / 400)) ** 2) / 8),
                25,
                80,
                12,
            ],
        ];
    }

    public function test_a_plain_slope_and_a_bowl_have_no_points_humps_or_saddles(): void
    {
        foreach ([
            static fn (float $x): float => max(0.0, 0.5 * ($x - 20)),
            static fn (float $x, float $y): float => max(0.0, 40 - 0.008 * (($x - 80) ** 2 + ($y - 80) ** 2)),
        ] as $lake) {
            $kinds = array_map(static fn (Feature $f): string => $f->kind->value, FeatureFinder::find(self::grid($lake)));
            self::assertSame([], array_values(array_intersect($kinds, ['point', 'hump', 'saddle', 'notch'])));
        }
    }

    public function test_soundings_are_gridded_with_honest_gaps(): void
    {
        $soundings = new Soundings(10);
        for ($i = 0; $i < 40; $i++) {
            $soundings->add(37.0, -80.0 + $i * 10 / (111_320 * cos(deg2rad(37))), 10 + 0.5 * $i);
        }
        $soundings->add(36.99, -80.0, 30.0);
        $grid = $soundings->grid(100);
        self::assertEqualsWithDelta(10.0, $grid->at(37.0, -80.0), 1e-9);
        self::assertEqualsWithDelta(15.0, $grid->at(36.99982, -79.99888), 0.6, 'within the gap: from its neighbours');
        self::assertNull($grid->at(36.995, -80.0), '500 m from any sounding nothing is known');
        self::assertSame(30.0, $grid->at(36.99, -80.0));
    }

    public function test_impossible_soundings_say_why(): void
    {
        foreach ([
            [-80.0, 37.0, 5.0, null], [-100.0, 37.0, 5.0, 'exchanged'], [37.0, -80.0, -2.0, 'depth'], [500_000.0, 4_100_000.0, 5.0, 'degrees'],
        ] as [$lat, $lon, $depth, $why]) {
            $soundings = new Soundings(10);
            try {
                $soundings->add($lat, $lon, $depth);
                self::assertNull($why);
            } catch (InvalidArgumentException $e) {
                self::assertStringContainsString((string) $why, $e->getMessage());
            }
        }
        $this->expectExceptionMessage('too far from the others');
        $soundings = new Soundings(10);
        $soundings->add(37, -80, 5);
        $soundings->add(38.5, -78, 5);
    }

    /** A lake too large for its cells gets larger ones; what was sounded before keeps its place and depth. */
    public function test_cells_grow_with_the_lake(): void
    {
        $perLon = 111_320 * cos(deg2rad(37.0));
        $soundings = new Soundings(10, 400);
        for ($i = 0; $i < 200; $i++) {
            $soundings->add(37.0 + 7.0 * $i / 111_320, -80.0 + 13.0 * $i / $perLon, 10 + $i / 10);
        }
        self::assertSame(200, $soundings->taken());
        self::assertSame(160.0, $soundings->cellM());
        $grid = $soundings->grid();
        self::assertLessThanOrEqual(400, $grid->cols * $grid->rows);
        // Each cell is the mean of just those soundings that lie in it.
        $in = [];
        for ($i = 0; $i < 200; $i++) {
            [$col, $row] = $grid->cellAt(37.0 + 7.0 * $i / 111_320, -80.0 + 13.0 * $i / $perLon);
            $in["{$col},{$row}"][] = 10 + $i / 10;
        }
        foreach ($in as $cell => $depths) {
            self::assertEqualsWithDelta(array_sum($depths) / count($depths), (float) $grid->cell(...array_map(intval(...), explode(',', $cell))), 1e-9, $cell);
        }
    }

    /** RFC 7946, section 3.1.6: rings by the right-hand rule; what lies in an island is water again. */
    public function test_rings_become_polygons_with_their_islands(): void
    {
        $square = static fn (float $at, float $side, bool $turned = false): array => ($turned ? array_reverse(...) : static fn (array $r): array => $r)(
            [[$at, $at], [$at + $side, $at], [$at + $side, $at + $side], [$at, $at + $side], [$at, $at]],
        );
        $polygons = Shoreline::polygons([$square(0.01, 0.01), $square(0.0, 0.06, true), $square(0.013, 0.002), $square(0.2, 0.01)]);
        self::assertSame([2, 1, 1], array_map(count(...), $polygons));
        $area = static fn (array $r): float => array_sum(
            array_map(static fn (array $a, array $b): float => $a[0] * $b[1] - $b[0] * $a[1], array_slice($r, 0, -1), array_slice($r, 1)),
        );
        foreach ($polygons as $polygon) {
            foreach ($polygon as $i => $ring) {
                self::assertSame($ring[0], $ring[count($ring) - 1]);
                self::assertSame($i === 0, $area($ring) > 0);
            }
        }
        self::assertNull(Shoreline::problem($square(0.0, 0.01)));
        self::assertStringContainsString('three corners', (string) Shoreline::problem([[1.0, 2.0]]));
        self::assertStringContainsString('one line', (string) Shoreline::problem([[0.0, 0.0], [0.1, 0.1], [0.2, 0.2]]));
    }

    public function test_land_of_one_grid_is_land_where_another_knows_nothing(): void
    {
        $here = new DepthGrid(37, -80, 10, 3, 1, [null, null, 5.0]);
        $there = new DepthGrid(37, -80, 10, 3, 1, [0.0, 4.0, 0.0]);
        self::assertSame([0.0, null, 5.0], $here->withLandOf($there)->depthsFt);
        self::assertSame(0.5, (new DepthGrid(37, -80, 10, 3, 1, [3.0, 4.0, null]))->driedBy($there));
        self::assertSame(0.0, (new DepthGrid(37, -80, 10, 3, 1, [null, 0.0, null]))->driedBy($there));
    }

    public function test_the_shoreline_cuts_out_land_and_islands(): void
    {
        $grid = self::grid(static fn (): float => 10.0);
        $ring = static fn (int $a, int $b): array => array_map(
            static fn (array $c): array => array_reverse($grid->position(...$c)),
            [[$a, $a], [$b, $a], [$b, $b], [$a, $b], [$a, $a]],
        );
        $cut = Shoreline::cut($grid, [$ring(30, 120), $ring(60, 90)]);
        self::assertSame([0.0, 10.0, 0.0, 10.0, 0.0], array_map(static fn (int $col): float => $cut->cell($col, 75), [10, 45, 75, 100, 140]));
    }

    public function test_fetch_is_open_water_by_direction(): void
    {
        $grid = self::grid(static fn (float $x, float $y): float => $x > 40 && $x < 140 && $y > 70 && $y < 90 ? 10.0 : 0.0);
        $fetch = Fetch::at($grid, ...$grid->position(41, 80));
        self::assertEqualsWithDelta(99 * 10 / 0.3048, $fetch[2], 40, 'east');
        self::assertLessThan(400, $fetch[0]);
        self::assertLessThan(70, $fetch[6]);
    }

    public function test_depth_lines_run_at_their_depth_and_close(): void
    {
        $grid = self::grid(static fn (float $x, float $y): float => max(0.0, 30 - 0.5 * hypot($x - 80, $y - 80)));
        $lines = Contours::at($grid, 10.0);
        self::assertCount(1, $lines);
        self::assertSame($lines[0][0], $lines[0][count($lines[0]) - 1], 'a ring');
        foreach ($lines[0] as [$lon, $lat]) {
            self::assertEqualsWithDelta(40, hypot($grid->columnOf($lon) - 80, $grid->rowOf($lat) - 80), 0.1);
        }
        self::assertSame([], Contours::at($grid, 31.0));
        $open = Contours::at(self::grid(static fn (float $x): float => 0.2 * $x), 10.0);
        self::assertCount(1, $open);
        self::assertCount(160, $open[0]);
    }

    public function test_shapes_are_alike_where_the_bottom_is(): void
    {
        $bottom = Ground::of(
            self::grid(static fn (float $x, float $y): float => 20 - 10 * exp(-(($x - 40) ** 2 + ($y - 40) ** 2) / 100) - 10 * exp(-(($x - 110) ** 2 + ($y - 110) ** 2) / 100)),
        );
        $at = static fn (int $col, int $row): ?Shape => Shape::at($bottom, ...$bottom->grid->position($col, $row));
        self::assertGreaterThan(0.9, $at(40, 40)?->likeness($at(110, 110) ?? new Shape(0, 0, 0)));
        self::assertLessThan(0.7, $at(40, 40)->likeness($at(80, 20) ?? new Shape(0, 0, 0)));
        self::assertNull($at(-5, 10));
    }

    /** W12. */
    public function test_another_level_moves_the_water_and_not_the_land(): void
    {
        $grid = new DepthGrid(37, -80, 10, 4, 1, [0.0, 1.0, 6.0, null]);
        $up = $grid->atLevel(2.0)->depthsFt;
        self::assertSame([0.0, 3.0, 8.0], array_slice($up, 0, 3));
        self::assertNull($up[3]);
        self::assertSame([0.0, 0.0, 4.0], array_slice($grid->atLevel(-2.0)->depthsFt, 0, 3), 'what fell dry is land');
        self::assertSame(6.0, $grid->deepestFt());
        self::assertNull((new DepthGrid(37, -80, 10, 1, 1, [null]))->deepestFt());
    }

    public function test_a_coarser_grid_keeps_place_and_depth(): void
    {
        $grid = self::grid(static fn (float $x, float $y): float => 5 + 0.1 * $x + 0.05 * $y);
        $coarse = $grid->coarser(4);
        [$lat, $lon] = $coarse->position(20, 10);
        self::assertEqualsWithDelta($grid->at($lat, $lon), $coarse->cell(20, 10), 0.12);
        self::assertSame(40, $coarse->cols);
    }

    private static function grid(callable $depth): DepthGrid
    {
        $depths = [];
        for ($row = 0; $row < 160; $row++) {
            for ($col = 0; $col < 160; $col++) {
                $depths[] = max(0.0, $depth((float) $col, (float) $row));
            }
        }

        return new DepthGrid(37.0, -80.0, 10.0, 160, 160, $depths);
    }
}
