<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;

/** The lines of a text file as UTF-8, whatever it was written in; one at a time, and never a longer one than can be meant. */
final class Lines
{
    private const LONGEST = 4000;

    /** @return Generator<int, string> by number, counted from 1 */
    public static function of(string $path): Generator
    {
        $file = self::open($path);
        $number = 0;
        while (($line = fgets($file, self::LONGEST)) !== false) {
            $number++;
            if ($number === 1) {
                $line = preg_replace('/^\xEF\xBB\xBF/', '', $line) ?? $line;
            }
            // One-byte text of old programs.
            yield $number => rtrim(mb_check_encoding($line, 'UTF-8') ? $line : mb_convert_encoding($line, 'UTF-8', 'Windows-1252'), "\r\n");
        }
        fclose($file);
    }

    /** @return resource */
    public static function open(string $path)
    {
        $file = is_dir($path) ? false : @fopen($path, 'rb');
        if ($file === false) {
            throw new Refused('The file cannot be read.');
        }
        $coding = self::coding((string) fread($file, 4000));
        rewind($file);
        if ($coding !== null) {
            stream_filter_append($file, "convert.iconv.{$coding}/UTF-8");
        }

        return $file;
    }

    /** The coding of two-byte text by its mark or by where its zeros stand; null for anything else. */
    private static function coding(string $head): ?string
    {
        return match (true) {
            str_starts_with($head, "\xFF\xFE") => 'UTF-16',
            str_starts_with($head, "\xFE\xFF") => 'UTF-16',
            preg_match('/^([\x09\x0a\x0d\x20-\x7e]\x00){8}/', $head) === 1 => 'UTF-16LE',
            preg_match('/^(\x00[\x09\x0a\x0d\x20-\x7e]){8}/', $head) === 1 => 'UTF-16BE',
            default => null,
        };
    }
}
