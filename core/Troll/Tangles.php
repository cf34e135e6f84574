<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Basics\Said;
use OldEddy\Basics\Units\Speed;

/**
 * Lines that could meet: straight on, and in a turn, where a lure follows its tip on a smaller circle, the outside lines run faster and
 * rise, the inside ones slow down and sink. Basis: rules T10 and T11; that a towed body follows on the circle of √(r² − b²) is geometry, the
 * distances are our own.
 */
final class Tangles
{
    /** Lures nearer to each other than this can meet: feet to the side, and feet in depth. */
    private const NEAR_FT = 8.0;

    private const APART_FT = 3.0;

    /** A lure that is towed slower than this share of the boat's speed hangs down. */
    private const STOPS = 0.35;

    /** Turns that are looked at, radius in feet, the widest first. */
    private const RADII_FT = [1000.0, 800.0, 650.0, 500.0, 425.0, 350.0, 300.0, 250.0, 200.0, 160.0, 130.0, 100.0, 80.0, 60.0];

    /**
     * @param  list<RunningLine>  $lines
     * @return list<Said>
     */
    public static function straight(array $lines): array
    {
        $found = [];
        foreach ($lines as $i => $one) {
            foreach (array_slice($lines, $i + 1) as $other) {
                $near = abs($one->line->asideFt() - $other->line->asideFt()) < self::NEAR_FT;
                if ($near && abs($one->depthFt - $other->depthFt) < self::APART_FT && abs($one->backFt - $other->backFt) < self::NEAR_FT) {
                    $found[] = Said::of('%s and %s run side by side at one depth: let one of them out farther.', Said::capital($one->line->words()), $other->line->words());
                }
            }
        }

        return $found;
    }

    /**
     * A turn of a radius (feet, to the right or to the left): where each lure goes and how deep, and which lines could meet.
     *
     * @param  bool  $toRight  starboard is inside
     */
    public static function inTurn(Spread $spread, float $radiusFt, bool $toRight): BoatTurn
    {
        $lures = [];
        foreach ($spread->lines as $running) {
            // Seen from the middle of the turn: lines on its side are nearer.
            $tip = $radiusFt - ($toRight ? 1 : -1) * $running->line->asideFt();
            $circle = $tip > $running->backFt ? sqrt($tip ** 2 - $running->backFt ** 2) : 0.0;
            $share = max(self::STOPS, $circle / $radiusFt);
            $deep = $running->again(Speed::fromMph($share * $spread->speedMph))->depthFt;
            $lures[$running->line->key] = new InTurn($running, $circle, $share * $spread->speedMph, $deep, $circle / $radiusFt < self::STOPS);
        }

        return new BoatTurn($radiusFt, $lures, self::met($lures));
    }

    /** The tightest turn, radius in feet, in which no lure stops and none meets another, to either side; the widest that is looked at where none is. */
    public static function tightest(Spread $spread): float
    {
        $tightest = self::RADII_FT[0];
        foreach (self::RADII_FT as $radius) {
            if (self::inTurn($spread, $radius, true)->warnings !== [] || self::inTurn($spread, $radius, false)->warnings !== []) {
                break;
            }
            $tightest = $radius;
        }

        return $tightest;
    }

    /**
     * @param  array<string, InTurn>  $lures
     * @return list<Said>
     */
    private static function met(array $lures): array
    {
        $warnings = [];
        foreach (array_values($lures) as $i => $one) {
            if ($one->hangs) {
                $warnings[] = Said::of('%s all but stops: turn wider, or take it in first.', Said::capital($one->running->line->words()));
            }
            foreach (array_slice(array_values($lures), $i + 1) as $other) {
                // Boards side by side keep their distance; lures that fall onto one circle do not.
                $order = ($one->circleFt <=> $other->circleFt) === (self::tipOf($one, $lures) <=> self::tipOf($other, $lures));
                $near = abs($one->circleFt - $other->circleFt) < self::NEAR_FT;
                $sameDepth = abs($one->depthFt - $other->depthFt) < self::APART_FT;
                if (($near || ! $order) && $sameDepth && $one->running->line->asideFt() !== $other->running->line->asideFt()) {
                    $warnings[] = Said::of('%s and %s can meet in this turn.', Said::capital($one->running->line->words()), $other->running->line->words());
                }
            }
        }

        return $warnings;
    }

    /** @param  array<string, InTurn>  $lures */
    private static function tipOf(InTurn $one, array $lures): float
    {
        return sqrt($one->circleFt ** 2 + $one->running->backFt ** 2);
    }
}
