<?php

declare(strict_types=1);

namespace OldEddy\Where\Lake;

use OldEddy\Basics\Units\Length;

/** A place on the earth, degrees. On the size of a lake the earth is flat. */
final readonly class Position
{
    public function __construct(public float $lat, public float $lon)
    {
    }

    /** Metres to another position, in a straight line. */
    public function metresTo(self $other): float
    {
        return DepthGrid::METRES_PER_DEGREE * hypot($other->lat - $this->lat, ($other->lon - $this->lon) * cos(deg2rad($this->lat)));
    }

    /** Feet to another position, in a straight line. */
    public function feetTo(self $other): float
    {
        return Length::fromMetres($this->metresTo($other))->feet();
    }

    /** The compass direction towards another position, degrees from 0 to under 360; 0 where both are one. */
    public function bearingTo(self $other): float
    {
        $east = ($other->lon - $this->lon) * cos(deg2rad($this->lat));

        return fmod(rad2deg(atan2($east, $other->lat - $this->lat)) + 360, 360);
    }

    /** The position so many feet away in a compass direction. */
    public function moved(float $bearingDeg, float $feet): self
    {
        $degrees = Length::fromFeet($feet)->metres() / DepthGrid::METRES_PER_DEGREE;

        return new self($this->lat + $degrees * cos(deg2rad($bearingDeg)), $this->lon + $degrees * sin(deg2rad($bearingDeg)) / cos(deg2rad($this->lat)));
    }

    /**
     * Which of several is nearest, by its key, within so many metres; null where none is.
     *
     * @template K of array-key
     *
     * @param  array<K, self>  $others
     * @return ?K
     */
    public function nearest(array $others, float $withinM): int|string|null
    {
        $far = array_map($this->metresTo(...), $others);
        asort($far);
        $first = array_key_first($far);

        return $first === null || $far[$first] > $withinM ? null : $first;
    }
}
