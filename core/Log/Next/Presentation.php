<?php

declare(strict_types=1);

namespace OldEddy\Log\Next;

use OldEddy\Choice\Retrieve\Pace;

/**
 * A lure as one could show it: family, color, cadence, mean speed over ground in feet a second (0 or more), whether it
 * is small for its kind, and how well it fits the day (over 0; the score of the lineup, 1 where none is known).
 */
final readonly class Presentation
{
    public function __construct(
        public string $lure,
        public string $color,
        public string $retrieve,
        public float $paceFtS,
        public bool $small = false,
        public float $fit = 1.0,
        public ?float $depthFt = null,
    ) {
    }

    /** How a rod with this lure and color is known on the deck of the day. */
    public static function key(string $lure, string $color): string
    {
        return "{$lure}/{$color}";
    }

    /** @return array<string, string> levels by factor, as a stint with it would have them */
    public function levels(): array
    {
        return array_filter(
            ['speed' => Pace::ofCadence($this->retrieve)?->value, 'retrieve' => $this->retrieve, 'lure' => $this->lure, 'color' => $this->color],
            static fn (?string $level): bool => $level !== null,
        );
    }
}
