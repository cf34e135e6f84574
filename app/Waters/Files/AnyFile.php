<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use Generator;

/** Tells by its first bytes what a file is, what is sure about it and what is not, and reads it as it is understood. */
final class AnyFile
{
    /** How the .shp of a shapefile begins. */
    public const SHP = "\x00\x00\x27\x0a";

    /** Forms that are known and not read, by how they begin; with what to do instead. */
    private const OTHERS = [
        "\x1f\x8b" => 'a packed file (gzip). Unpack it first',
        "7z\xBC\xAF\x27\x1C" => 'a packed file (7z). Pack it as zip instead',
        self::SHP => 'the .shp of a shapefile. It is made of several files: put .shp, .shx, .dbf and .prj into one zip',
        'Rar!' => 'a packed file (RAR). Pack it as zip instead',
        "\x89PNG" => 'a picture. Depths are needed as numbers: longitude, latitude, depth',
        "\xFF\xD8\xFF" => 'a picture. Depths are needed as numbers: longitude, latitude, depth',
        '%PDF' => 'a PDF. Depths are needed as numbers: longitude, latitude, depth',
        'LASF' => 'a cloud of laser points. Save it as lines of longitude, latitude, depth',
        "\xD0\xCF\x11\xE0" => 'an old spreadsheet or document. Save it as CSV',
    ];

    /**
     * How a file is to be read, and what it leaves open.
     *
     * @param  array<string, mixed>  $said  what the angler answered already
     * @param  string  $unit  the angler's own unit of depth, as the likely answer
     * @return array{Understanding, list<Question>}
     */
    public static function look(string $path, array $said, Home $home, string $unit): array
    {
        $format = self::format($path);
        [$u, $questions] = match ($format) {
            'csv' => Csv::look($path, $said, $home, $unit),
            'geojson' => GeoJson::look($path, $said, $home, $unit),
            'raster' => RasterFile::look($path, $said, $unit),
            'gpx' => Gpx::look($path, $said),
            default => [(new Understanding($format))->with($said), []],
        };
        // Whoever says that depths are written need not say how high the water stands.
        if (isset($said['sign']) && $u->sign !== Understanding::ELEVATION) {
            $questions = array_values(array_filter($questions, static fn (Question $q): bool => $q->key !== 'surface'));
        }
        $asksSurface = in_array('surface', array_column($questions, 'key'), true);
        if ($u->sign === Understanding::ELEVATION && $u->surface === null && ! $asksSurface) {
            $questions[] = new Question('surface', 'How high does the water stand, in the unit of the file?', []);
        }

        return [$u, $questions];
    }

    /** @return Generator<int, Found> */
    public static function read(string $path, Understanding $u): Generator
    {
        return match ($u->format) {
            'csv' => Csv::read($path, $u),
            'geojson' => GeoJson::read($path, $u),
            'gpx' => Gpx::read($path, $u),
            'raster' => RasterFile::read($path, $u),
            default => Recording::read($path),
        };
    }

    private static function format(string $path): string
    {
        $file = Lines::open($path);
        $raw = (string) @file_get_contents($path, false, null, 0, 8192);
        $head = ltrim((string) fread($file, 8192), "\xEF\xBB\xBF \t\r\n");
        fclose($file);
        foreach (self::OTHERS as $begins => $what) {
            if (str_starts_with($raw, $begins)) {
                throw new Refused("This is {$what}.");
            }
        }

        return match (true) {
            $head === '' => throw new Refused('The file is empty.'),
            str_starts_with($raw, RasterFile::BEGINS) => 'raster',
            str_starts_with($head, '<') => 'gpx',
            str_starts_with($head, '{') => 'geojson',
            Recording::isLike($head) => 'recording',
            Csv::isLike($head) => 'csv',
            default => throw new Refused(
                'This is none of the forms that are read: GPX, GeoJSON, KML, zipped shapefile, GeoPackage, GeoTIFF, ASCII grid, netCDF, CSV (longitude, latitude, depth) or a recording of instruments (NMEA 0183).',
            ),
        };
    }
}
