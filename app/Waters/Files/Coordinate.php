<?php

declare(strict_types=1);

namespace App\Waters\Files;

/** A latitude or longitude as people write them: decimal degrees, degrees and minutes, degrees, minutes and seconds, with or without a letter. */
final class Coordinate
{
    private const FORM = '/^(?<before>[NSEW])?\s*(?<sign>[+-])?(?<deg>\d{1,3}(?:\.\d+)?)'
        .'(?:\s*[°ºd:\s-]\s*(?<min>\d{1,2}(?:\.\d+)?)(?:\s*[\'′’m:\s-]\s*(?<sec>\d{1,2}(?:\.\d+)?)\s*(?:["″”s]|\'\'|′′)?)?\s*[\'′’m]?)?\s*[°º]?\s*(?<after>[NSEW])?$/iu';

    /** Degrees, north and east counted up; null where the text is no coordinate. */
    public static function read(string $text, bool $comma = false): ?float
    {
        $text = trim($comma ? str_replace(',', '.', $text) : $text);
        if (is_numeric($text)) {
            return is_finite((float) $text) ? (float) $text : null;
        }
        if (strlen($text) > 40 || preg_match(self::FORM, $text, $part) !== 1) {
            return null;
        }
        [$minutes, $seconds] = [(float) ($part['min'] ?? 0), (float) ($part['sec'] ?? 0)];
        // Sixty is written where a number was rounded up.
        if ($minutes > 60 || $seconds > 60) {
            return null;
        }
        $letter = strtoupper(($part['after'] ?? '') ?: $part['before']);
        $degrees = (float) $part['deg'] + $minutes / 60 + $seconds / 3600;

        return $part['sign'] === '-' || $letter === 'S' || $letter === 'W' ? -$degrees : $degrees;
    }

    /** Whether it says of itself on which side of the world it is, or is written in minutes: a bare number does neither. */
    public static function isWritten(string $text): bool
    {
        return ! is_numeric(trim($text)) && self::read($text) !== null;
    }
}
