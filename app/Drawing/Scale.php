<?php

declare(strict_types=1);

namespace App\Drawing;

/** Turns one quantity into points along a line: from so much at one point to so much at another. */
final readonly class Scale
{
    public function __construct(private float $from, private float $to, private float $at, private float $points)
    {
    }

    /** The minutes of a day of fishing, five in the morning to ten at night, over the width of a ribbon. */
    public static function ofTheDay(): self
    {
        return new self(300, 1320, 10, 540);
    }

    /** Seconds of a retrieve over a strip of this width. */
    public static function ofSeconds(float $seconds, float $width): self
    {
        return new self(0, $seconds, 8, $width - 16);
    }

    /** The depths of a retrieve, feet, down a strip; a shallow one is not blown up. */
    public static function ofStripDepth(float $topFt, float $deepFt): self
    {
        return new self($topFt, $topFt + max(0.6, $deepFt - $topFt), 14, 46);
    }

    /** Depths down the bench's slice, feet. */
    public static function ofBenchDepth(float $deepestFt): self
    {
        return new self(0, $deepestFt, 6, 220);
    }

    /** Points for one of the quantity. */
    public function perUnit(): float
    {
        return $this->points / ($this->to - $this->from);
    }

    public function at(float $value): float
    {
        return round($this->at + $this->points * ($value - $this->from) / ($this->to - $this->from), 1);
    }
}
