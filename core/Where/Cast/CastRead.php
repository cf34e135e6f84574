<?php

declare(strict_types=1);

namespace OldEddy\Where\Cast;

/**
 * What a depth grid says of a cast: its line, the depths it keeps to (feet, from and to), seconds it stays between them, seconds
 * a cast straight across stays there, the bottom under it (feet from the boat, feet deep), and how fast it falls off.
 */
final readonly class CastRead
{
    /**
     * @param  array{float, float}  $bandFt
     * @param  list<array{float, float}>  $bottom
     * @param  array{float, float}  $stretchFt  feet from the boat between which it stays there
     * @param  list<array{float, float}>  $aside  feet to the worse side, seconds that are left
     * @param  list<array{float, float}>  $awry  degrees to the worse side, seconds that are left
     * @param  float  $halfFt  so many feet to the worse side leave half
     * @param  float  $halfDeg  so many degrees to the worse side leave half
     * @param  float  $cellFt  the side of the chart's cells: no line is known better than by a part of it
     */
    public function __construct(
        public CastLine $line, public array $bandFt, public float $seconds, public float $secondsAcross, public array $bottom, public array $stretchFt,
        public array $aside, public array $awry, public float $halfFt, public float $halfDeg, public float $cellFt,
    ) {
    }
}
