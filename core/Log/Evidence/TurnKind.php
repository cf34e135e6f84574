<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Words;

/** What can turn within a day and make older casts say less (rule M12). */
enum TurnKind: string
{
    use Words;

    case Light = 'light';
    case Level = 'level';
    case Front = 'front';
    case Clarity = 'clarity';

    /** What a change of this field of the day (its path in the contract) turns; null for one that turns nothing. */
    public static function ofField(string $path): ?self
    {
        return match ($path) {
            'weather.front' => self::Front,
            'weather.sky' => self::Light,
            'water.visibility_ft' => self::Clarity,
            'water.level_change_ft_per_week', 'water.level_ft' => self::Level,
            default => null,
        };
    }

    /** Whether another color is tried first after it (rule M19). */
    public function asksForColor(): bool
    {
        return $this === self::Light || $this === self::Clarity;
    }

    /** @return list<string> the fields of the day that the deck asks for anew when it is logged (rule M19), by their paths */
    public function asksFor(): array
    {
        return match ($this) {
            self::Light => ['weather.sky'],
            self::Clarity => ['water.visibility_ft'],
            self::Level => ['water.level_ft'],
            self::Front => ['weather.front', 'weather.wind_mph'],
        };
    }

    /** How much a stint from before such a turn still says, 0 to 1. Basis: rule M12; the shares are our own. */
    public function keeps(): float
    {
        return match ($this) {
            self::Light => 0.7,
            self::Level, self::Front, self::Clarity => 0.5,
        };
    }
}
