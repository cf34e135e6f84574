<?php

declare(strict_types=1);

namespace App\Show;

/** The words of a key, for people: "secondary_point" reads "secondary point". */
final class Word
{
    public static function of(string $key): string
    {
        return str_replace('_', ' ', $key);
    }
}
