<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Drawing\SpreadDrawing;
use OldEddy\Choice\Color\ColorFamily;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Reading\Column;
use OldEddy\Reading\Stand;
use OldEddy\Reading\Tightness;
use OldEddy\Troll\BoatKind;
use OldEddy\Troll\BottomBehind;
use OldEddy\Troll\Carrier;
use OldEddy\Troll\InTurn;
use OldEddy\Troll\RunningLine;
use OldEddy\Troll\Side;
use OldEddy\Troll\Spread;
use OldEddy\Troll\SpreadLine;
use OldEddy\Troll\Station;
use OldEddy\Troll\Tangles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * T10, T11 from outside: a body on a line of fixed length that is dragged along behind a point which goes round and round, followed in
 * small steps (the curve of pursuit on a leash, as in any book on curves). Where it ends up is what the core says and what is drawn.
 */
final class TowedInTurnTest extends TestCase
{
    private const STEPS_A_TURN = 4000;

    private const TURNS = 12;

    /** @return iterable<string, array{float, bool}> */
    public static function turns(): iterable
    {
        foreach ([260.0, 350.0, 600.0] as $radius) {
            yield "{$radius} ft to starboard" => [$radius, true];
            yield "{$radius} ft to port" => [$radius, false];
        }
    }

    #[DataProvider('turns')]
    public function test_a_lure_ends_up_on_the_circle_on_which_a_dragged_body_ends_up(float $radiusFt, bool $toRight): void
    {
        $spread = self::spread();
        foreach (Tangles::inTurn($spread, $radiusFt, $toRight)->lures as $key => $lure) {
            [, , $circle, $share] = self::dragged($lure->running, $radiusFt, $toRight);
            self::assertEqualsWithDelta($circle, $lure->circleFt, 0.6, $key);
            // On its smaller circle it takes as long for a round as its tip does.
            self::assertEqualsWithDelta($share * $spread->speedMph, $lure->speedMph, 0.01 * $spread->speedMph, $key);
        }
    }

    #[DataProvider('turns')]
    public function test_it_is_drawn_where_it_is(float $radiusFt, bool $toRight): void
    {
        $spread = self::spread();
        $turn = Tangles::inTurn($spread, $radiusFt, $toRight);
        $draw = new SpreadDrawing($spread, $turn, $toRight, self::stand(), BottomBehind::even(null, self::spread()));
        [$sternX, $sternY] = $draw->stern();
        foreach ($turn->lures as $key => $lure) {
            [$aside, $back] = self::dragged($lure->running, $radiusFt, $toRight);
            [$x, $y] = $draw->lure($lure->running);
            self::assertEqualsWithDelta($aside, ($x - $sternX) / $draw->foot, 1.5, "{$key} aside");
            self::assertEqualsWithDelta($back, ($y - $sternY) / $draw->foot, 1.5, "{$key} behind");
        }
    }

    public function test_a_wider_turn_is_nearer_to_going_straight_on(): void
    {
        $spread = self::spread();
        $off = static fn (float $radius): float => array_sum(array_map(
            static fn (InTurn $l): float => abs($l->speedMph - $spread->speedMph), Tangles::inTurn($spread, $radius, true)->lures,
        ));
        self::assertGreaterThan($off(600), $off(300));
        self::assertGreaterThan($off(3000), $off(600));
        self::assertLessThan(0.01, $off(1e6));
        // Port is to starboard as starboard is to port.
        $right = Tangles::inTurn($spread, 300, true)->lures;
        $left = Tangles::inTurn(self::spread(mirrored: true), 300, false)->lures;
        self::assertEqualsWithDelta($right['port_outside']->circleFt, $left['starboard_outside']->circleFt, 1e-9);
        self::assertEqualsWithDelta($right['starboard_inside']->depthFt, $left['port_inside']->depthFt, 1e-9);
    }

    public function test_a_drawing_holds_everything_and_its_scales_are_one(): void
    {
        foreach ([null, 120.0, 400.0] as $radius) {
            foreach ([true, false] as $toRight) {
                $spread = self::spread();
                $draw = new SpreadDrawing($spread, $radius === null ? null : Tangles::inTurn($spread, $radius, $toRight), $toRight, self::stand(), BottomBehind::even(30.0, $spread));
                foreach ($spread->lines as $line) {
                    foreach ([$draw->lure($line), $draw->tip($line)] as [$x, $y]) {
                        self::assertGreaterThanOrEqual(0, $x);
                        self::assertLessThanOrEqual(SpreadDrawing::WIDTH, $x);
                        self::assertLessThanOrEqual($draw->height, $y);
                    }
                    [$x, $y] = $draw->hangs($line);
                    self::assertLessThanOrEqual(SpreadDrawing::WIDTH, $x);
                    self::assertLessThanOrEqual(SpreadDrawing::SIDE_HEIGHT, $y);
                    // So tight a turn leaves an inner lure no circle at all.
                    self::assertTrue($radius === 120.0 || ($radius === null) === ($draw->circle($line) === null));
                    self::assertSame($radius === null, $draw->turned($line) === null);
                }
                self::assertLessThanOrEqual(SpreadDrawing::SIDE_HEIGHT, $draw->bottom());
                self::assertSame(count($spread->lines), array_sum(array_map(static fn (array $m): int => count(explode(', ', $m[2])), $draw->together())), 'each lure is marked once');
            }
        }
        // Straight on, ten feet of line are as long as ten feet to the side.
        $draw = new SpreadDrawing(self::spread(), null, true, self::stand(), BottomBehind::even(null, self::spread()));
        $line = self::spread()->line('starboard_outside') ?? self::fail();
        [$sternX, $sternY] = $draw->stern();
        self::assertEqualsWithDelta($line->line->asideFt() / $line->backFt, ($draw->lure($line)[0] - $sternX) / ($draw->lure($line)[1] - $sternY), 0.005);
    }

    public function test_what_drags_on_the_bottom_is_marked(): void
    {
        $spread = self::spread();
        $deepest = max(array_map(static fn (RunningLine $l): float => $l->depthFt, $spread->lines));
        $minded = static fn (?float $bottom): int => count(array_filter((new SpreadDrawing($spread, null, true, self::stand(), BottomBehind::even($bottom, $spread)))->together(), static fn (array $m): bool => $m[3]));
        self::assertSame([0, 0], [$minded(null), $minded($deepest + 1)]);
        self::assertGreaterThan(0, $minded($deepest - 0.2));
    }

    /** @return array{float, float, float, float} feet to the right of the stern and behind it, radius of its circle, its way as a share of the boat's */
    private static function dragged(RunningLine $line, float $radiusFt, bool $toRight): array
    {
        $way = $toRight ? 1 : -1;
        $tip = $radiusFt - $way * $line->line->asideFt();
        // About the middle of the turn; the boat starts at its left (right) and heads up.
        $at = static fn (int $step): array => [-$way * $tip * cos(2 * M_PI * $step / self::STEPS_A_TURN), $tip * sin(2 * M_PI * $step / self::STEPS_A_TURN)];
        [$x, $y] = [-$way * $tip, -$line->backFt];
        $gone = 0.0;
        for ($i = 1; $i <= self::TURNS * self::STEPS_A_TURN; $i++) {
            [$tipX, $tipY] = $at($i);
            $share = $line->backFt / hypot($x - $tipX, $y - $tipY);
            [$wasX, $wasY] = [$x, $y];
            [$x, $y] = [$tipX + ($x - $tipX) * $share, $tipY + ($y - $tipY) * $share];
            $gone = hypot($x - $wasX, $y - $wasY);
        }

        // After whole turns the boat is where it began, heading up.
        return [$x + $way * $radiusFt, -$y, hypot($x, $y), $gone / (2 * M_PI * $radiusFt / self::STEPS_A_TURN)];
    }

    private static function spread(bool $mirrored = false): Spread
    {
        $lines = [];
        foreach ([[Side::Port, Station::Outside, 110], [Side::Starboard, Station::Outside, 130], [Side::Port, Station::Inside, 100], [Side::Starboard, Station::Inside, 90]] as [$side, $station, $out]) {
            $side = $mirrored ? ($side === Side::Port ? Side::Starboard : Side::Port) : $side;
            $lines[] = new SpreadLine("{$side->value}_{$station->value}", $side, $station, Carrier::Board, Catalog::all()['trolling_spoon'], ColorFamily::Silver, $out, 4, 0.5);
        }

        return Spread::of(BoatKind::Boat, $lines, 2.0);
    }

    private static function stand(): Stand
    {
        return new Stand(8, 14, Column::cases()[0], Tightness::cases()[0], [], []);
    }
}
