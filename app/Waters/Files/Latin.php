<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Transliterator;

/** Names of columns in any script and language, brought to small Latin letters without accents. */
final class Latin
{
    public static function small(string $name): string
    {
        return strtolower((string) (Transliterator::create('Any-Latin; Latin-ASCII')?->transliterate($name) ?? $name));
    }
}
