<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Waters\Files\AnyFile;
use App\Waters\Files\Refused;
use ZipArchive;

/** A zip taken apart with care: only what belongs to a form that is read, under plain names, and never more than it says. */
final class Unpacked
{
    /** Files beside a shapefile or a picture, which are read with it. */
    private const BESIDE = ['shx', 'dbf', 'prj', 'cpg', 'tfw'];

    /** Forms that we read ourselves: each such file is a thing of its own. */
    private const OWN = ['csv', 'txt', 'xyz', 'gpx', 'json', 'nmea'];

    private const MOST_FILES = 300;

    private const MOST_BYTES = 400_000_000;

    /** More often packed than this is a bomb, not a map. */
    private const MOST_PACKED = 400;

    /** So many names of what was not read are said. */
    private const NAMES = 6;

    /** @var array<string, list<string>> files here, by what is read together */
    private array $kinds = [];

    /** @var list<string> */
    private array $leftOut = [];

    private function __construct()
    {
    }

    /**
     * What a zip holds, unpacked into a folder.
     *
     * @throws Refused for one that holds nothing that is read, or too much
     */
    public static function into(string $path, string $folder): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new Refused('This zip cannot be opened. It may have been cut off on its way.');
        }
        if ($zip->numFiles > self::MOST_FILES) {
            throw new Refused(sprintf('The zip holds more than %d files.', self::MOST_FILES));
        }
        [$one, $bytes, $bases] = [new self, 0, []];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $about = $zip->statIndex($i) ?: throw new Refused('The zip cannot be unpacked: it may be damaged.');
            $name = $about['name'];
            $end = strtolower(pathinfo($name, PATHINFO_EXTENSION));
            if (str_ends_with($name, '/') || str_contains($name, '__MACOSX')) {
                continue;
            }
            if (! self::isRead($end)) {
                $one->leftOut[] = basename($name);

                continue;
            }
            $bytes += $about['size'];
            if ($bytes > self::MOST_BYTES || ($about['size'] > 1_000_000 && $about['size'] > self::MOST_PACKED * max(1, $about['comp_size']))) {
                throw new Refused('The zip unpacks to more than is read at once.');
            }
            // Sisters keep one name; the same name in another folder is another.
            $base = pathinfo($name, PATHINFO_DIRNAME).'/'.pathinfo($name, PATHINFO_FILENAME);
            $bases[$base] ??= 'f'.count($bases).'_'.substr((string) preg_replace('/[^A-Za-z0-9_-]+/', '_', pathinfo($name, PATHINFO_FILENAME)), 0, 80);
            $plain = "{$bases[$base]}.{$end}";
            self::copy($zip, $name, "{$folder}/{$plain}");
            $one->sort($plain, $end, (string) file_get_contents("{$folder}/{$plain}", false, null, 0, 8192), basename($name));
        }
        if ($one->kinds === []) {
            throw new Refused('The zip holds no shapefile, KML, GeoPackage, GeoTIFF, grid, netCDF, GML, DXF, CSV or other file that is read.');
        }

        return $one;
    }

    /** @return non-empty-array<string, list<string>> the files here by what is read together: a form of the library, or one file of ours */
    public function kinds(): array
    {
        return $this->kinds;
    }

    /** What was left out, in words; null where all of it is read. */
    public function leftOut(): ?string
    {
        $names = array_slice($this->leftOut, 0, self::NAMES);
        $more = count($this->leftOut) - count($names);

        return $names === [] ? null : implode(', ', array_map(static fn (string $n): string => mb_strimwidth(mb_scrub($n), 0, 60, '…'),
            $names)).($more > 0 ? " and {$more} more" : '');
    }

    private static function isRead(string $end): bool
    {
        return in_array($end, [...self::BESIDE, ...self::OWN], true)
            || array_filter(Form::cases(), static fn (Form $f): bool => ! $f->isSheet() && $f->isNamed($end)) !== [];
    }

    /** A file by what its bytes are, whatever its name says. */
    private function sort(string $plain, string $end, string $head, string $given): void
    {
        if (in_array($end, self::BESIDE, true)) {
            return;
        }
        // A part of a shapefile is one only among its sisters.
        $form = str_starts_with($head, AnyFile::SHP) ? Form::Shapefile : Form::of($head);
        if ($form !== null && ($form->isNamed($end) || in_array($form, [Form::GeoJson, Form::GeoJsonLines], true))) {
            $this->kinds[$form->value][] = $plain;
        } elseif ($form === null && (in_array($end, self::OWN, true) || $end === 'geojson' || $end === 'asc')) {
            $this->kinds[mb_strimwidth(mb_scrub($given), 0, 80, '…')][] = $plain;
        } else {
            $this->leftOut[] = $given;
        }
    }

    private static function copy(ZipArchive $zip, string $name, string $path): void
    {
        $stream = $zip->getStream($name);
        $to = fopen($path, 'wb');
        if ($stream === false || $to === false) {
            throw new Refused('The zip cannot be unpacked: it may be locked, or damaged.');
        }
        stream_copy_to_stream($stream, $to, self::MOST_BYTES);
        fclose($to);
        chmod($path, 0644);
    }
}
