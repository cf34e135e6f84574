<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

/** The bottom that a spread is towed over: behind the boat, and under each lure. Rule T8: what runs at the bottom drags. */
final readonly class BottomBehind
{
    /** The bottom behind the boat is told every so many feet. */
    private const STEP_FT = 10.0;

    /**
     * @param  list<array{float, float}>  $behind  feet behind the boat, feet deep; empty where nothing is known
     * @param  array<string, float>  $under  feet of water at each lure, by the key of its line, where it is known
     */
    private function __construct(public array $behind, public array $under)
    {
    }

    /** A bottom as deep everywhere, feet; unknown for null. */
    public static function even(?float $depthFt, Spread $spread): self
    {
        $keys = array_map(static fn (RunningLine $r): string => $r->line->key, $spread->lines);

        return $depthFt === null ? new self([], []) : new self([[0.0, $depthFt], [self::farthest($spread), $depthFt]], array_fill_keys($keys, $depthFt));
    }

    /**
     * The bottom of a lake along the way that the boat came, its lures following on it, each as far to the side as it runs.
     *
     * @param  list<Position>  $way  the boat is at its end
     */
    public static function along(array $way, DepthGrid $grid, Spread $spread): self
    {
        $behind = [];
        for ($back = 0.0; $back <= self::farthest($spread); $back += self::STEP_FT) {
            $depth = self::depth($grid, $way, $back, 0.0);
            if ($depth !== null) {
                $behind[] = [$back, $depth];
            }
        }
        $under = [];
        foreach ($spread->lines as $running) {
            $under[$running->line->key] = self::depth($grid, $way, $running->backFt, $running->line->asideFt());
        }

        return new self($behind, array_filter($under, static fn (?float $depth): bool => $depth !== null));
    }

    /** The deepest of it, feet; 0 where nothing is known. */
    public function deepestFt(): float
    {
        return max([0.0, ...array_column($this->behind, 1), ...array_values($this->under)]);
    }

    private static function farthest(Spread $spread): float
    {
        return max([self::STEP_FT, ...array_map(static fn (RunningLine $r): float => $r->backFt, $spread->lines)]);
    }

    /** @param  list<Position>  $way */
    private static function depth(DepthGrid $grid, array $way, float $backFt, float $asideFt): ?float
    {
        for ($i = count($way) - 1; $i > 0; $i--) {
            $feet = $way[$i]->feetTo($way[$i - 1]);
            if ($backFt <= $feet) {
                $heading = $way[$i - 1]->bearingTo($way[$i]);
                $at = $way[$i]->moved($heading + 180, $backFt)->moved($heading + 90, $asideFt);

                return $grid->between($at->lat, $at->lon);
            }
            $backFt -= $feet;
        }

        return null;
    }
}
