<?php

declare(strict_types=1);

namespace OldEddy\Reading;

use OldEddy\Day\Conditions\Cover;
use OldEddy\Day\Conditions\Structure;

/** Where the fish stand: depth band in feet (shallow, deep), column, tightness, and the places to look, best first. */
final readonly class Stand
{
    /**
     * @param  list<Structure>  $structures
     * @param  list<Cover>  $covers
     */
    public function __construct(
        public float $shallowFt,
        public float $deepFt,
        public Column $column,
        public Tightness $tightness,
        public array $structures,
        public array $covers,
    ) {
    }

    /** The middle of the band, feet. */
    public function middleFt(): float
    {
        return ($this->shallowFt + $this->deepFt) / 2;
    }

    /** The same with another band, put in order and never thinner than half a foot. */
    public function between(float $shallowFt, float $deepFt): self
    {
        $shallow = max(0.0, min($shallowFt, $deepFt));

        return new self($shallow, max($shallow + 0.5, $shallowFt, $deepFt), $this->column, $this->tightness, $this->structures, $this->covers);
    }

    /** The same with the band's depths multiplied. */
    public function scaled(float $shallow, float $deep): self
    {
        return $this->between($this->shallowFt * $shallow, $this->deepFt * $deep);
    }

    /** The same in another part of the column. */
    public function inColumn(Column $column): self
    {
        return new self($this->shallowFt, $this->deepFt, $column, $this->tightness, $this->structures, $this->covers);
    }

    /** The same closer to, or farther from, cover. */
    public function held(Tightness $tightness): self
    {
        return new self($this->shallowFt, $this->deepFt, $this->column, $tightness, $this->structures, $this->covers);
    }

    /** The same with these structures looked at first. */
    public function firstAt(Structure ...$structures): self
    {
        return new self($this->shallowFt, $this->deepFt, $this->column, $this->tightness, self::first($structures, $this->structures), $this->covers);
    }

    /** The same with these covers looked at first. */
    public function firstIn(Cover ...$covers): self
    {
        return new self($this->shallowFt, $this->deepFt, $this->column, $this->tightness, $this->structures, self::first($covers, $this->covers));
    }

    /**
     * Looked for only at some structures: its own among them, then the typical ones.
     *
     * @param  list<Structure>  $has
     * @param  list<Structure>  $typical
     */
    public function among(array $has, array $typical): self
    {
        $left = array_values(array_filter($this->structures, static fn (Structure $s): bool => in_array($s, $has, true)));

        return new self($this->shallowFt, $this->deepFt, $this->column, $this->tightness, self::first($left, $typical), $this->covers);
    }

    /** The same without these structures. */
    public function without(Structure ...$structures): self
    {
        $kept = array_values(array_filter($this->structures, static fn (Structure $s): bool => ! in_array($s, $structures, true)));

        return new self($this->shallowFt, $this->deepFt, $this->column, $this->tightness, $kept, $this->covers);
    }

    /**
     * @template T
     *
     * @param  array<T>  $first
     * @param  list<T>  $rest
     * @return list<T>
     */
    private static function first(array $first, array $rest): array
    {
        $all = array_values($first);
        foreach ($rest as $one) {
            if (! in_array($one, $all, true)) {
                $all[] = $one;
            }
        }

        return $all;
    }
}
