<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use App\Waters\Foreign\NeedsAnswer;
use Generator;

/** Soundings as lines of numbers: commas, semicolons, tabs or spaces, decimal point or comma, comments, a head line or none. */
final class Csv
{
    private const BROKEN = 20;

    private const SEPARATORS = [';', "\t", ',', ' '];

    /** So many lines are looked at to understand the file. */
    private const LOOKED_AT = 4000;

    /** Names of the columns of a place. */
    private const PLACES = [
        'lon' => '/^(gps[\s_]*)?(lon|lng|long|longitude|x|lon_?dd|lon_?deg.*)$/',
        'lat' => '/^(gps[\s_]*)?(lat|latitude|y|lat_?dd|lat_?deg.*)$/',
    ];

    /**
     * How the file is to be read, with what it leaves open.
     *
     * @param  array<string, mixed>  $said
     * @return array{Understanding, list<Question>}
     */
    public static function look(string $path, array $said, Home $home, string $unit): array
    {
        [$rows, $separator] = self::sample($path);
        $comma = $separator !== ',' && self::hasDecimalCommas($rows);
        $head = self::isHead($rows[0], $comma) ? array_shift($rows) : null;
        if ($rows === []) {
            throw new Refused('There is no line of numbers in the file.');
        }
        $numeric = self::numericColumns($rows, $comma);
        if (count($numeric) < 3) {
            throw new Refused(
                $head === null
                    ? 'There is no line of longitude, latitude and depth in the file.'
                    : 'The file has no column depth_ft, depth_m or depth with numbers in it beside longitude and latitude; its head line says: '.implode(', ', $head).'.',
            );
        }
        [$columns, $name] = $head === null ? [[$numeric[0], $numeric[1], $numeric[2]], null] : self::named($head, $numeric);
        $questions = [];
        if ($columns === null && ! isset($said['columns'])) {
            $options = [];
            foreach ($numeric as $at) {
                $options["{$at}"] = ($head[$at] ?? 'column '.($at + 1)).', such as '.$rows[0][$at];
            }
            $questions[] = new Question('columns', 'Which columns hold longitude, latitude and depth?', $options);
        }
        $isNamed = $columns !== null && $head !== null || isset($said['columns']);
        $kind = $name === null ? null : DepthName::read($name);
        $u = (new Understanding(
            'csv',
            $columns ?? [$numeric[0], $numeric[1], $numeric[2]],
            $head !== null,
            $separator,
            $comma,
            'lonlat',
            $kind->unit ?? $unit,
        ))->with($said);
        if ($kind?->unit === null && ! isset($said['unit'])) {
            $questions[] = Questions::unit($name === null ? 'The depths' : "\"{$name}\"", $unit);
        }
        $columnsAsked = $questions !== [] && $questions[0]->key === 'columns';
        $columns = $u->columns ?? [0, 1, 2];
        $places = array_map(
            static fn (array $row): array => [self::number($row[$columns[0]] ?? '', $comma) ?? 0.0, self::number($row[$columns[1]] ?? '', $comma) ?? 0.0],
            $rows,
        );
        if (! isset($said['srs']) && self::isProjected($places)) {
            throw new NeedsAnswer([['file', 'lines of numbers'], ['places', 'no degrees, but metres or feet of some grid']], [Questions::system($places[0])]);
        }
        [$order, $asked] = Questions::order($places, $home, $isNamed);
        // Whoever says which column is which says the order with it.
        $asked = $columnsAsked ? [] : $asked;
        $u = $u->with(['order' => $order, ...$said]);
        $depths = array_map(static fn (array $row): float => self::number($row[$columns[2]] ?? '', $comma) ?? 0.0, $rows);
        [$sign, $open] = Questions::sign($depths, $kind !== null && $kind->isHeight);

        return [
            $u->with(['sign' => $sign, ...$said]),
            array_values(array_filter([...$questions, ...$asked, ...$open], static fn (Question $q): bool => ! isset($said[$q->key]))),
        ];
    }

    /**
     * The numbers of a file whose places are in another coordinate system.
     *
     * @param  array<string, mixed>  $said
     * @return Generator<int, array{float, float, float}> east, north, depth as it is written
     */
    public static function triples(string $path, array $said): Generator
    {
        [$u] = self::look($path, $said, new Home, 'm');
        foreach (Lines::of($path) as $line) {
            if (self::isNoData($line)) {
                continue;
            }
            $row = self::split($line, $u->separator);
            [$first, $second, $depth] = array_map(static fn (int $at): ?float => self::number($row[$at] ?? '', $u->decimalComma), $u->columns ?? [0, 1, 2]);
            if ($first !== null && $second !== null && $depth !== null) {
                yield ($said['order'] ?? '') === 'latlon' ? [$second, $first, $depth] : [$first, $second, $depth];
            }
        }
    }

    /**
     * Whether these are no degrees, whichever is which.
     *
     * @param  list<array{float, float}>  $places
     */
    private static function isProjected(array $places): bool
    {
        $far = array_filter($places, static fn (array $p): bool => max(abs($p[0]), abs($p[1])) > 180);

        return $places !== [] && 2 * count($far) > count($places);
    }

    /** @return Generator<int, Found> */
    public static function read(string $path, Understanding $u): Generator
    {
        [$broken, $good, $seen] = [0, 0, false];
        $columns = $u->columns ?? [0, 1, 2];
        foreach (Lines::of($path) as $number => $line) {
            if (self::isNoData($line)) {
                continue;
            }
            if ($u->headed && ! $seen) {
                $seen = true;

                continue;
            }
            $row = self::split($line, $u->separator);
            [$first, $second, $depth] = array_map(static fn (int $at): ?float => self::number($row[$at] ?? '', $u->decimalComma), $columns);
            if ($first === null || $second === null || $depth === null) {
                if (++$broken > self::BROKEN && $broken > $good) {
                    throw new Refused("Line {$number} and many before it are no longitude, latitude and depth.");
                }

                continue;
            }
            [$lat, $lon] = $u->place([$first, $second]);
            if (abs($lat) > 90 || abs($lon) > 180) {
                throw new Refused("Line {$number} lies at {$first}, {$second}: ".Questions::noPlace($first, $second));
            }
            $good++;
            $feet = $u->feet($depth);
            if ($feet !== null) {
                yield Found::sounding($lat, $lon, $feet);
            }
        }
        if ($good === 0) {
            throw new Refused('There is no line of longitude, latitude and depth in the file.');
        }
    }

    /** Whether a line of a file that begins like this can be lines of numbers. */
    public static function isLike(string $head): bool
    {
        return preg_match(
            '/^[\x09\x0a\x0d\x20-\x7e\x80-\xff]+$/',
            $head,
        ) === 1 && preg_match('/\d\s*[,;\t ]\s*-?\d|[A-Za-z)]\s*[,;\t]\s*"?[A-Za-z]/', $head) === 1;
    }

    /** @return array{non-empty-list<list<string>>, string} rows and what divides them */
    private static function sample(string $path): array
    {
        $lines = [];
        foreach (Lines::of($path) as $line) {
            if (! self::isNoData($line)) {
                $lines[] = $line;
            }
            if (count($lines) === self::LOOKED_AT) {
                break;
            }
        }
        [$best, $separator] = [0.0, ','];
        foreach (self::SEPARATORS as $one) {
            $with = count(array_filter(array_slice($lines, 0, 60), static fn (string $line): bool => count(self::split($line, $one)) >= 3));
            $share = $with / max(1, min(60, count($lines)));
            if ($share > $best) {
                [$best, $separator] = [$share, $one];
            }
        }
        if ($best === 0.0 || $lines === []) {
            throw new Refused('There is no line of longitude, latitude and depth in the file.');
        }

        return [array_map(static fn (string $line): array => self::split($line, $separator), $lines), $separator];
    }

    private static function isNoData(string $line): bool
    {
        return trim($line) === '' || preg_match('/^\s*(#|\/\/|%|!)/', $line) === 1;
    }

    /** @return list<string> */
    private static function split(string $line, string $separator): array
    {
        $cells = $separator === ' ' ? (preg_split('/\s+/', trim($line)) ?: []) : str_getcsv($line, $separator, '"', '');

        return array_map(static fn (mixed $cell): string => trim((string) $cell), $cells);
    }

    private static function number(string $text, bool $comma): ?float
    {
        $text = $comma ? str_replace(',', '.', $text) : $text;
        $text = preg_replace('/\s*(ft|m|°)$/i', '', $text) ?? $text;

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }

    /** @param  list<list<string>>  $rows */
    private static function hasDecimalCommas(array $rows): bool
    {
        $cells = array_merge(...array_slice($rows, 0, 60));

        return count(preg_grep('/^-?\d+,\d+$/', $cells) ?: []) > count(preg_grep('/^-?\d+\.\d+$/', $cells) ?: []);
    }

    /** @param  list<string>  $row */
    private static function isHead(array $row, bool $comma): bool
    {
        return count(array_filter($row, static fn (string $cell): bool => $cell !== '' && self::number($cell, $comma) === null)) >= 2;
    }

    /**
     * @param  list<list<string>>  $rows
     * @return list<int> columns in which most cells are numbers
     */
    private static function numericColumns(array $rows, bool $comma): array
    {
        $count = [];
        foreach ($rows as $row) {
            foreach ($row as $at => $cell) {
                $count[$at] = ($count[$at] ?? 0) + (self::number($cell, $comma) === null ? 0 : 1);
            }
        }
        ksort($count);

        return array_keys(array_filter($count, static fn (int $n): bool => 2 * $n > count($rows)));
    }

    /**
     * @param  list<string>  $head
     * @param  list<int>  $numeric
     * @return array{?array{int, int, int}, ?string} the columns, null where their names do not say; and the name of the depth's
     */
    private static function named(array $head, array $numeric): array
    {
        $find = static function (string $pattern) use ($head, $numeric): ?int {
            foreach ($head as $at => $name) {
                if (in_array($at, $numeric, true) && preg_match($pattern, strtolower(trim($name))) === 1) {
                    return $at;
                }
            }

            return null;
        };
        [$lon, $lat, $depth] = [$find(self::PLACES['lon']), $find(self::PLACES['lat']), null];
        foreach ($head as $at => $name) {
            $kind = $at === $lon || $at === $lat || ! in_array($at, $numeric, true) ? null : DepthName::read($name);
            // A depth before a height: many files have both.
            if ($kind !== null && $kind->isSure && ($depth === null || (DepthName::read($head[$depth])?->isHeight && ! $kind->isHeight))) {
                $depth = $at;
            }
        }

        return $lon === null || $lat === null || $depth === null ? [null, $depth === null ? null : $head[$depth]] : [[$lon, $lat, $depth], $head[$depth]];
    }
}
