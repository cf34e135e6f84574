<?php

declare(strict_types=1);

namespace App\Show;

/** Words that come from outside, as they can be kept and shown: sound UTF-8, no control characters, no longer than there is room for. */
final class Text
{
    public static function clean(string $text, int $longest): string
    {
        $text = mb_scrub($text, 'UTF-8');

        return mb_substr(trim((string) preg_replace('/[\p{Cc}\p{Cf}]+/u', ' ', $text)), 0, $longest);
    }
}
