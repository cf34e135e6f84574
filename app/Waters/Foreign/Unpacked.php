<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\Refused;
use ZipArchive;

/** A zip taken apart with care: only what belongs to a form that is read, under plain names, and never more than it says. */
final class Unpacked
{
    private const ENDS = ['shp', 'shx', 'dbf', 'prj', 'cpg', 'kml', 'gpkg', 'tif', 'tiff', 'tfw', 'asc', 'nc'];

    private const MOST_FILES = 300;

    private const MOST_BYTES = 400_000_000;

    /** More often packed than this is a bomb, not a map. */
    private const MOST_PACKED = 400;

    /**
     * @return array{Form, list<string>} what it holds, and the files to be opened
     *
     * @throws Refused for one that holds nothing that is read, or too much
     */
    public static function into(string $path, string $folder): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new Refused('This zip cannot be opened. It may have been cut off on its way.');
        }
        if ($zip->numFiles > self::MOST_FILES) {
            throw new Refused(sprintf('The zip holds more than %d files.', self::MOST_FILES));
        }
        [$bytes, $found] = [0, []];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $one = $zip->statIndex($i);
            $name = $one === false ? '' : $one['name'];
            if (preg_match('~(^|/)(xl/|\[Content_Types\])~', $name) === 1) {
                throw new Refused('This is a spreadsheet. Save it as CSV.');
            }
            $end = strtolower(pathinfo($name, PATHINFO_EXTENSION));
            if ($one === false || ! in_array($end, self::ENDS, true) || str_contains($name, '__MACOSX')) {
                continue;
            }
            $bytes += $one['size'];
            if ($bytes > self::MOST_BYTES || ($one['size'] > 1_000_000 && $one['size'] > self::MOST_PACKED * max(1, $one['comp_size']))) {
                throw new Refused('The zip unpacks to more than is read at once.');
            }
            $plain = (string) preg_replace('/[^A-Za-z0-9_-]+/', '_', pathinfo($name, PATHINFO_FILENAME)).".{$end}";
            $stream = $zip->getStream($name);
            $to = fopen("{$folder}/{$plain}", 'wb');
            if ($stream === false || $to === false) {
                throw new Refused('The zip cannot be unpacked: it may be locked, or damaged.');
            }
            stream_copy_to_stream($stream, $to, self::MOST_BYTES);
            fclose($to);
            chmod("{$folder}/{$plain}", 0644);
            $form = Form::ofEnd($end);
            if ($form !== null) {
                $found[$form->value][] = $plain;
            }
        }
        $form = Form::tryFrom((string) array_key_first($found));
        if ($form === null) {
            throw new Refused('The zip holds no shapefile, KML, GeoPackage, GeoTIFF, ASCII grid or netCDF file.');
        }

        return [$form, $found[$form->value]];
    }
}
