<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use App\Waters\Foreign\NeedsAnswer;
use Generator;

/** Soundings as lines of numbers: commas, semicolons, tabs or spaces, decimal point or comma, comments, a head line or none. */
final class Csv
{
    /** A few wrong lines are left out and named; more than this share of them is a wrong file. */
    private const FEW = 0.01;

    /** So many wrong lines are few in a file of at least so many good ones. */
    private const SOME = [3, 50];

    /** So many lines without numbers are passed over before the rest decides. */
    private const BROKEN = 20;

    /**
     * How the file is to be read, with what it leaves open.
     *
     * @param  array<string, mixed>  $said
     * @return array{Understanding, list<Question>}
     *
     * @throws NeedsAnswer where nothing can be read of it before something is said
     */
    public static function look(string $path, array $said, Home $home, string $unit): array
    {
        $sample = CsvSample::of($path);
        $columns = Columns::of($sample, $said);
        $kind = $columns->depthName === null ? null : DepthName::read($columns->depthName);
        $u = (new Understanding('csv', $columns->at, $sample->head !== null, $sample->separator, $sample->comma, 'lonlat', $kind->unit ?? $unit))->with($said);
        [$lon, $lat, $depth] = $columns->at;
        $places = [];
        foreach ($sample->rows as $row) {
            [$first, $second] = [CsvSample::coordinate($row, $lon, $sample->comma), CsvSample::coordinate($row, $lat, $sample->comma)];
            if ($first !== null && $second !== null && ($first !== 0.0 || $second !== 0.0)) {
                $places[] = [$first, $second];
            }
        }
        self::askTheSystem($sample, $columns, $places, $said, $home);
        $questions = array_filter([$columns->question]);
        if ($kind?->unit === null) {
            $questions[] = Questions::unit($columns->depthName === null ? 'The depths' : "\"{$columns->depthName}\"", $unit);
        }
        $near = Questions::withoutFew($places);
        // Whoever says which column is which says the order with it.
        [$order, $asked] = $columns->question !== null ? ['lonlat', []] : Questions::order($near, $home, $columns->areNamed);
        $west = $asked === [] ? Questions::west($order === 'latlon' ? array_map(array_reverse(...), $near) : $near, $home, self::saysWest($sample, $lon)) : [];
        $u = $u->with(['order' => $order, ...$said]);
        $depths = array_values(array_filter(
            array_map(static fn (array $row): ?float => CsvSample::number($row[$depth] ?? '', $sample->comma), $sample->rows),
            static fn (?float $d): bool => $d !== null,
        ));
        [$sign, $open] = Questions::sign($depths, $kind !== null && $kind->isHeight, $kind !== null && $kind->isSure && ! $kind->isHeight && ! $kind->isBare);
        $u = $u->with(['sign' => $sign, ...$said]);
        $left = static fn (Question $q): bool => ! isset($said[$q->key]);

        // What hangs on which column is which is asked once that is known.
        return [$u, array_values(array_filter($columns->question !== null ? $questions
            : [...$questions, ...$asked, ...$west, ...$open, ...Questions::deep($depths, $u)], $left))];
    }

    /**
     * The numbers of a file whose places are in another coordinate system.
     *
     * @param  array<string, mixed>  $said
     * @return Generator<int, array{float, float, float}> east, north, depth as it is written, by the number of the line
     */
    public static function triples(string $path, array $said): Generator
    {
        [$u] = self::look($path, $said, new Home, 'm');
        $columns = $u->columns ?? [0, 1, 2];
        foreach (self::rows($path, $u) as $number => $row) {
            [$first, $second] = [CsvSample::coordinate($row, $columns[0], $u->decimalComma), CsvSample::coordinate($row, $columns[1], $u->decimalComma)];
            $depth = CsvSample::number($row[$columns[2]] ?? '', $u->decimalComma);
            if ($first !== null && $second !== null && $depth !== null) {
                yield $number => $u->order === 'latlon' ? [$second, $first, $depth] : [$first, $second, $depth];
            }
        }
    }

    /**
     * What the file calls its depths; null where it has no head line.
     *
     * @param  array<string, mixed>  $said
     */
    public static function depthName(string $path, array $said): ?string
    {
        $sample = CsvSample::of($path);

        return $sample->head === null ? null : Columns::of($sample, $said)->depthName ?? 'depth';
    }

    /** @return Generator<int, Found> */
    public static function read(string $path, Understanding $u): Generator
    {
        [$broken, $good, $wrong, $first] = [0, 0, 0, null];
        $columns = $u->columns ?? [0, 1, 2];
        $middle = self::middle($path, $u);
        foreach (self::rows($path, $u) as $number => $row) {
            [$a, $b] = [CsvSample::coordinate($row, $columns[0], $u->decimalComma), CsvSample::coordinate($row, $columns[1], $u->decimalComma)];
            $depth = CsvSample::number($row[$columns[2]] ?? '', $u->decimalComma);
            if ($a === null || $b === null || $depth === null) {
                if (++$broken > self::BROKEN && $broken > $good) {
                    throw new Refused("Line {$number} and many before it are no longitude, latitude and depth.");
                }
                yield Found::left($number, 'no numbers');

                continue;
            }
            [$lat, $lon] = $u->place([$a, $b]);
            $feet = $u->feet($depth);
            $why = match (true) {
                abs($lat) > 90 || abs($lon) > 180 => "{$a}, {$b}: ".Questions::noPlace($a, $b),
                ! $middle->takes($lat, $lon) => sprintf('%s, %s lies far from the rest of this lake', $a, $b),
                $feet !== null && Understanding::isTooDeep($feet) => "a depth of {$depth}",
                default => null,
            };
            if ($why === null) {
                $good++;
                if ($feet !== null) {
                    yield Found::sounding($lat, $lon, $feet);
                }
            } else {
                $first ??= "Line {$number} cannot be right: {$why}.";
                // Whether many are too deep is asked when the file is looked at.
                $wrong += $feet !== null && Understanding::isTooDeep($feet) ? 0 : 1;
                yield Found::left($number, $why);
            }
        }
        if ($first !== null && $wrong > max($good >= self::SOME[1] ? self::SOME[0] : 0, self::FEW * $good)) {
            throw new Refused($first.($wrong > 1 ? sprintf(' So are %s others.', number_format($wrong - 1)) : ''));
        }
        if ($good === 0) {
            throw new Refused($first ?? 'There is no line of longitude, latitude and depth in the file.');
        }
    }

    /** Whether a line of a file that begins like this can be lines of numbers. */
    public static function isLike(string $head): bool
    {
        return preg_match(
            '/^[\x09\x0a\x0d\x20-\x7e\x80-\xff]+$/',
            $head,
        ) === 1 && preg_match('/\d\s*[,;\t ]\s*-?\d|[A-Za-z)]\s*[,;\t]\s*"?[A-Za-z]|\d\s*[°NSEW"]\s*[,;\t]/', $head) === 1;
    }

    /** @return Generator<int, list<string>> cells by the number of the line, without the names of the columns */
    private static function rows(string $path, Understanding $u): Generator
    {
        $seen = ! $u->headed;
        foreach (Lines::of($path) as $number => $line) {
            if (CsvSample::isNoData($line)) {
                continue;
            }
            if ($seen) {
                yield $number => CsvSample::split($line, $u->separator);
            }
            $seen = true;
        }
    }

    /**
     * Which system places are in that are no degrees, or degrees of another datum; which column is which has to be known first.
     *
     * @param  list<array{float, float}>  $places
     * @param  array<string, mixed>  $said
     */
    private static function askTheSystem(CsvSample $sample, Columns $columns, array $places, array $said, Home $home): void
    {
        if (isset($said['srs'])) {
            return;
        }
        $far = count(array_filter($places, static fn (array $p): bool => max(abs($p[0]), abs($p[1])) > 360 || min(abs($p[0]), abs($p[1])) > 90));
        $isProjected = $places !== [] && 2 * $far > count($places);
        $datum = $isProjected ? null : Datum::named($sample->beside);
        if ($places === [] || (! $isProjected && $datum === null)) {
            return;
        }
        $words = [['file', 'lines of numbers'], ['places', $isProjected ? 'no degrees, but metres or feet of some grid' : "degrees of {$datum->value}"]];
        $order = $columns->areNamed || isset($said['order']) ? [] : [Questions::which($places[0], 'lonlat')];
        throw new NeedsAnswer($words, $columns->question !== null ? [$columns->question] : [
            $datum === null ? Questions::system($places[0]) : Questions::datum($datum), ...($isProjected ? $order : []),
        ]);
    }

    private static function saysWest(CsvSample $sample, int $lon): bool
    {
        return preg_match('/(^|[^a-z])w(est)?([^a-z]|$)/i', $sample->head[$lon] ?? '') === 1;
    }

    /** Where most of the file lies. */
    private static function middle(string $path, Understanding $u): Home
    {
        [$lats, $lons, $columns] = [[], [], $u->columns ?? [0, 1, 2]];
        foreach (CsvSample::of($path)->rows as $row) {
            [$a, $b] = [CsvSample::coordinate($row, $columns[0], $u->decimalComma), CsvSample::coordinate($row, $columns[1], $u->decimalComma)];
            if ($a !== null && $b !== null) {
                [$lats[], $lons[]] = $u->place([$a, $b]);
            }
        }
        sort($lats);
        sort($lons);
        $half = intdiv(count($lats), 2);

        return $lats === [] || abs($lats[$half]) > 90 || abs($lons[$half]) > 180 ? new Home : new Home($lats[$half], $lons[$half]);
    }
}
