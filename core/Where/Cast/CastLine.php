<?php

declare(strict_types=1);

namespace OldEddy\Where\Cast;

use OldEddy\Basics\Direction;
use OldEddy\Where\Lake\Position;

/** A line of the cast: where the boat lies, the compass direction of the cast (degrees) and its length (feet, over 0). Rule S25. */
final readonly class CastLine
{
    public function __construct(public Position $boat, public float $bearingDeg, public float $lengthFt)
    {
    }

    /** The line from a boat to where the lure comes down. */
    public static function between(Position $boat, Position $aim): self
    {
        return new self($boat, $boat->bearingTo($aim), max(1.0, $boat->feetTo($aim)));
    }

    /** Where the lure comes down. */
    public function aim(): Position
    {
        return $this->boat->moved($this->bearingDeg, $this->lengthFt);
    }

    /** The place so many feet from the boat along it. */
    public function at(float $feet): Position
    {
        return $this->boat->moved($this->bearingDeg, $feet);
    }

    /** The same line pushed to its right (under 0: left) by feet. */
    public function aside(float $feet): self
    {
        return new self($this->boat->moved($this->bearingDeg + 90, $feet), $this->bearingDeg, $this->lengthFt);
    }

    /** The same line swung about the boat to the right (under 0: left) by degrees. */
    public function swung(float $degrees): self
    {
        return new self($this->boat, fmod($this->bearingDeg + $degrees + 360, 360), $this->lengthFt);
    }

    /** How far a boat, and where it is known the direction it casts in (degrees), stands off this line. */
    public function offOf(Position $boat, ?float $bearingDeg = null): Off
    {
        $far = $this->boat->feetTo($boat);
        $toward = deg2rad($this->boat->bearingTo($boat) - $this->bearingDeg);

        return new Off(
            $far * sin($toward), $far * cos($toward),
            $bearingDeg === null ? null : Direction::turn($this->bearingDeg, $bearingDeg),
        );
    }
}
