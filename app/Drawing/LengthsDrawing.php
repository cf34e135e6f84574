<?php

declare(strict_types=1);

namespace App\Drawing;

/** How many fish of each inch were caught, as bars (Y3). */
final readonly class LengthsDrawing
{
    private const STEP = 20;

    private const FOOT = 100.0;

    private const TALLEST = 82.0;

    /** @param  non-empty-array<int, int>  $lengths  how many, by whole inches */
    public function __construct(private array $lengths)
    {
    }

    public function width(): int
    {
        return self::STEP * (max(array_keys($this->lengths)) - min(array_keys($this->lengths)) + 1) + 6;
    }

    /** @return list<array{inches: int, n: int, x: float, y: float, tall: float, written: bool}> */
    public function bars(): array
    {
        $first = min(array_keys($this->lengths));
        $most = max($this->lengths);

        return array_map(static fn (int $inches, int $n): array => [
            'inches' => $inches, 'n' => $n, 'x' => 3.0 + self::STEP * ($inches - $first), 'y' => round(self::FOOT - self::TALLEST * $n / $most, 1),
            'tall' => round(self::TALLEST * $n / $most, 1), 'written' => $inches % 2 === 0 || $inches === $first,
        ], array_keys($this->lengths), $this->lengths);
    }
}
