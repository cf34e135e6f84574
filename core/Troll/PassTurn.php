<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/**
 * The turn at the end of a pass: half a circle to that side where the lures have more water under them. Basis: rules T8, T10 and T11. Lures
 * are taken to run as they do in a long turn of that radius, which is more than they sink and swing in half of one.
 */
final readonly class PassTurn
{
    /** The half circle is looked at every so many degrees. */
    private const STEP_DEG = 15;

    /** @param  list<Position>  $way */
    private function __construct(public array $way, public bool $toStarboard, public float $leastUnderFt)
    {
    }

    /**
     * At a place where the boat heads so (degrees).
     *
     * @param  array{BoatTurn, BoatTurn}  $turns  the spread in this turn to starboard and to port
     */
    public static function at(Position $at, float $headingDeg, DepthGrid $grid, array $turns): self
    {
        [$right, $left] = [self::to($turns[0], true, $at, $headingDeg, $grid), self::to($turns[1], false, $at, $headingDeg, $grid)];

        return $right->leastUnderFt >= $left->leastUnderFt ? $right : $left;
    }

    /** Whether every lure stays clear of the bottom in it. */
    public function fits(): bool
    {
        return $this->leastUnderFt >= PassFinder::CLEAR_FT;
    }

    private static function to(BoatTurn $turn, bool $toRight, Position $at, float $headingDeg, DepthGrid $grid): self
    {
        $side = $toRight ? 1 : -1;
        $middle = $at->moved($headingDeg + 90 * $side, $turn->radiusFt);
        [$way, $least] = [[], INF];
        for ($turned = 0; $turned <= 180; $turned += self::STEP_DEG) {
            $heading = $headingDeg + $side * $turned;
            $boat = $middle->moved($heading - 90 * $side, $turn->radiusFt);
            $way[] = $boat;
            foreach ($turn->lures as $lure) {
                [$aside, $back] = $lure->place($turn->radiusFt, $toRight);
                $there = $boat->moved($heading + 90, $aside)->moved($heading + 180, $back);
                $least = min($least, ($grid->between($there->lat, $there->lon) ?? -INF) - $lure->depthFt);
            }
        }

        return new self($way, $toRight, $least);
    }
}
