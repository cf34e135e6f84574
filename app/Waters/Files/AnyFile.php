<?php

declare(strict_types=1);

namespace App\Waters\Files;

use App\Models\Question;
use Generator;

/** Tells by its first bytes what a file is, what is sure about it and what is not, and reads it as it is understood. */
final class AnyFile
{
    /** Forms that are known and not read, by how they begin; with what to do instead. */
    private const OTHERS = [
        "\x1f\x8b" => 'a packed file (gzip). Unpack it first',
        "\x00\x00\x27\x0a" => 'a shapefile. Save it as GeoJSON in degrees (WGS 84) in the program it comes from',
        "II*\0" => 'a TIFF image. Save its depths as points: longitude, latitude, depth',
        "MM\0*" => 'a TIFF image. Save its depths as points: longitude, latitude, depth',
        "\x89PNG" => 'a picture. Depths are needed as numbers: longitude, latitude, depth',
        "\xFF\xD8\xFF" => 'a picture. Depths are needed as numbers: longitude, latitude, depth',
        '%PDF' => 'a PDF. Depths are needed as numbers: longitude, latitude, depth',
        'SQLite format 3' => 'a database file. Save what is in it as GeoJSON or GPX',
        'LASF' => 'a cloud of laser points. Save it as lines of longitude, latitude, depth',
        "\x89HDF" => 'a scientific data file. Save it as lines of longitude, latitude, depth',
        'CDF' => 'a scientific data file. Save it as lines of longitude, latitude, depth',
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
            default => [(new Understanding($format))->with($said), []],
        };
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
            'gpx' => Gpx::read($path),
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
        if (str_starts_with($raw, "PK\x03\x04")) {
            throw new Refused(
                str_contains($raw, 'xl/')
                    || str_contains($raw, '[Content_Types]')
                    ? 'This is a spreadsheet. Save it as CSV.'
                    : 'This is a zip archive. Unpack it and give the file inside.',
            );
        }
        if (preg_match('/<kml[\s>]/i', substr($head, 0, 2000)) === 1) {
            throw new Refused('This is KML. Save it as GPX (marks and tracks) or GeoJSON (outlines) in the program it comes from.');
        }

        return match (true) {
            $head === '' => throw new Refused('The file is empty.'),
            str_starts_with($head, '<') => 'gpx',
            str_starts_with($head, '{') => 'geojson',
            Recording::isLike($head) => 'recording',
            Csv::isLike($head) => 'csv',
            default => throw new Refused(
                'This is neither GPX, GeoJSON, CSV (longitude, latitude, depth) nor a recording of instruments (NMEA 0183). Save it as one of these in the program it comes from.',
            ),
        };
    }
}
