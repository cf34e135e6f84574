<?php

declare(strict_types=1);

namespace OldEddy\Basics\Units;

/** A speed, kept in metres per second. Basis: published, 1 mph = 0.44704 m/s (exact). */
final readonly class Speed
{
    public const METRES_PER_SECOND_PER_MPH = 0.44704;

    private function __construct(private float $metresPerSecond)
    {
    }

    /** From statute miles an hour. */
    public static function fromMph(float $mph): self
    {
        return new self($mph * self::METRES_PER_SECOND_PER_MPH);
    }

    /** From feet a second. */
    public static function fromFeetPerSecond(float $feet): self
    {
        return new self($feet * Length::METRES_PER_FOOT);
    }

    /** From metres a second. */
    public static function fromMetresPerSecond(float $metres): self
    {
        return new self($metres);
    }

    /** In statute miles an hour. */
    public function mph(): float
    {
        return $this->metresPerSecond / self::METRES_PER_SECOND_PER_MPH;
    }

    /** In feet a second. */
    public function feetPerSecond(): float
    {
        return $this->metresPerSecond / Length::METRES_PER_FOOT;
    }

    /** In metres a second. */
    public function metresPerSecond(): float
    {
        return $this->metresPerSecond;
    }
}
