<?php

declare(strict_types=1);

namespace App\Archive;

use App\Waters\Files\Refused;

/** A table as some other program wrote it: its names and rows, whatever divides them and however its letters are kept. */
final readonly class CsvTable
{
    public const MOST_ROWS = 5_000;

    private const MOST_COLUMNS = 60;

    private const DIVIDERS = [',', ';', "\t"];

    /**
     * @param  list<string>  $head
     * @param  array<int, list<string>>  $rows  by the number of their line
     */
    private function __construct(public array $head, public array $rows)
    {
    }

    public static function of(string $text): self
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $line = strtok($text, "\r\n");
        if ($line === false || str_contains($text, "\0")) {
            throw new Refused('This file is empty, or no table of words and numbers.');
        }
        $counts = array_map(static fn (string $d): int => substr_count($line, $d), array_combine(self::DIVIDERS, self::DIVIDERS));
        arsort($counts);
        $file = fopen('php://temp', 'w+b');
        fwrite($file, $text);
        rewind($file);
        $rows = [];
        for ($n = 1; ($cells = fgetcsv($file, separator: (string) array_key_first($counts), escape: '')) !== false; $n++) {
            if ($cells !== [null]) {
                $rows[$n] = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            }
            if (count($rows) > self::MOST_ROWS + 1) {
                throw new Refused(sprintf('The table has more than %s rows: divide it.', number_format(self::MOST_ROWS)));
            }
        }
        $first = array_key_first($rows);
        $head = $first === null ? [] : $rows[$first];
        unset($rows[$first]);
        if (count($head) < 2 || count($head) > self::MOST_COLUMNS) {
            throw new Refused('The first line must name the columns, two or more, divided by commas, semicolons or tabs.');
        }

        return new self($head, $rows);
    }
}
