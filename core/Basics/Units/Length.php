<?php

declare(strict_types=1);

namespace OldEddy\Basics\Units;

/** A length, kept in metres. Basis: published, international yard of 1959 (exact). Any finite number is allowed. */
final readonly class Length
{
    public const METRES_PER_FOOT = 0.3048;

    public const METRES_PER_INCH = 0.0254;

    private function __construct(private float $metres)
    {
    }

    /** From international feet. */
    public static function fromFeet(float $feet): self
    {
        return new self($feet * self::METRES_PER_FOOT);
    }

    /** From inches. */
    public static function fromInches(float $inches): self
    {
        return new self($inches * self::METRES_PER_INCH);
    }

    /** From metres. */
    public static function fromMetres(float $metres): self
    {
        return new self($metres);
    }

    /** In feet. */
    public function feet(): float
    {
        return $this->metres / self::METRES_PER_FOOT;
    }

    /** In inches. */
    public function inches(): float
    {
        return $this->metres / self::METRES_PER_INCH;
    }

    /** In metres. */
    public function metres(): float
    {
        return $this->metres;
    }

    /** In millimetres. */
    public function millimetres(): float
    {
        return $this->metres * 1000;
    }
}
