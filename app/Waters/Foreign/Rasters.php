<?php

declare(strict_types=1);

namespace App\Waters\Foreign;

use App\Models\Question;
use App\Waters\Files\RasterFile;
use App\Waters\Files\Refused;
use OldEddy\Where\Lake\GridFrame;
use OldEddy\Where\Lake\Soundings;

/** A grid of another form, laid anew in square cells of metres about its own middle, where our own grids have them. */
final class Rasters
{
    /** More cells than this are made coarser on the way. */
    private const MOST_CELLS = Soundings::MOST_CELLS;

    /** A raster of at least so many bands of small whole numbers is a picture. */
    private const PICTURE_BANDS = 3;

    /** What is called by its own name within a file of these forms: the exact way the library writes it, nothing else. */
    private const PARTS = ['netCDF' => 'NETCDF', 'GPKG' => 'GPKG'];

    /** @var list<array{string, string}> what was understood, in words */
    public array $words = [];

    /** @param  array<string, mixed>  $said */
    public function __construct(private readonly Tool $tool, private readonly Form $form, private readonly string $folder, private readonly array $said)
    {
    }

    /**
     * @param  list<string>  $files
     * @return string the path of a grid as we read it
     */
    public function made(array $files): string
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
        $bands = is_array($about['bands'] ?? null) ? $about['bands'] : [];
        $this->words[] = ['grid', count($parts) > 1 ? $chosen : sprintf('%s × %s cells', ...array_map(number_format(...), $about['size'] ?? [0, 0]))];
        $band = $this->band($bands);
        $box = $about['cornerCoordinates'] ?? [];
        $system = Systems::of(self::systemName($about), [...($box['lowerLeft'] ?? []), ...($box['upperRight'] ?? [])], $this->said, $this->words);
        $unit = is_string($bands[$band]['unit'] ?? null) ? $bands[$band]['unit'] : '';
        $scale = ['scale' => (float) ($bands[$band]['scale'] ?? 1.0), 'offset' => (float) ($bands[$band]['offset'] ?? 0.0)];
        if ($unit !== '') {
            $this->words[] = ['unit by the file', $unit];
        }
        if ($scale['scale'] !== 1.0 || $scale['offset'] !== 0.0) {
            $this->words[] = ['numbers', sprintf('times %s, plus %s, as the file says', $scale['scale'], $scale['offset'])];
        }

        return $this->warped($from, [...$system, ...self::method($about)], $about, $band, ['unit' => $unit] + $scale);
    }

    /** @return bool whether a file of this form has a grid in it */
    public function hasGrid(string $file): bool
    {
        $about = $this->about("./{$file}");

        return ($about['bands'] ?? []) !== [] || $this->named($file, $about) !== [];
    }

    /**
     * Which band holds the depths.
     *
     * @param  list<array<string, mixed>>  $bands
     */
    private function band(array $bands): int
    {
        if (count($bands) >= self::PICTURE_BANDS && in_array($bands[0]['type'] ?? '', ['Byte', 'UInt8'], true)) {
            throw new Refused('This is a picture, not a grid of depths. A picture can lie under the sheet a water is drawn on.');
        }
        if (count($bands) < 2) {
            return 0;
        }
        $options = [];
        foreach ($bands as $i => $band) {
            $options[(string) ($i + 1)] = sprintf('band %d%s', $i + 1, is_string($band['description'] ?? null) && $band['description'] !== '' ? ": {$band['description']}" : '');
        }
        $said = $this->said['band'] ?? null;
        if (! is_numeric($said) || ! isset($options[(string) (int) $said])) {
            throw new NeedsAnswer($this->words, [new Question('band', sprintf('The grid has %d bands. Which of them holds the depths?', count($bands)), $options, '1')]);
        }
        $this->words[] = ['band', $options[(string) (int) $said]];

        return (int) $said - 1;
    }

    /** @return array<string, string> the grids of a file by name, as the tool opens them */
    private function parts(string $file): array
    {
        $about = $this->about("./{$file}");
        $named = $this->named($file, $about);

        return $named !== [] ? $named : [pathinfo($file, PATHINFO_FILENAME) => "./{$file}"];
    }

    /**
     * Grids that stand in the file under names of their own. A name in a file is what somebody wrote there: it is taken only in the form in
     * which the library itself would call a part of this very file.
     *
     * @param  array<string, mixed>  $about
     * @return array<string, string>
     */
    private function named(string $file, array $about): array
    {
        $prefix = self::PARTS[$this->form->value] ?? null;
        $parts = [];
        foreach ($prefix === null ? [] : $about['metadata']['SUBDATASETS'] ?? [] as $key => $name) {
            $exact = '/^'.$prefix.':"?\.\/'.preg_quote($file, '/').'"?:([A-Za-z][A-Za-z0-9_ -]{0,80})$/D';
            if (is_string($name) && str_ends_with((string) $key, '_NAME') && preg_match($exact, $name, $part) === 1) {
                $parts[$part[1]] = $prefix === 'NETCDF' ? "NETCDF:\"./{$file}\":{$part[1]}" : "GPKG:./{$file}:{$part[1]}";
            }
        }

        return $parts;
    }

    /** @return array<string, mixed> what the tool says of a grid */
    private function about(string $from, ?string $driver = null): array
    {
        $told = json_decode($this->tool->run('gdalinfo', ['-json', '-if', $driver ?? $this->form->value, $from]), true);

        return is_array($told) ? $told : [];
    }

    /** @param  array<string, mixed>  $about */
    private static function systemName(array $about): ?string
    {
        $wkt = $about['coordinateSystem']['wkt'] ?? '';

        return is_string($wkt) && preg_match('/^\w+\["([^"]+)"/', $wkt, $name) === 1 ? $name[1] : null;
    }

    /**
     * How a grid tells where it lies: by its corner and its steps, or by points. Any other way may name other files.
     *
     * @param  array<string, mixed>  $about
     * @return list<string>
     */
    private static function method(array $about): array
    {
        return match (true) {
            isset($about['geoTransform']) => ['-to', 'SRC_METHOD=GEOTRANSFORM'],
            ($about['gcps']['gcpList'] ?? []) !== [] => ['-to', 'SRC_METHOD=GCP_POLYNOMIAL'],
            default => throw new Refused('The grid does not say where it lies. Save it again as a GeoTIFF with its place.'),
        };
    }

    /**
     * @param  list<string>  $system
     * @param  array<string, mixed>  $about
     * @param  array{unit: string, scale: float, offset: float}  $numbers  what the numbers of the grid mean
     */
    private function warped(string $from, array $system, array $about, int $band, array $numbers): string
    {
        $warp = ['-q', '-overwrite', '-novshift', '-if', $this->form->value, '-of', 'ENVI', '-ot', 'Float32', '-dstnodata', 'nan', ...$system];
        // Once roughly, to learn where it lies and how large its cells are there.
        $this->tool->run('gdalwarp', [...$warp, '-t_srs', 'EPSG:4326', '-ts', '64', '0', $from, './rough.img']);
        $rough = $this->about('./rough.img', 'ENVI');
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
        $this->tool->run('gdalwarp', [...$warp, '-r', $coarser ? 'average' : 'near', '-t_srs', $frame, '-tr', sprintf('%.6f', $cell), sprintf('%.6f', $cell), $from, './grid.img']);
        $grid = $this->about('./grid.img', 'ENVI');
        [$left, , , $top] = $grid['geoTransform'] ?? [0.0, 0, 0, 0.0, 0, 0];
        [$cols, $rows] = $grid['size'] ?? [0, 0];

        return RasterFile::write("{$this->folder}/made.raster", "{$this->folder}/grid.img", $band, [
            'north' => ($top - $cell / 2) / GridFrame::METRES_PER_DEGREE, 'west' => ($left + $cell / 2) / $perLon, 'cell' => $cell, 'cols' => $cols, 'rows' => $rows,
            'square' => $middle, ...$numbers,
        ]);
    }
}
