<?php

declare(strict_types=1);

namespace OldEddy\Basics\Units;

/** A temperature, kept in degrees Celsius. Basis: published, °C = (°F − 32) / 1.8 (exact). */
final readonly class Temperature
{
    private function __construct(private float $celsius)
    {
    }

    /** From degrees Fahrenheit. */
    public static function fromFahrenheit(float $fahrenheit): self
    {
        return new self(($fahrenheit - 32) / 1.8);
    }

    /** From degrees Celsius. */
    public static function fromCelsius(float $celsius): self
    {
        return new self($celsius);
    }

    /** In degrees Fahrenheit. */
    public function fahrenheit(): float
    {
        return $this->celsius * 1.8 + 32;
    }

    /** In degrees Celsius. */
    public function celsius(): float
    {
        return $this->celsius;
    }
}
