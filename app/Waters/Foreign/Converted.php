<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Models\Question;
use App\Waters\Files\Csv;
use App\Waters\Files\RasterFile;
use App\Waters\Files\Refused;
use Closure;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use OldEddy\Where\Lake\GridFrame;
use OldEddy\Where\Lake\Soundings;

/**
 * A file of a form that is not ours, made one of ours by the geospatial library: vectors become GeoJSON in degrees, rasters a grid of
 * square cells. What was understood goes along.
 */
final class Converted
{
    /** More cells than this are made coarser on the way. */
    private const MOST_CELLS = Soundings::MOST_CELLS;

    /** A raster of more bands than this is a picture. */
    private const MOST_BANDS = 2;

    /** Features that are read of one layer. */
    private const MOST_FEATURES = 400_000;

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    /** Lines of numbers that are brought into degrees at once. */
    private const LINES_AT_ONCE = 100_000;

    /** @var list<array{string, string}> what was understood, in words */
    private array $words = [];

    /** @param  array<string, mixed>  $said  what the angler answered */
    private function __construct(private readonly Tool $tool, private readonly Form $form, private readonly string $folder, private readonly array $said)
    {
        $this->words[] = ['the file is', $form->words()];
    }

    /**
     * Whether a file has to be made one of ours before it is read.
     *
     * @param  array<string, mixed>  $said
     */
    public static function isNeeded(string $path, array $said = []): bool
    {
        $head = (string) @file_get_contents($path, false, null, 0, 8192);

        return self::isZip($head) || Form::of($head) !== null || (isset($said['srs']) && Csv::isLike($head));
    }

    /**
     * Hands the file, made one of ours, to somebody who reads it.
     *
     * @template T
     *
     * @param  array<string, mixed>  $said
     * @param  Closure(string, list<array{string, string}>): T  $read  the path, and what was understood on the way in words
     * @return T
     *
     * @throws Refused
     */
    public static function with(string $path, array $said, Closure $read): mixed
    {
        if (! Tool::isThere()) {
            throw new Refused('Files of this form are read by the tools of GDAL, which are not installed here (Debian: gdal-bin).');
        }
        $folder = sys_get_temp_dir().'/foreign-'.Str::random(20);
        File::makeDirectory($folder, 0700);
        try {
            $head = (string) file_get_contents($path, false, null, 0, 8192);
            if (! self::isZip($head) && Form::of($head) === null && isset($said['srs'])) {
                self::hand($folder);
                $one = new self(new Tool($folder, Form::GeoJson), Form::GeoJson, $folder, $said);

                $made = $one->lines($path);

                return $read($made, $one->words);
            }
            [$form, $files] = self::isZip($head) ? Unpacked::into($path, $folder) : [Form::of($head), []];
            if ($form === null) {
                throw new Refused('This form of file is not known.');
            }
            if ($files === []) {
                $files = ['given.'.match ($form) {
                    Form::GeoTiff => 'tif', Form::GeoPackage => 'gpkg', Form::AsciiGrid => 'asc', Form::NetCdf => 'nc', Form::GeoJson => 'geojson', default => 'kml'
                }];
                copy($path, "{$folder}/{$files[0]}");
                chmod("{$folder}/{$files[0]}", 0644);
            }
            self::hand($folder);
            $one = new self(new Tool($folder, $form), $form, $folder, $said);
            $made = $form->isRaster() ? $one->raster($files) : $one->vector($files);

            return $read($made, $one->words);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private static function isZip(string $head): bool
    {
        return str_starts_with($head, "PK\x03\x04");
    }

    /** The folder is the tool's own, where it runs as somebody else. */
    private static function hand(string $folder): void
    {
        if (posix_geteuid() === 0) {
            chown($folder, Tool::NOBODY);
        }
    }

    /**
     * @param  list<string>  $files
     * @return string the path of a feature collection
     */
    private function vector(array $files): string
    {
        $made = "{$this->folder}/made.geojson";
        $to = fopen($made, 'wb');
        if ($to === false) {
            throw new Refused('There is no room to read this file in.');
        }
        fwrite($to, '{"type":"FeatureCollection","features":[');
        [$first, $counts] = [true, []];
        foreach ($files as $file) {
            foreach ($this->layers($file) as $n => $layer) {
                $system = $this->system($file, $layer);
                $out = "out-{$n}-".pathinfo($file, PATHINFO_FILENAME).'.geojsons';
                $this->tool->run('ogr2ogr', [
                    '-f', 'GeoJSONSeq', '-t_srs', 'EPSG:4326', ...$system, '-nlt', 'CONVERT_TO_LINEAR', '-limit', (string) self::MOST_FEATURES, '-lco', 'RS=NO',
                    '-lco', 'COORDINATE_PRECISION=8', $out, $file, $layer,
                ]);
                $counts[$layer] = 0;
                foreach (self::linesOf("{$this->folder}/{$out}") as $line) {
                    $feature = json_decode($line, true);
                    if (is_array($feature) && ($feature['geometry'] ?? null) !== null) {
                        fwrite($to, ($first ? '' : ",\n").json_encode(self::ours($feature), self::JSON));
                        $counts[$layer]++;
                        $first = false;
                    }
                }
                unlink("{$this->folder}/{$out}");
            }
        }
        fwrite($to, ']}');
        fclose($to);
        foreach ($counts as $layer => $count) {
            $this->words[] = ['layer', "{$layer}: ".number_format($count).' features'];
        }
        if (array_sum($counts) === 0) {
            throw new Refused("This is {$this->form->words()}, and there is nothing in it.");
        }

        return $made;
    }

    /** @return list<string> the layers of a file */
    private function layers(string $file): array
    {
        preg_match_all('/^\d+: (.+?)(?: \([^()]*\))?$/m', $this->tool->run('ogrinfo', ['-ro', $file]), $found);

        return array_map(trim(...), $found[1]);
    }

    /**
     * How to tell in which coordinate system a layer is, where it does not say so itself or the angler knows better.
     *
     * @return list<string>
     */
    private function system(string $file, string $layer): array
    {
        $told = $this->tool->run('ogrinfo', ['-ro', '-so', $file, $layer]);
        preg_match('/^Extent: \((-?[\d.e+]+), (-?[\d.e+]+)\) - \((-?[\d.e+]+), (-?[\d.e+]+)\)/m', $told, $box);
        $known = preg_match('/^Layer SRS WKT:\s*\n\(unknown\)/m', $told) !== 1;
        preg_match('/^Layer SRS WKT:\s*\n\w+\["([^"]+)"/m', $told, $name);

        return $this->systemOf($known ? ($name[1] ?? 'its own') : null, array_map(floatval(...), array_slice($box, 1)));
    }

    /**
     * @param  ?string  $name  of the system, where the file names one
     * @param  list<float>  $box  of its coordinates as they are written
     * @return list<string> what the tool has to be told
     */
    private function systemOf(?string $name, array $box): array
    {
        if (isset($this->said['srs'])) {
            $this->words[] = ['coordinates', "EPSG:{$this->said['srs']}, as you said"];

            return ['-s_srs', "EPSG:{$this->said['srs']}"];
        }
        if ($name !== null) {
            $this->words[] = ['coordinates', $name];

            return [];
        }
        if ($box !== [] && max(abs($box[0]), abs($box[2] ?? 0.0)) <= 180 && max(abs($box[1] ?? 0.0), abs($box[3] ?? 0.0)) <= 90) {
            $this->words[] = ['coordinates', 'taken as degrees (WGS 84): the file does not say'];

            return ['-s_srs', 'EPSG:4326'];
        }
        throw new NeedsAnswer($this->words, [new Question('srs', sprintf(
            'The file does not say in which coordinate system it is; its places run from %s to %s. Its EPSG number?', implode(', ', array_slice($box, 0, 2)), implode(', ', array_slice($box, 2)),
        ), [])]);
    }

    /**
     * @param  list<string>  $files
     * @return string the path of a grid as we read it
     */
    private function raster(array $files): string
    {
        $parts = array_merge(...array_map($this->parts(...), $files));
        if ($parts === []) {
            throw new Refused("This is {$this->form->words()}, and there is no grid in it.");
        }
        $chosen = is_string($this->said['part'] ?? null) && isset($parts[$this->said['part']]) ? $this->said['part'] : (string) array_key_first($parts);
        if (count($parts) > 1 && ! isset($this->said['part'])) {
            throw new NeedsAnswer($this->words, [new Question('part', 'Which of its grids holds the depths?', array_combine(array_keys($parts), array_keys($parts)), $chosen)]);
        }
        $from = $parts[$chosen];
        $about = $this->about($from);
        $bands = $about['bands'] ?? [];
        if (count($bands) > self::MOST_BANDS && in_array($bands[0]['type'] ?? '', ['Byte', 'UInt8'], true)) {
            throw new Refused('This is a picture, not a grid of depths. A picture can lie under the sheet a water is drawn on.');
        }
        $box = $about['cornerCoordinates'] ?? [];
        $system = $this->systemOf(self::systemName($about), [...($box['lowerLeft'] ?? []), ...($box['upperRight'] ?? [])]);
        $this->words[] = ['grid', count($parts) > 1 ? $chosen : sprintf('%s × %s cells', ...array_map(number_format(...), $about['size'] ?? [0, 0]))];
        $unit = $bands[0]['unit'] ?? '';
        if ($unit !== '') {
            $this->words[] = ['unit by the file', (string) $unit];
        }

        return $this->warped($from, $system, $about, is_string($unit) ? $unit : '');
    }

    /** @return array<string, string> the grids of a file by name, as the tool opens them */
    private function parts(string $file): array
    {
        $sets = array_filter($this->about($file)['metadata']['SUBDATASETS'] ?? [], static fn (string $key): bool => str_ends_with($key, '_NAME'), ARRAY_FILTER_USE_KEY);
        if ($sets === []) {
            return [pathinfo($file, PATHINFO_FILENAME) => $file];
        }
        $parts = [];
        foreach ($sets as $name) {
            $parts[(string) preg_replace('/^.*:/', '', $name)] = $name;
        }

        return $parts;
    }

    /** @return array<string, mixed> what the tool says of a grid */
    private function about(string $from): array
    {
        $told = json_decode($this->tool->run('gdalinfo', ['-json', $from]), true);

        return is_array($told) ? $told : [];
    }

    /** @param  array<string, mixed>  $about */
    private static function systemName(array $about): ?string
    {
        $wkt = $about['coordinateSystem']['wkt'] ?? '';

        return is_string($wkt) && preg_match('/^\w+\["([^"]+)"/', $wkt, $name) === 1 ? $name[1] : null;
    }

    /**
     * The grid laid anew in square cells of metres about its own middle, where our own grids have them.
     *
     * @param  list<string>  $system
     * @param  array<string, mixed>  $about
     */
    private function warped(string $from, array $system, array $about, string $unit): string
    {
        // Once roughly, to learn where it lies and how large its cells are there.
        $this->tool->run('gdalwarp', ['-q', '-overwrite', '-of', 'ENVI', '-ot', 'Float32', '-dstnodata', 'nan', ...$system, '-t_srs', 'EPSG:4326', '-ts', '64', '0', $from, 'rough.img']);
        $rough = $this->about('rough.img');
        [$west, , , $north] = $rough['geoTransform'] ?? [0, 0, 0, 0, 0, 0];
        [$cols, $rows] = $rough['size'] ?? [1, 1];
        $south = $north + $rows * (float) ($rough['geoTransform'][5] ?? 0);
        $east = $west + $cols * (float) ($rough['geoTransform'][1] ?? 0);
        $middle = ($north + $south) / 2;
        if (abs($middle) > 85) {
            throw new Refused('This grid lies at a pole of the earth.');
        }
        $perLon = GridFrame::METRES_PER_DEGREE * cos(deg2rad($middle));
        [$wideM, $highM] = [($east - $west) * $perLon, ($north - $south) * GridFrame::METRES_PER_DEGREE];
        if (max($wideM, $highM) > Soundings::LONGEST_M) {
            throw new Refused(sprintf('This grid is %.0f km from end to end: no lake is. Cut out the part that is yours.', max($wideM, $highM) / 1000));
        }
        [$ownCols, $ownRows] = $about['size'] ?? [1, 1];
        $cell = max(Soundings::CELL_M[0], sqrt($wideM * $highM / max(1, $ownCols * $ownRows)), sqrt($wideM * $highM / self::MOST_CELLS) * 1.01);
        // Our own frame as a projection: degrees taken as straight metres on a sphere of the same length of a degree.
        $frame = sprintf('+proj=eqc +lat_ts=%.8f +lon_0=0 +R=%.4f +units=m +no_defs', $middle, GridFrame::METRES_PER_DEGREE * 180 / M_PI);
        $coarser = $cell > 1.5 * sqrt($wideM * $highM / max(1, $ownCols * $ownRows));
        $this->tool->run('gdalwarp', [
            '-q', '-overwrite', '-of', 'ENVI', '-ot', 'Float32', '-dstnodata', 'nan', '-r', $coarser ? 'average' : 'near', ...$system, '-t_srs', $frame,
            '-tr', sprintf('%.6f', $cell), sprintf('%.6f', $cell), $from, 'grid.img',
        ]);
        $grid = $this->about('grid.img');
        [$left, , , $top] = $grid['geoTransform'] ?? [0.0, 0, 0, 0.0, 0, 0];
        [$cols, $rows] = $grid['size'] ?? [0, 0];

        return RasterFile::write("{$this->folder}/made.raster", "{$this->folder}/grid.img", [
            'north' => ($top - $cell / 2) / GridFrame::METRES_PER_DEGREE, 'west' => ($left + $cell / 2) / $perLon, 'cell' => $cell, 'cols' => $cols, 'rows' => $rows,
            'square' => $middle, 'unit' => $unit,
        ]);
    }

    /**
     * A feature as our reader takes it: a name is called name, and a height of its own is a number like others.
     *
     * @param  array<string, mixed>  $feature
     * @return array<string, mixed>
     */
    private static function ours(array $feature): array
    {
        $about = is_array($feature['properties'] ?? null) ? array_filter($feature['properties'], static fn (mixed $v): bool => $v !== null && $v !== '') : [];
        // What says of itself to be one of ours may not come this way: it would be believed.
        unset($about['kind'], $about['dock']);
        if (isset($about['Name']) && ! isset($about['name'])) {
            $about['name'] = $about['Name'];
            unset($about['Name']);
        }
        $first = $feature['geometry']['coordinates'] ?? [];
        while (is_array($first) && is_array($first[0] ?? null)) {
            $first = $first[0];
        }
        if (is_array($first) && isset($first[2]) && (float) $first[2] !== 0.0 && ! isset($about['z'])) {
            $about['z'] = round((float) $first[2], 4);
        }

        return ['type' => 'Feature', 'properties' => $about === [] ? null : $about, 'geometry' => $feature['geometry']];
    }

    /** @return iterable<string> lines however long: a feature is one */
    private static function linesOf(string $path): iterable
    {
        $file = fopen($path, 'rb');
        while ($file !== false && ($line = fgets($file)) !== false) {
            yield $line;
        }
        if ($file !== false) {
            fclose($file);
        }
    }

    /** Lines of numbers in another coordinate system, made lines in degrees. */
    private function lines(string $path): string
    {
        $this->words = [['coordinates', "EPSG:{$this->said['srs']}, as you said"]];
        $made = "{$this->folder}/made.csv";
        $to = fopen($made, 'wb');
        if ($to === false) {
            throw new Refused('There is no room to read this file in.');
        }
        fwrite($to, "lon,lat,depth\n");
        $piece = [];
        foreach (Csv::triples($path, $this->said) as $triple) {
            $piece[] = $triple;
            if (count($piece) === self::LINES_AT_ONCE) {
                fwrite($to, $this->moved($piece));
                $piece = [];
            }
        }
        fwrite($to, $piece === [] ? '' : $this->moved($piece));
        fclose($to);

        return $made;
    }

    /** @param  non-empty-list<array{float, float, float}>  $triples  east, north, depth as it is written */
    private function moved(array $triples): string
    {
        $input = implode("\n", array_map(static fn (array $t): string => sprintf('%.4f %.4f', $t[0], $t[1]), $triples))."\n";
        $said = explode("\n", trim($this->tool->run('gdaltransform', ['-s_srs', "EPSG:{$this->said['srs']}", '-t_srs', 'EPSG:4326', '-output_xy'], $input)));
        if (count($said) !== count($triples)) {
            throw new Refused('These places cannot be brought into degrees: is the EPSG number right?');
        }

        return implode('', array_map(static function (string $line, array $t): string {
            [$first, $second] = sscanf($line, '%f %f') ?: [null, null];

            return $first === null || $second === null ? '' : sprintf("%.8f,%.8f,%.6g\n", $first, $second, $t[2]);
        }, $said, $triples));
    }
}
