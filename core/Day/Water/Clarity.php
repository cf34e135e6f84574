<?php

declare(strict_types=1);

namespace OldEddy\Day\Water;

use OldEddy\Basics\Words;

/** The class of the water by visibility. */
enum Clarity: string
{
    use Words;

    case Mud = 'mud';
    case Stained = 'stained';
    case Fair = 'fair';
    case Clear = 'clear';
    case Gin = 'gin';

    /**
     * The class for a visibility in feet, 0 or more: mud under 1.0, stained under 3.0, fair under 5.0,
     * clear under 12, gin from 12. Basis: rule W2.
     */
    public static function fromVisibility(float $visibilityFt): self
    {
        return match (true) {
            $visibilityFt < 1.0 => self::Mud,
            $visibilityFt < 3.0 => self::Stained,
            $visibilityFt < 5.0 => self::Fair,
            $visibilityFt < 12.0 => self::Clear,
            default => self::Gin,
        };
    }

    /** @return list<self> this class and its neighbours: days of like clarity (our own choice) */
    public function like(): array
    {
        $at = (int) array_search($this, self::cases(), true);

        return array_slice(self::cases(), max(0, $at - 1), $at === 0 ? 2 : 3);
    }

    /** Whether fish see well here: clear or gin. */
    public function isClear(): bool
    {
        return $this === self::Clear || $this === self::Gin;
    }
}
