<?php

declare(strict_types=1);

namespace App\Waters\Files;

use Generator;
use OldEddy\Units\Length;

/** Soundings as lon, lat, depth; a head line may name the columns and the unit of the depth (depth_ft or depth_m; without, metres). */
final class Csv
{
    private const BROKEN = 20;

    /** @return Generator<int, Found> */
    public static function read(string $path): Generator
    {
        $file = fopen($path, 'rb');
        if ($file === false) {
            throw new Refused('The file cannot be read.');
        }
        [$columns, $feet, $line, $broken, $good] = [[0, 1, 2], false, 0, 0, 0];
        while (($row = fgetcsv($file, 2000, ',', '"', '')) !== false) {
            $line++;
            if ($row === [null]) {
                continue;
            }
            if ($line === 1 && ! is_numeric(trim((string) $row[0]))) {
                [$columns, $feet] = self::head(array_map(static fn (?string $c): string => strtolower(trim((string) $c, " \t\"\u{FEFF}")), $row));

                continue;
            }
            [$lon, $lat, $depth] = array_map(static fn (int $at): string => trim((string) ($row[$at] ?? '')), $columns);
            if (! is_numeric($lon) || ! is_numeric($lat) || ! is_numeric($depth)) {
                if (++$broken > self::BROKEN && $broken > $good) {
                    throw new Refused("Line {$line} and many before it are no lon, lat, depth.");
                }

                continue;
            }
            if (abs((float) $lat) > 90 || abs((float) $lon) > 180) {
                throw new Refused("Line {$line} lies at {$lon}, {$lat}: ".(abs((float) $lon) <= 90 && abs((float) $lat) <= 180 ? 'longitude comes first, the two seem to be exchanged.' : 'these are no degrees; only WGS 84 is read.'));
            }
            $good++;
            yield Found::sounding((float) $lat, (float) $lon, $feet ? abs((float) $depth) : Length::fromMetres(abs((float) $depth))->feet());
        }
        if ($good === 0) {
            throw new Refused('There is no line of lon, lat, depth in the file.');
        }
    }

    /**
     * @param  list<string>  $names
     * @return array{array{int, int, int}, bool}
     */
    private static function head(array $names): array
    {
        $find = static function (array $any) use ($names): int {
            foreach ($any as $name) {
                $at = array_search($name, $names, true);
                if ($at !== false) {
                    return (int) $at;
                }
            }
            throw new Refused('The head line names no column '.implode(' or ', $any).'.');
        };

        return [[$find(['lon', 'lng', 'longitude', 'x']), $find(['lat', 'latitude', 'y']), $find(['depth_ft', 'depth_m', 'depth', 'z'])], in_array('depth_ft', $names, true)];
    }
}
