<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;

/** Tells by its first bytes what a file is, and reads it. */
final class AnyFile
{
    /** @return Generator<int, Found> */
    public static function read(string $path): Generator
    {
        $head = ltrim((string) @file_get_contents($path, false, null, 0, 4096), "\xEF\xBB\xBF \t\r\n");

        return match (true) {
            $head === '' => throw new Refused('The file is empty.'),
            str_starts_with($head, '<') => Gpx::read($path),
            str_starts_with($head, '{') => GeoJson::read($path),
            $head[0] === '$' || $head[0] === '!' => Recording::read($path),
            preg_match('/^[\x09\x0a\x0d\x20-\x7e\x80-\xff]+$/', $head) === 1 && str_contains($head, ',') => Csv::read($path),
            default => throw new Refused('This is neither GPX, GeoJSON, CSV nor a recording of instruments.'),
        };
    }
}
