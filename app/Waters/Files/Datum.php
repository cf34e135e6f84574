<?php

declare(strict_types=1);

namespace App\Waters\Files;

/** A datum whose degrees lie so far from those of WGS 84 that a spot moves. Numbers by the EPSG register, from memory. */
enum Datum: string
{
    case Nad27 = 'NAD27';
    case Ed50 = 'ED50';
    case Osgb36 = 'OSGB36';
    case Tokyo = 'Tokyo';
    case Agd66 = 'AGD66';
    case Agd84 = 'AGD84';

    /** The datum that a text names; null where it names none of these. */
    public static function named(string $text): ?self
    {
        foreach (self::cases() as $one) {
            if (preg_match('/\b'.preg_replace('/(?<=[A-Z])(?=\d)/', '[\s_-]?(?:19)?', $one->value).'\b/i', str_replace('_', ' ', $text)) === 1) {
                return $one;
            }
        }

        return null;
    }

    public function epsg(): int
    {
        return match ($this) {
            self::Nad27 => 4267, self::Ed50 => 4230, self::Osgb36 => 4277, self::Tokyo => 4301, self::Agd66 => 4202, self::Agd84 => 4203,
        };
    }
}
