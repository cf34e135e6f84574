<?php

declare(strict_types=1);

namespace App\Drawing;

use OldEddy\Where\Cast\CastRead;

/** The bottom under a cast, boat at the left. It draws; every number in it is the core's. */
final readonly class CastDrawing
{
    public const WIDTH = 560;

    public const HEIGHT = 170;

    private const TOP = 24;

    private const FLOOR = 20;

    private Scale $out;

    private Scale $down;

    private float $deepest;

    public function __construct(private CastRead $read)
    {
        $this->deepest = 1.08 * max($read->bandFt[1], ...array_column($read->bottom, 1));
        $this->out = new Scale(0, $read->line->lengthFt, $this->left(), $this->wide());
        $this->down = new Scale(0, $this->deepest, self::TOP, self::HEIGHT - self::TOP - self::FLOOR);
    }

    public function left(): float
    {
        return 10.0;
    }

    public function wide(): float
    {
        return self::WIDTH - 20.0;
    }

    public function y(float $depthFt): float
    {
        return $this->down->at($depthFt);
    }

    public function bandHigh(): float
    {
        return round($this->y($this->read->bandFt[1]) - $this->y($this->read->bandFt[0]), 1);
    }

    public function bottom(): string
    {
        return $this->points($this->read->bottom);
    }

    /** The part of it at the depth. */
    public function stay(): string
    {
        [$from, $to] = $this->read->stretchFt;

        return $this->points(array_values(array_filter($this->read->bottom, static fn (array $b): bool => $b[0] >= $from - 2 && $b[0] <= $to + 2)));
    }

    /** How many times depths are stretched against lengths. */
    public function stretch(): float
    {
        return round($this->down->perUnit() / $this->out->perUnit(), 1);
    }

    /** @param  list<array{float, float}>  $bottom */
    private function points(array $bottom): string
    {
        return implode(' ', array_map(fn (array $b): string => $this->out->at($b[0]).','.$this->y($b[1]), $bottom));
    }
}
