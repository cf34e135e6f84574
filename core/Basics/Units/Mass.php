<?php

declare(strict_types=1);

namespace OldEddy\Basics\Units;

/** A mass, kept in grams. Basis: published, international pound of 1959 (exact). */
final readonly class Mass
{
    public const GRAMS_PER_OUNCE = 28.349523125;

    public const GRAMS_PER_POUND = 453.59237;

    private function __construct(private float $grams)
    {
    }

    /** From ounces (avoirdupois). */
    public static function fromOunces(float $ounces): self
    {
        return new self($ounces * self::GRAMS_PER_OUNCE);
    }

    /** From pounds. */
    public static function fromPounds(float $pounds): self
    {
        return new self($pounds * self::GRAMS_PER_POUND);
    }

    /** From grams. */
    public static function fromGrams(float $grams): self
    {
        return new self($grams);
    }

    /** In ounces. */
    public function ounces(): float
    {
        return $this->grams / self::GRAMS_PER_OUNCE;
    }

    /** In pounds. */
    public function pounds(): float
    {
        return $this->grams / self::GRAMS_PER_POUND;
    }

    /** In grams. */
    public function grams(): float
    {
        return $this->grams;
    }
}
