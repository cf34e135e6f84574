<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\TakeLayer;
use App\Models\Lake;
use App\Models\Layer;
use App\Waters\Foreign\Form;
use App\Waters\Foreign\Tool;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use OldEddy\Where\Lake\DepthGrid;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

/**
 * Files that anglers really have, of forms that the geospatial library reads for us. The samples are those of general packages of
 * Debian that nobody here wrote (bin/lib/samples.sh); what is taken in is held against the library's own summary of the same file.
 */
final class ForeignFilesTest extends WaterTestCase
{
    private const R = 'usr/lib/R/site-library/';

    /** @return iterable<string, array{string, array<string, string>, string, int}> file, answers, what it becomes, how many by the library's summary */
    public static function vectors(): iterable
    {
        yield 'GeoPackage, one point, British grid' => [self::R.'rgdal/vectors/b_pump.gpkg', [], 'spot', 1];
        yield 'GeoPackage, buildings' => [self::R.'sf/gpkg/buildings.gpkg', ['areas' => 'shoreline', 'shore' => 'draw'], 'ring', 158];
        yield 'shapefile, roads in UTM' => [self::R.'rgdal/vectors/kiritimati_primary_roads.shp', [], 'tracks', 35];
        yield 'shapefile, quarters of a town' => [self::R.'sf/shape/olinda1.shp', ['areas' => 'shoreline', 'shore' => 'draw'], 'ring', 470];
        yield 'shapefile, cantons in degrees' => [self::R.'terra/ex/lux.shp', ['areas' => 'shoreline', 'shore' => 'draw'], 'ring', 12];
        yield 'zipped shapefile as it came, feet of a state' => ['usr/lib/python3/dist-packages/geopandas/datasets/nybb_16a.zip', ['areas' => 'shoreline', 'shore' => 'draw'], 'ring', 106];
        yield 'shapefile, tracts in an old datum' => [self::R.'spData/shapes/boston_tracts.shp', ['areas' => 'shoreline', 'shore' => 'draw'], 'ring', 507];
    }

    /** @param  array<string, string>  $answers */
    #[DataProvider('vectors')]
    public function test_vectors_come_in_where_and_as_many_as_the_library_says(string $file, array $answers, string $what, int $count): void
    {
        $lake = $this->lake();
        $layer = $this->taken($lake, self::packed($file), $answers);
        $found = $layer->found ?? [];
        self::assertSame($count, $found['count'][$what] ?? 0, json_encode($found['count'] ?? []));
        // The library's own extent of the same layer, brought into degrees by itself.
        [$west, $south, $east, $north] = self::extent($file);
        self::assertEqualsWithDelta([$west, $south, $east, $north], $found['box'], 2e-4);
        self::assertContains('coordinates', array_column($found['words'], 0));
    }

    /** @return iterable<string, array{string, array<string, string>, float}> file, answers, metres of a unit */
    public static function rasters(): iterable
    {
        yield 'GeoTIFF, heights in degrees' => [self::R.'terra/ex/elev.tif', ['unit' => 'm', 'sign' => 'depth'], 1.0];
        yield 'GeoTIFF, a river in a national grid' => [self::R.'terra/ex/meuse.tif', ['unit' => 'ft', 'sign' => 'depth'], 0.3048];
        yield 'GeoTIFF in metres' => [self::R.'rgdal/pictures/cea.tif', ['unit' => 'ft', 'sign' => 'depth'], 0.3048];
        yield 'GeoTIFF, a state plane' => [self::R.'rgdal/pictures/SP27GTIF.TIF', ['unit' => 'ft', 'sign' => 'depth'], 0.3048];
        yield 'ASCII grid that does not say where it is' => [self::R.'rgdal/pictures/big_int_arc_file.asc as a lake', ['srs' => '26713', 'unit' => 'ft', 'sign' => 'depth'], 0.3048];
        yield 'GeoTIFF without a system' => [self::R.'stars/tif/olinda_dem_utm25s.tif', ['srs' => '31985', 'unit' => 'ft', 'sign' => 'depth'], 0.3048];
        yield 'netCDF' => [self::R.'stars/nc/test_adaptor.cams_regional_fc.nc', ['unit' => 'ft', 'sign' => 'depth'], 0.3048];
    }

    /** @param  array<string, string>  $answers */
    #[DataProvider('rasters')]
    public function test_grids_come_in_with_the_numbers_and_in_the_place_that_the_library_says(string $file, array $answers, float $metres): void
    {
        $lake = $this->lake();
        $this->taken($lake, self::packed($file), $answers);
        $grid = $lake->refresh()->fullGrid();
        self::assertInstanceOf(DepthGrid::class, $grid);
        $said = json_decode(self::tool('gdalinfo', ['-json', '-stats', self::path($file)]), true);
        $most = (float) $said['bands'][0]['metadata']['']['STATISTICS_MAXIMUM'];
        self::assertEqualsWithDelta($most * $metres / 0.3048, $grid->deepestFt(), 1e-3 * $most + 0.05, 'the greatest number of the file');
        // The middle of the deepest cell by the library, asked at the place where ours has it.
        $deepest = (int) array_search($grid->deepestFt(), $grid->depthsFt, true);
        [$lat, $lon] = $grid->position($deepest % $grid->cols, intdiv($deepest, $grid->cols));
        $from = isset($answers['srs']) ? self::moved($lon, $lat, (int) $answers['srs']) : null;
        // A file that knows no system has degrees as they are.
        $plain = $from !== null || ! isset($said['coordinateSystem']);
        $there = trim(self::tool('gdallocationinfo', ['-valonly', $plain ? '-geoloc' : '-wgs84', self::path($file), ...array_map(strval(...), $from ?? [$lon, $lat])]));
        self::assertEqualsWithDelta($most, (float) $there, 0.12 * abs($most) + 0.5, "the library has {$there} there");
        $cells = $said['size'][0] * $said['size'][1];
        self::assertTrue($grid->cols * $grid->rows < 2.2 * $cells, 'no more cells than a turned frame needs');
    }

    public function test_a_file_is_shown_before_it_is_kept_and_can_be_read_otherwise(): void
    {
        $lake = $this->lake();
        $this->send($lake, self::packed(self::R.'terra/ex/elev.tif'))->assertRedirect();
        $layer = $lake->layers()->sole();
        self::assertSame(Layer::WAITING, $layer->state, 'read by the worker of the queue, never beside a page');
        $this->queued($layer);
        self::assertSame(Layer::ASKS, $layer->state, 'nothing is kept unseen');
        self::assertNull($lake->refresh()->fullGrid());
        $page = $this->get(route('layer', [$lake, $layer->id]))->assertOk()->assertSee('a GeoTIFF')->assertSee('WGS 84');
        $page->assertSee('EPSG number');
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'look', 'unit' => 'm', 'sign' => 'elevation', 'surface' => '300'])->assertRedirect();
        $this->queued($layer->refresh());
        self::assertSame(Layer::ASKS, $layer->refresh()->state);
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'unit' => 'm', 'sign' => 'elevation', 'surface' => '300'])->assertRedirect(route('lake', $lake));
        $this->queued($layer->refresh());
        // The lowest ground of the file lies at 141 m: 159 m under a surface at 300.
        self::assertEqualsWithDelta((300 - 141) / 0.3048, $lake->refresh()->fullGrid()?->deepestFt(), 1.0);
        $this->get(route('lake', $lake))->assertOk();
    }

    public function test_several_grids_are_asked_about_and_lines_in_a_national_grid_are_brought_into_degrees(): void
    {
        $lake = $this->lake();
        $this->send($lake, self::packed(self::R.'stars/nc/reduced.nc'))->assertRedirect();
        $layer = $lake->layers()->sole();
        $this->queued($layer);
        self::assertSame(['part'], array_map(static fn (array $q): string => $q['key'], $layer->questions ?? []));
        self::assertGreaterThan(1, count($layer->questions[0]['options'] ?? []));
        $layer->delete();
        // Three soundings in UTM zone 17 north. Source: gdaltransform of the same library, asked here.
        $lines = "e,n,depth_ft\n592000,4082000,10\n592100,4082000,12\n592100,4082100,14\n";
        $path = (string) tempnam(sys_get_temp_dir(), 'utm');
        file_put_contents($path, $lines);
        $this->send($lake, $path, 'soundings.csv')->assertRedirect();
        $layer = $lake->layers()->sole();
        self::assertSame(['srs'], array_map(static fn (array $q): string => $q['key'], $layer->questions ?? []));
        foreach ([[], ['unit' => 'ft']] as $more) {
            $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'srs' => '32617'] + $more)->assertRedirect();
            $this->queued($layer->refresh());
        }
        [$lon, $lat] = array_map(floatval(...), explode(' ', trim(self::tool('gdaltransform', ['-s_srs', 'EPSG:32617', '-t_srs', 'EPSG:4326', '-output_xy'], "592100 4082100\n"))));
        self::assertEqualsWithDelta(14.0, $lake->refresh()->fullGrid()?->at($lat, $lon), 0.01);
        unlink($path);
    }

    /** @return iterable<string, array{callable(): string, string}> */
    public static function refused(): iterable
    {
        $zip = static function (array $files): string {
            $path = sys_get_temp_dir().'/wrong-'.bin2hex(random_bytes(4)).'.zip';
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE);
            foreach ($files as $name => $body) {
                $zip->addFromString($name, $body);
            }
            $zip->close();

            return $path;
        };
        yield 'a picture' => [static fn (): string => self::packed(self::R.'terra/ex/logo.tif'), 'picture'];
        yield 'a continent' => [static fn (): string => self::packed(self::R.'stars/nc/lcc_km.nc'), 'km from end to end'];
        yield 'a zip of texts' => [static fn (): string => $zip(['read.pdf' => 'nothing']), 'no shapefile'];
        yield 'a spreadsheet' => [static fn (): string => $zip(['xl/workbook.xml' => '<x/>', '[Content_Types].xml' => '<x/>']), 'spreadsheet'];
        yield 'a bomb' => [static fn (): string => $zip(['big.tif' => str_repeat("\0", 30_000_000)]), 'unpacks to more'];
        yield 'a path that climbs' => [static fn (): string => $zip(['../../etc/evil.kml' => '<kml/>']), 'KML'];
        yield 'a broken GeoTIFF' => [static fn (): string => self::written("II*\0".str_repeat("\xff", 400)), 'GeoTIFF'];
        yield 'a GeoPackage that is none' => [static fn (): string => self::written("SQLite format 3\0".str_repeat('x', 900)), 'GeoPackage'];
        yield 'KML cut off' => [static fn (): string => self::written('<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document><Placemark><name>a'), 'KML'];
    }

    /** @param  callable(): string  $file */
    #[DataProvider('refused')]
    public function test_what_cannot_be_read_is_told_in_a_sentence_and_leaves_nothing(callable $file, string $word): void
    {
        $lake = $this->lake();
        $before = glob(sys_get_temp_dir().'/foreign-*') ?: [];
        $this->send($lake, $file());
        $layer = $lake->layers()->sole();
        $this->queued($layer);
        self::assertSame(Layer::REFUSED, $layer->state);
        $said = (string) $layer->problem;
        self::assertStringContainsString($word, $said);
        self::assertStringNotContainsString(sys_get_temp_dir(), $said, 'nothing of this machine');
        self::assertNull($lake->refresh()->fullGrid());
        $this->get(route('lake', $lake))->assertOk()->assertSee($said);
        self::assertSame($before, glob(sys_get_temp_dir().'/foreign-*') ?: [], 'its folder is gone');
        self::assertFileDoesNotExist('/etc/evil.kml');
    }

    public function test_kml_marks_keep_their_names_and_a_file_that_calls_itself_ours_is_not_believed(): void
    {
        $kml = '<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document>'
            .'<Placemark><name>Old bridge</name><Point><coordinates>-80.1,36.9,0</coordinates></Point></Placemark>'
            .'<Placemark><name>10</name><ExtendedData><Data name="depth_m"><value>3</value></Data><Data name="kind"><value>ramp</value></Data></ExtendedData>'
            .'<LineString><coordinates>-80.1,36.9,0 -80.099,36.9,0 -80.099,36.901,0</coordinates></LineString></Placemark></Document></kml>';
        $lake = $this->lake();
        $this->taken($lake, self::written($kml), [], 'marks.kml');
        self::assertSame(['Old bridge'], $lake->spots()->pluck('name')->all());
        self::assertNull($lake->refresh()->ramp_lat);
        self::assertEqualsWithDelta(3 / 0.3048, $lake->fullGrid()?->at(36.9, -80.1), 0.01, 'a line with a depth is a depth line');
        // A link to somewhere else in a file is not followed: no other driver than its own is loaded, and there is no network.
        $vrt = '<VRTDataset rasterXSize="1" rasterYSize="1"><VRTRasterBand dataType="Byte" band="1"><SimpleSource><SourceFilename>/etc/passwd</SourceFilename></SimpleSource></VRTRasterBand></VRTDataset>';
        $this->send($lake, self::written($vrt), 'map.tif')->assertSessionHasErrors('file');
        self::assertSame(1, $lake->layers()->count());
        $tool = new Tool(sys_get_temp_dir(), Form::Kml);
        self::assertStringNotContainsString('VRT', $tool->run('gdalinfo', ['--formats']));
        self::assertStringContainsString('KML', $tool->run('ogrinfo', ['--formats']));
    }

    private function lake(): Lake
    {
        $angler = $this->angler();
        $this->actingAs($angler);

        return $angler->lakes()->create(['name' => 'Alder pond']);
    }

    private function send(Lake $lake, string $path, ?string $name = null): TestResponse
    {
        return $this->post(route('lake.take', $lake), ['file' => new UploadedFile($path, $name ?? basename($path), null, null, true)]);
    }

    /** @param  array<string, string>  $answers */
    private function taken(Lake $lake, string $path, array $answers, ?string $name = null): Layer
    {
        $this->send($lake, $path, $name)->assertSessionHasNoErrors();
        $layer = $lake->layers()->sole();
        $this->queued($layer);
        for ($i = 0; $i < 3 && $layer->state === Layer::ASKS; $i++) {
            $this->post(route('layer.answer', [$lake, $layer->id]), $answers + ['then' => 'take', 'shore' => 'draw'])->assertSessionHasNoErrors();
            $this->queued($layer->refresh());
        }
        self::assertSame(Layer::LAID, $layer->state, json_encode($layer->questions));

        return $layer;
    }

    /** What is too long to be waited for is done by the queue's worker. */
    private function queued(Layer $layer): void
    {
        if ($layer->state === Layer::WAITING) {
            (new TakeLayer($layer->id))->handle();
            $layer->refresh();
        }
    }

    private static function path(string $file): string
    {
        if (str_ends_with($file, ' as a lake')) {
            // Numbers of a lake's size in place of those that no lake has.
            $scaled = sys_get_temp_dir().'/scaled-'.substr(sha1($file), 0, 8).'.asc';
            is_file($scaled) || self::tool('gdal_translate', ['-q', '-of', 'AAIGrid', '-ot', 'Float32', '-a_nodata', '-9999', '-scale', '0', '80000', '0', '160', self::path(substr($file, 0, -10)), $scaled]);

            return $scaled;
        }
        $path = base_path("runtime/samples/{$file}");
        self::assertFileExists($path, 'bin/test feature fetches the samples');

        return $path;
    }

    /** The file as an angler gives it: a shapefile in a zip with its sisters. */
    private static function packed(string $file): string
    {
        $path = self::path($file);
        if (! str_ends_with($file, '.shp')) {
            return $path;
        }
        $packed = sys_get_temp_dir().'/packed-'.bin2hex(random_bytes(4)).'.zip';
        $zip = new ZipArchive;
        $zip->open($packed, ZipArchive::CREATE);
        foreach (File::glob(substr($path, 0, -4).'.*') as $one) {
            $zip->addFile($one, basename($one));
        }
        $zip->close();

        return $packed;
    }

    private static function written(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'given');
        file_put_contents($path, $bytes);

        return $path;
    }

    /** @return array{float, float, float, float} the extent of the file by the library, in degrees */
    private static function extent(string $file): array
    {
        $from = str_ends_with($file, '.zip') ? '/vsizip/'.self::path($file) : self::path($file);
        $out = sys_get_temp_dir().'/extent-'.bin2hex(random_bytes(4)).'.shp';
        self::tool('ogr2ogr', ['-t_srs', 'EPSG:4326', '-f', 'ESRI Shapefile', $out, $from]);
        $said = self::tool('ogrinfo', ['-ro', '-so', '-al', $out]);
        self::assertSame(1, preg_match('/^Extent: \((-?[\d.]+), (-?[\d.]+)\) - \((-?[\d.]+), (-?[\d.]+)\)/m', $said, $box), $said);
        array_map(unlink(...), glob(substr($out, 0, -4).'.*') ?: []);

        return array_map(floatval(...), array_slice($box, 1));
    }

    /** @return array{float, float} */
    private static function moved(float $lon, float $lat, int $srs): array
    {
        [$x, $y] = array_map(floatval(...), explode(' ', trim(self::tool('gdaltransform', ['-s_srs', 'EPSG:4326', '-t_srs', "EPSG:{$srs}", '-output_xy'], "{$lon} {$lat}\n"))));

        return [$x, $y];
    }

    /** @param  list<string>  $arguments */
    private static function tool(string $tool, array $arguments, string $input = ''): string
    {
        $process = proc_open(["/usr/bin/{$tool}", ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, sys_get_temp_dir(), ['GDAL_PAM_ENABLED' => 'NO', 'PATH' => '/usr/bin']);
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $said = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $said;
    }
}
