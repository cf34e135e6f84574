<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use Generator;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Soundings;

/**
 * A grid of square cells as it comes from a raster of another form: a line of JSON that says where it lies, then four-byte numbers, row
 * by row from the north-west.
 */
final class RasterFile
{
    public const BEGINS = 'OLD EDDY GRID ';

    /** So many numbers are looked at to understand them. */
    private const LOOKED_AT = 200_000;

    /** Rows are handed on in pieces of about so many cells. */
    private const PIECE = 100_000;

    /** Such numbers stand for nothing known, also where the file does not say so. */
    private const NOTHING = 1e30;

    private const UNITS = ['ft' => 'ft', 'feet' => 'ft', 'foot' => 'ft', 'us survey foot' => 'ft', 'm' => 'm', 'metre' => 'm', 'metres' => 'm', 'meter' => 'm', 'meters' => 'm', 'fathom' => 'fathom', 'fathoms' => 'fathom'];

    /**
     * @param  array{north: float, west: float, cell: float, cols: int, rows: int, square: float, unit: string, scale: float, offset: float}  $head  what the numbers are times and plus
     * @param  int  $band  which of the bands behind each other, counted from 0
     * @return string the path
     */
    public static function write(string $path, string $numbers, int $band, array $head): string
    {
        $to = fopen($path, 'wb');
        $from = fopen($numbers, 'rb');
        if ($to === false || $from === false) {
            throw new Refused('There is no room to read this file in.');
        }
        fwrite($to, self::BEGINS.json_encode($head, JSON_THROW_ON_ERROR)."\n");
        stream_copy_to_stream($from, $to, 4 * $head['cols'] * $head['rows'], 4 * $head['cols'] * $head['rows'] * $band);
        fclose($from);
        fclose($to);

        return $path;
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array{Understanding, list<Question>}
     */
    public static function look(string $path, array $said, string $unit): array
    {
        $values = [];
        $head = self::head($path);
        $every = max(1, intdiv($head['cols'] * $head['rows'], self::LOOKED_AT));
        $n = 0;
        foreach (self::rows($path) as [, $row]) {
            foreach ($row as $value) {
                if ($value !== null && $n++ % $every === 0) {
                    $values[] = $value;
                }
            }
        }
        if ($values === []) {
            throw new Refused('The grid holds no number.');
        }
        $known = self::UNITS[strtolower(trim($head['unit']))] ?? null;
        $u = (new Understanding('raster', unit: $known ?? $unit))->with($said);
        $questions = $known === null && ! isset($said['unit']) ? [Questions::unit('The numbers of the grid', $unit)] : [];
        // A grid over land and water is one of heights; one of nothing but numbers over 0 may be either.
        [$sign, $open] = Questions::sign($values, min($values) >= 0 && max($values) > 60 && max($values) - min($values) < 0.9 * max($values));

        $u = $u->with(['sign' => $sign, ...$said]);

        return [$u, array_values(array_filter([...$questions, ...$open, ...Questions::deep($values, $u)],
            static fn (Question $q): bool => ! isset($said[$q->key])))];
    }

    /** @return Generator<int, Found> */
    public static function read(string $path, Understanding $u): Generator
    {
        $head = self::head($path);
        $at_once = max(1, intdiv(self::PIECE, $head['cols']));
        $lat = static fn (int $row): float => $head['north'] - $row * $head['cell'] / DepthGrid::METRES_PER_DEGREE;
        [$depths, $since] = [[], 0];
        foreach (self::rows($path) as [$n, $row]) {
            foreach ($row as $value) {
                // Ground above the water is land, which is known as well; what is deeper than any lake is not known.
                $feet = $value === null ? null : $u->feet($value) ?? 0.0;
                $depths[] = $feet !== null && Understanding::isTooDeep($feet) ? null : $feet;
            }
            if (($n + 1) % $at_once === 0 || $n === $head['rows'] - 1) {
                yield Found::rows(new DepthGrid($lat($since), $head['west'], $head['cell'], $head['cols'], $n + 1 - $since, $depths, $head['square']));
                [$depths, $since] = [[], $n + 1];
            }
        }
    }

    /** @return array{north: float, west: float, cell: float, cols: int, rows: int, square: float, unit: string, scale: float, offset: float} */
    private static function head(string $path): array
    {
        $file = fopen($path, 'rb');
        $line = $file === false ? '' : (string) fgets($file, 4096);
        $head = str_starts_with($line, self::BEGINS) ? json_decode(substr($line, strlen(self::BEGINS)), true) : null;
        if ($file !== false) {
            fclose($file);
        }
        $numbers = is_array($head) ? array_filter(array_intersect_key($head, array_fill_keys(['north', 'west', 'cell', 'cols', 'rows', 'square'], 0)), is_numeric(...)) : [];
        if (count($numbers) !== 6 || $numbers['cols'] < 1 || $numbers['rows'] < 1 || 2 * Soundings::MOST_CELLS < $numbers['cols'] * $numbers['rows'] || $numbers['cell'] <= 0) {
            throw new Refused('This grid cannot be read.');
        }

        return [
            'north' => (float) $numbers['north'], 'west' => (float) $numbers['west'], 'cell' => (float) $numbers['cell'], 'cols' => (int) $numbers['cols'],
            'rows' => (int) $numbers['rows'], 'square' => (float) $numbers['square'], 'unit' => is_string($head['unit'] ?? null)
                ? $head['unit'] : '', 'scale' => (float) ($head['scale'] ?? 1.0), 'offset' => (float) ($head['offset'] ?? 0.0),
        ];
    }

    /** @return Generator<int, array{int, list<?float>}> rows by number, what is not known as null */
    private static function rows(string $path): Generator
    {
        $head = self::head($path);
        $file = fopen($path, 'rb');
        if ($file === false) {
            throw new Refused('This grid cannot be read.');
        }
        fgets($file);
        for ($row = 0; $row < $head['rows']; $row++) {
            $bytes = (string) stream_get_contents($file, 4 * $head['cols']);
            if (strlen($bytes) !== 4 * $head['cols']) {
                throw new Refused('The grid ends before its last row.');
            }
            yield [$row, array_map(static fn (float $v): ?float => is_finite($v) && abs($v) < self::NOTHING
                ? $v * $head['scale'] + $head['offset'] : null, array_values(unpack('g*', $bytes) ?: []))];
        }
        fclose($file);
    }
}
