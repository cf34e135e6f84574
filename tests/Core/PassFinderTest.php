<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\BottomBehind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\Pass;
use OldEddy\Troll\PassFinder;
use OldEddy\Troll\PassTurn;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Side;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\Station;
use OldEddy\Troll\Tangles;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;
use PHPUnit\Framework\TestCase;

/** T8: a pass follows a depth so far off it that no lure drags, in bends that the spread can turn. Held against lakes of plane geometry. */
final class PassFinderTest extends TestCase
{
    private const CELL_M = 16.0;

    private const FT = 1 / 0.3048;

    public function test_along_a_straight_bank_the_boat_goes_where_its_shallowest_lure_is_just_clear(): void
    {
        // The bottom falls a foot in 20 from the west bank.
        $grid = self::lake(static fn (float $x, float $y): float => $x / 20);
        $spread = self::spread();
        $pass = PassFinder::in($grid, $spread, 200)[0] ?? self::fail('no pass');
        // Whichever line needs the most: its depth and what it keeps clear, at 20 ft a foot, and as far as it runs to the side of the bank.
        $needs = static fn (int $side): float => max(array_map(static fn (RunningLine $l): float => 20 * ($l->depthFt + PassFinder::CLEAR_FT) + $side * $l->line->asideFt(), $spread->lines));
        $north = $pass->way[0]->bearingTo($pass->way[5]);
        $wanted = $needs($north < 90 || $north > 270 ? -1 : 1);
        foreach ($pass->way as $at) {
            self::assertEqualsWithDelta($wanted, self::east($at), 30, 'a step of pushing off, and a bit');
        }
        self::assertGreaterThan(2500, $pass->feet());
        self::assertEqualsWithDelta($pass->feet() / (2 * 5280 / 60), $pass->minutes(2), 1e-6);
        self::assertGreaterThanOrEqual(PassFinder::CLEAR_FT, $pass->leastUnderFt);
    }

    public function test_around_a_round_hole_it_goes_on_a_circle(): void
    {
        $middle = 3000.0;
        $grid = self::lake(static fn (float $x, float $y): float => max(0.5, 40 - hypot($x - $middle, $y - $middle) / 30));
        $spread = self::spread();
        $passes = PassFinder::in($grid, $spread, 200);
        self::assertNotSame([], $passes);
        foreach ($passes[0]->way as $at) {
            $radius[] = hypot(self::east($at) - $middle, self::south($at) - $middle);
        }
        self::assertLessThan(2 * self::CELL_M * self::FT, max($radius ?? [0]) - min($radius ?? [0]), 'one circle, within two cells');
        self::clears($passes, $grid, $spread);
        self::assertSame([], PassFinder::in($grid, $spread, 1500), 'a spread that cannot turn so tightly has no pass there');
    }

    public function test_on_any_bottom_nothing_drags_and_no_bend_is_too_tight(): void
    {
        $found = 0;
        foreach ([3, 7, 11] as $seed) {
            $grid = self::lake(static fn (float $x, float $y): float => max(0.0, 16 + 9 * sin($x / (240 + 40 * $seed)) * cos($y / (700 + 30 * $seed)) + $y / 300));
            $spread = self::spread();
            foreach ([150.0, 400.0] as $turn) {
                $passes = PassFinder::in($grid, $spread, $turn);
                self::clears($passes, $grid, $spread);
                $found += count($passes);
                foreach ($passes as $pass) {
                    self::assertGreaterThan(0.9 * $turn, self::tightest($pass), "seed {$seed}");
                }
            }
        }
        self::assertGreaterThan(4, $found);
    }

    /** The turn at the end of a pass goes out over the deep, half a circle of its radius, and no lure drags in it. */
    public function test_at_its_ends_the_boat_turns_over_the_deep(): void
    {
        $grid = self::lake(static fn (float $x, float $y): float => $x / 6);
        $radius = Tangles::tightest(self::spread());
        $pass = PassFinder::in($grid, self::spread(), $radius)[0] ?? self::fail('no pass');
        self::assertCount(2, $pass->turns);
        self::assertFalse($pass->turns[0]->fits(), 'beyond the chart nothing is known');
        $turns = [Tangles::inTurn(self::spread(), $radius, true), Tangles::inTurn(self::spread(), $radius, false)];
        $at = $pass->way[intdiv(count($pass->way), 2)];
        foreach ([0 => true, 180 => false] as $heading => $toStarboard) {
            $turn = PassTurn::at($at, $heading, $grid, $turns);
            self::assertSame($toStarboard, $turn->toStarboard, 'to the east, where it is deep');
            self::assertEqualsWithDelta(0.0, $turn->way[0]->feetTo($at), 0.5, 'it begins where the pass ends');
            self::assertEqualsWithDelta(self::east($at) + 2 * $radius, self::east($turn->way[count($turn->way) - 1]), 3, 'half a circle ends two radii away');
            self::assertTrue($turn->fits());
            self::assertFalse(PassTurn::at($at, $heading, self::lake(static fn (float $x): float => $x / 30), $turns)->fits(), 'over a flat bank what slows down inside drags');
        }
        // Between two banks that are hardly wider apart than the spread there is no room to turn.
        $narrow = self::lake(static fn (float $x): float => max(0.0, 30 - abs($x - 3000) / 12));
        $between = PassFinder::in($narrow, self::spread(), $radius)[0] ?? self::fail('no pass');
        self::assertFalse(PassTurn::at($between->way[intdiv(count($between->way), 2)], 0, $narrow, $turns)->fits());
    }

    /** T11: turns wide enough for the spread: in the tightest nothing stops or meets, in the next tighter one something does. */
    public function test_the_tightest_turn_is_the_last_in_which_nothing_stops_or_meets(): void
    {
        $radius = Tangles::tightest(self::spread());
        $warned = static fn (float $r): bool => Tangles::inTurn(self::spread(), $r, true)->warnings !== [] || Tangles::inTurn(self::spread(), $r, false)->warnings !== [];
        self::assertFalse($warned($radius));
        self::assertTrue($warned(0.75 * $radius));
        $kayak = Spread::of(BoatKind::Kayak, array_map(static fn (Side $side): SpreadLine => new SpreadLine(
            $side->value, $side, Station::Flat, Carrier::Flat, Catalog::all()['trolling_spoon'], ColorFamily::Silver, 60, 4, 0.5,
        ), [Side::Port, Side::Starboard]), 2.0);
        self::assertLessThan($radius / 2, Tangles::tightest($kayak), 'two short lines turn sharply');
    }

    /** T8: along the bottom that they hunt: only where places of that bottom lie. */
    public function test_a_pass_over_a_bottom_stays_near_the_places_that_have_it(): void
    {
        $grid = self::lake(static fn (float $x, float $y): float => $x / 20);
        $whole = PassFinder::in($grid, self::spread(), 200)[0] ?? self::fail('no pass');
        $cobble = $whole->way[intdiv(count($whole->way), 2)];
        $over = PassFinder::in($grid, self::spread(), 200, [$cobble]);
        self::assertCount(1, $over);
        foreach ($over[0]->way as $at) {
            self::assertLessThanOrEqual(400, $at->feetTo($cobble));
        }
        self::assertEqualsWithDelta(800, $over[0]->feet(), 80, 'four hundred feet to either side');
        self::assertEqualsWithDelta($over[0]->feet() / 2, $over[0]->past($cobble), 60);
        self::assertNull($over[0]->past($cobble->moved(90, 500)));
        self::assertSame([], PassFinder::in($grid, self::spread(), 200, [$cobble->moved(90, 4000)]), 'no pass comes by there');
    }

    /** The bottom behind the boat and under each lure, against the plane that it is. */
    public function test_the_bottom_behind_the_boat_is_that_of_the_lake(): void
    {
        $grid = self::lake(static fn (float $x, float $y): float => 10 + $y / 100);
        $spread = self::spread();
        $boat = new Position(0.008, 10.008);
        $way = [$boat->moved(180, 1000), $boat->moved(180, 300), $boat];
        $ground = BottomBehind::along($way, $grid, $spread);
        // It came from the south, where it is deeper: a foot in a hundred.
        $here = $grid->between($boat->lat, $boat->lon) ?? 0.0;
        foreach ($ground->behind as [$back, $depth]) {
            self::assertEqualsWithDelta($here + $back / 100, $depth, 0.05);
        }
        foreach ($spread->lines as $running) {
            self::assertEqualsWithDelta($here + $running->backFt / 100, $ground->under[$running->line->key], 0.05, 'as far to the side it is as deep');
        }
        $bank = BottomBehind::along($way, self::lake(static fn (float $x): float => $x / 20), $spread);
        $aside = array_map(static fn (RunningLine $r): float => $bank->under[$r->line->key] - $r->line->asideFt() / 20, $spread->lines);
        self::assertEqualsWithDelta(0.0, max($aside) - min($aside), 0.1, 'deeper to the east by a foot in twenty');
        self::assertSame([], BottomBehind::along([$boat], $grid, $spread)->behind, 'a place is no way');
        self::assertSame([[], 0.0], [BottomBehind::even(null, $spread)->under, BottomBehind::even(null, $spread)->deepestFt()]);
        self::assertSame(12.0, BottomBehind::even(12, $spread)->deepestFt());
    }

    public function test_water_that_is_too_shallow_or_a_boat_without_lines_has_none(): void
    {
        self::assertSame([], PassFinder::in(self::lake(static fn (): float => 6.0), self::spread(), 200));
        self::assertSame([], PassFinder::in(self::lake(static fn (float $x): float => $x / 20), Spread::of(BoatKind::Boat, [], 2), 200));
    }

    /** @param  list<Pass>  $passes */
    private static function clears(array $passes, DepthGrid $grid, Spread $spread): void
    {
        foreach ($passes as $pass) {
            foreach (array_slice($pass->way, 1, -1) as $i => $at) {
                $bearing = $pass->way[$i]->bearingTo($pass->way[$i + 2]);
                foreach ($spread->lines as $line) {
                    $under = $at->moved($bearing + 90, $line->line->asideFt());
                    self::assertGreaterThan($line->depthFt + PassFinder::CLEAR_FT - 0.05, $grid->between($under->lat, $under->lon) ?? 0.0);
                }
            }
        }
    }

    /** The radius of the circle through places about 160 ft apart, the least along a pass; away from its ends. */
    private static function tightest(Pass $pass): float
    {
        $least = INF;
        for ($i = 4; $i < count($pass->way) - 4; $i++) {
            [$a, $b, $c] = [$pass->way[$i - 4], $pass->way[$i], $pass->way[$i + 4]];
            [$ab, $bc, $ca] = [$a->feetTo($b), $b->feetTo($c), $c->feetTo($a)];
            $half = ($ab + $bc + $ca) / 2;
            $area = sqrt(max(0.0, $half * ($half - $ab) * ($half - $bc) * ($half - $ca)));
            $least = min($least, $area < 1 ? INF : $ab * $bc * $ca / (4 * $area));
        }

        return $least;
    }

    /** @param  callable(float, float): float  $bottom  depth in feet by feet east and south of the corner */
    private static function lake(callable $bottom): DepthGrid
    {
        $depths = [];
        for ($row = 0; $row < 115; $row++) {
            for ($col = 0; $col < 115; $col++) {
                $depths[] = $bottom(($col + 0.5) * self::CELL_M * self::FT, ($row + 0.5) * self::CELL_M * self::FT);
            }
        }

        return new DepthGrid(0.016, 10.0, self::CELL_M, 115, 115, $depths);
    }

    private static function east(Position $at): float
    {
        return ($at->lon - 10.0) * DepthGrid::METRES_PER_DEGREE * cos(deg2rad($at->lat)) * self::FT;
    }

    private static function south(Position $at): float
    {
        return (0.016 - $at->lat) * DepthGrid::METRES_PER_DEGREE * self::FT;
    }

    private static function spread(): Spread
    {
        $line = static fn (Side $side, Station $station, float $out): SpreadLine => new SpreadLine(
            "{$side->value}_{$station->value}", $side, $station, Carrier::Board, Catalog::all()['trolling_spoon'], ColorFamily::Silver, $out, 4, 0.5,
        );

        return Spread::of(BoatKind::Boat, [
            $line(Side::Port, Station::Outside, 120), $line(Side::Starboard, Station::Outside, 120), $line(Side::Port, Station::Inside, 100), $line(Side::Starboard, Station::Inside, 100),
        ], 2.0);
    }
}
