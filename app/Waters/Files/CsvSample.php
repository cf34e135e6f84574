<?php

declare(strict_types=1);

namespace App\Waters\Files;

/** The first lines of a file of numbers: what divides them, the names of the columns, where there are any, and what is said beside them. */
final readonly class CsvSample
{
    private const SEPARATORS = [';', "\t", ',', ' '];

    /** So many lines are looked at to understand the file. */
    private const LOOKED_AT = 4000;

    /** So many of them show what divides them. */
    private const FIRST = 60;

    /**
     * @param  list<list<string>>  $rows  without the names
     * @param  ?list<string>  $head  the names of the columns
     * @param  string  $beside  comments and names, as they stand
     */
    private function __construct(public array $rows, public ?array $head, public string $separator, public bool $comma, public string $beside)
    {
    }

    public static function of(string $path): self
    {
        [$lines, $beside] = [[], ''];
        foreach (Lines::of($path) as $line) {
            if (! self::isNoData($line)) {
                $lines[] = $line;
            } elseif (strlen($beside) < 4000) {
                $beside .= "{$line}\n";
            }
            if (count($lines) === self::LOOKED_AT) {
                break;
            }
        }
        [$best, $separator] = [0.0, ','];
        $first = array_slice($lines, 0, self::FIRST);
        foreach (self::SEPARATORS as $one) {
            $with = count(array_filter($first, static fn (string $line): bool => count(self::split($line, $one)) >= 3));
            $share = $with / max(1, count($first));
            if ($share > $best) {
                [$best, $separator] = [$share, $one];
            }
        }
        if ($best === 0.0 || $lines === []) {
            throw new Refused('There is no line of longitude, latitude and depth in the file.');
        }
        $rows = array_map(static fn (string $line): array => self::split($line, $separator), $lines);
        $comma = $separator !== ',' && self::hasDecimalCommas($rows);
        $head = self::isHead($rows[0], $comma) ? array_shift($rows) : null;
        if ($rows === []) {
            throw new Refused('There is no line of numbers in the file.');
        }

        return new self($rows, $head, $separator, $comma, $beside.implode(' ', $head ?? []));
    }

    public static function isNoData(string $line): bool
    {
        return trim($line) === '' || preg_match('/^\s*(#|\/\/|%|!)/', $line) === 1;
    }

    /** @return list<string> */
    public static function split(string $line, string $separator): array
    {
        $cells = $separator === ' ' ? (preg_split('/\s+/', trim($line)) ?: []) : str_getcsv($line, $separator, '"', '');

        return array_map(static fn (mixed $cell): string => trim((string) $cell), $cells);
    }

    public static function number(string $text, bool $comma): ?float
    {
        $text = $comma ? str_replace(',', '.', $text) : $text;
        $text = preg_replace('/\s*(ft|m|°)$/i', '', $text) ?? $text;

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }

    /**
     * A coordinate of a row; a column that follows it may hold the letter of its side of the world.
     *
     * @param  list<string>  $row
     */
    public static function coordinate(array $row, int $at, bool $comma): ?float
    {
        $text = $row[$at] ?? '';
        $letter = $row[$at + 1] ?? '';

        return Coordinate::read(preg_match('/^[NSEW]$/i', $letter) === 1 && is_numeric($text) ? "{$text}{$letter}" : $text, $comma);
    }

    /** @return list<int> columns in which most cells are numbers or coordinates */
    public function numericColumns(): array
    {
        $count = [];
        foreach ($this->rows as $row) {
            foreach ($row as $at => $cell) {
                $isOne = self::number($cell, $this->comma) !== null || ($cell !== '' && Coordinate::read($cell, $this->comma) !== null);
                $count[$at] = ($count[$at] ?? 0) + ($isOne ? 1 : 0);
            }
        }
        ksort($count);

        return array_keys(array_filter($count, fn (int $n): bool => 2 * $n > count($this->rows)));
    }

    /** @param  list<list<string>>  $rows */
    private static function hasDecimalCommas(array $rows): bool
    {
        $cells = array_merge(...array_slice($rows, 0, self::FIRST));

        return count(preg_grep('/^-?\d+,\d+$/', $cells) ?: []) > count(preg_grep('/^-?\d+\.\d+$/', $cells) ?: []);
    }

    /** @param  list<string>  $row */
    private static function isHead(array $row, bool $comma): bool
    {
        $words = array_filter($row, static fn (string $cell): bool => $cell !== ''
            && self::number($cell, $comma) === null && Coordinate::read($cell, $comma) === null);

        return count($words) >= 2 && count($words) > count($row) / 2;
    }
}
