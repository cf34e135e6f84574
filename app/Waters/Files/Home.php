<?php

declare(strict_types=1);

namespace App\Waters\Files;

/** Where a lake is known to lie, if it is known; what a file says is held against it. */
final readonly class Home
{
    /** No place of a lake lies farther from the rest of it, degrees. */
    public const FAR_DEG = 2.0;

    /** Nearer to a pole there is no water with these fish. */
    private const POLAR_DEG = 72.0;

    public function __construct(public ?float $lat = null, public ?float $lon = null)
    {
    }

    public function isKnown(): bool
    {
        return $this->lat !== null && $this->lon !== null;
    }

    /** Whether a place can belong to the lake. */
    public function takes(float $lat, float $lon): bool
    {
        if (abs($lat) > self::POLAR_DEG || abs($lon) > 180) {
            return false;
        }

        return $this->lat === null || $this->lon === null || max(abs($lat - $this->lat), abs($lon - $this->lon) * cos(deg2rad($this->lat))) <= self::FAR_DEG;
    }

    /** This home, or the place itself where none was known. */
    public function or(float $lat, float $lon): self
    {
        return $this->isKnown() ? $this : new self($lat, $lon);
    }

    /** Why a place cannot belong to the lake, in words. */
    public function refusal(float $lat, float $lon): string
    {
        $turned = $this->takes($lon, $lat) ? ' Latitude and longitude seem to be exchanged.' : '';

        return abs($lat) > self::POLAR_DEG
            ? sprintf('The file lies at latitude %.4f, where no such lake is.%s', $lat, $turned)
            : sprintf('A place at %.4f, %.4f lies far from the rest of this lake.%s', $lat, $lon, $turned);
    }
}
