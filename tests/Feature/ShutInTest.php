<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\TakeLayer;
use App\Models\Lake;
use App\Models\Layer;
use App\Waters\Files\Refused;
use App\Waters\Foreign\Form;
use App\Waters\Foreign\Tool;
use App\Waters\Foreign\Workplace;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * A file from a stranger may name other files in many ways. None of them is read: the tools that read it see nothing but themselves and
 * their own folder. A marker that anybody may read is planted, and each way to it is tried.
 */
final class ShutInTest extends WaterTestCase
{
    private const MARKER = 'MARKER-7f3a-read';

    private string $marker;

    protected function setUp(): void
    {
        parent::setUp();
        $this->marker = sys_get_temp_dir().'/marker-'.bin2hex(random_bytes(6)).'.txt';
        file_put_contents($this->marker, self::MARKER."\n1,2,3\n");
        chmod($this->marker, 0644);
    }

    protected function tearDown(): void
    {
        unlink($this->marker);
        parent::tearDown();
    }

    /** @return iterable<string, array{callable(string): string}> the bytes of a file, by the path of the marker */
    public static function ways(): iterable
    {
        $item = static fn (string $domain, string $key, string $value): string => '<Item name="'.$key.'" domain="'.$domain.'">'.htmlspecialchars($value).'</Item>';
        $named = static fn (string ...$names): string => HostileFiles::tiff(implode('', array_map(
            static fn (string $name, int $i): string => $item('SUBDATASETS', 'SUBDATASET_'.($i + 1).'_NAME', $name), $names, array_keys($names),
        )));
        $kml = static fn (string $inside): string => '<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document>'.$inside.'</Document></kml>';
        yield 'a sparse virtual file that a raster calls a part of itself' => [static fn (string $m): string => HostileFiles::zip([
            'a.tif' => $named('/vsisparse/s.asc', '/vsisparse/f1_s.asc'), 's.asc' => HostileFiles::sparse('h.tif', $m), 'h.tif' => HostileFiles::tiff(),
        ])];
        yield 'the same with a head of the new names' => [static fn (string $m): string => HostileFiles::zip([
            'a.tif' => $named('/vsisparse/f1_s.asc'), 's.asc' => HostileFiles::sparse('f2_h.tif', $m), 'h.tif' => HostileFiles::tiff(),
        ])];
        yield 'memory that a raster calls a part of itself' => [static fn (): string => $named('MEM:::DATAPOINTER=4194304,PIXELS=4,LINES=4')];
        yield 'a part whose name is something to be done' => [static fn (string $m): string => $named('--optfile', "--config=CPL_DEBUG {$m}")];
        yield 'a part that is another file' => [static fn (string $m): string => $named($m, "/vsisubfile/0_16,{$m}")];
        yield 'a grid whose places stand in another file' => [static fn (string $m): string => HostileFiles::tiff(
            $item('GEOLOCATION', 'X_DATASET', $m).$item('GEOLOCATION', 'Y_DATASET', $m).$item('GEOLOCATION', 'X_BAND', '1').$item('GEOLOCATION', 'Y_BAND', '1'),
        )];
        yield 'a virtual raster under another name' => [static fn (string $m): string => HostileFiles::zip(['map.tif' => '<VRTDataset rasterXSize="4" rasterYSize="4"><VRTRasterBand dataType="Byte" band="1" subClass="VRTRawRasterBand"><SourceFilename relativeToVRT="0">'.$m.'</SourceFilename><ImageOffset>0</ImageOffset><PixelOffset>1</PixelOffset><LineOffset>4</LineOffset></VRTRasterBand></VRTDataset>'])];
        yield 'a virtual layer under another name' => [static fn (string $m): string => HostileFiles::zip(['map.gpkg' => '<OGRVRTDataSource><OGRVRTLayer name="a"><SrcDataSource relativeToVRT="0">CSV:'.$m.'</SrcDataSource></OGRVRTLayer></OGRVRTDataSource>'])];
        yield 'KML with a link to a file' => [static fn (string $m): string => $kml("<NetworkLink><Link><href>file://{$m}</href></Link></NetworkLink><Placemark><name>a</name><Point><coordinates>-80.1,36.9</coordinates></Point></Placemark>")];
        yield 'KML with an entity' => [static fn (string $m): string => '<?xml version="1.0"?><!DOCTYPE kml [<!ENTITY m SYSTEM "file://'.$m.'">]><kml xmlns="http://www.opengis.net/kml/2.2"><Document><Placemark><name>&m;</name><Point><coordinates>-80.1,36.9</coordinates></Point></Placemark></Document></kml>'];
        yield 'GML with an entity and a link' => [static fn (string $m): string => '<?xml version="1.0"?><!DOCTYPE gml [<!ENTITY m SYSTEM "file://'.$m.'">]><gml:FeatureCollection xmlns:gml="http://www.opengis.net/gml" xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance" xsi:schemaLocation="http://a.example file://'.$m.'"><gml:featureMember><a><n>&m;</n><g xlink:href="file://'.$m.'#x"><gml:Point srsName="EPSG:4326"><gml:coordinates>-80.1,36.9</gml:coordinates></gml:Point></g></a></gml:featureMember></gml:FeatureCollection>'];
        yield 'a link in a zip' => [static fn (string $m): string => HostileFiles::zip(['map.csv' => $m, 'a.tif' => HostileFiles::tiff()], 'map.csv')];
        yield 'a shapefile whose system names a file' => [static fn (string $m): string => HostileFiles::zip([
            'a.shp' => self::point(), 'a.shx' => '', 'a.prj' => "+proj=longlat +ellps=clrk66 +nadgrids={$m} +no_defs",
        ])];
        yield 'GeoJSON whose system is a link' => [static fn (string $m): string => '{"type":"FeatureCollection","crs":{"type":"link","properties":{"href":"file://'.$m.'","type":"proj4"}},"features":[{"type":"Feature","properties":{"name":"a"},"geometry":{"type":"Point","coordinates":[-80.1,36.9]}}]}'];
        yield 'netCDF whose grid is called like a file' => [static fn (string $m): string => HostileFiles::netCdf("a:{$m}")];
        yield 'a GeoPackage with a table that reads a file' => [self::package(...)];
        yield 'a GeoPackage with a layer whose name is something to be done' => [static fn (): string => self::made(['-f', 'GPKG', '-nln', '-sql'], 'gpkg')];
    }

    /** @param  callable(string): string  $file */
    #[DataProvider('ways')]
    public function test_no_file_leads_to_another(callable $file): void
    {
        $angler = $this->angler();
        $this->actingAs($angler);
        $lake = $angler->lakes()->create(['name' => 'Alder pond']);
        $path = (string) tempnam(sys_get_temp_dir(), 'way');
        file_put_contents($path, $file($this->marker));
        $this->post(route('lake.take', $lake), ['file' => new UploadedFile($path, 'map', null, null, true)]);
        unlink($path);
        // Each of its parts in turn, and everything else that is asked is answered.
        $parts = [];
        for ($i = 0; $i < 5; $i++) {
            foreach ($lake->layers()->get() as $layer) {
                $this->taken($lake, $layer, $parts, $i);
            }
            $this->assertUnread($lake);
        }
    }

    public function test_a_tool_sees_itself_and_its_folder_and_nothing_else(): void
    {
        self::assertTrue(Tool::canBeShutIn());
        Workplace::in(function (string $folder): void {
            file_put_contents("{$folder}/own.txt", 'own');
            chmod("{$folder}/own.txt", 0644);
            $tool = new Tool($folder, Form::GeoTiff);
            self::assertSame(['bin', 'dev', 'etc', 'lib', 'lib64', 'usr', 'work'], explode("\n", trim($tool->run('ls', ['/']))));
            self::assertSame(['alternatives', 'ld.so.cache'], explode("\n", trim($tool->run('ls', ['/etc']))));
            self::assertSame('own', $tool->run('cat', ['./own.txt']));
            self::assertStringNotContainsString('DB_PASSWORD', $tool->run('env', []));
            self::assertSame('65534', trim($tool->run('id', ['-u'])));
            foreach ([['cat', [$this->marker]], ['cat', [base_path('.env')]], ['ls', ['/proc']], ['bash', ['-c', 'echo > /dev/tcp/127.0.0.1/'.config('database.connections.mariadb.port')]], ['touch', ['/usr/x']]] as [$command, $arguments]) {
                try {
                    self::fail($command.' answered: '.$tool->run($command, $arguments));
                } catch (Refused) {
                    $this->addToAssertionCount(1);
                }
            }
        });
    }

    /** @param  array<string, array<int, string>>  $parts  what a question for a part offered */
    private function taken(Lake $lake, Layer $layer, array &$parts, int $turn): void
    {
        foreach ($layer->asks() as $question) {
            $parts[$question->key] = array_map(strval(...), $question->options === [] ? ['4326'] : array_keys($question->options));
        }
        if ($layer->state !== Layer::WAITING) {
            $answers = array_map(static fn (array $offered): string => $offered[$turn % count($offered)], $parts);
            $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'shore' => 'draw', 'deep' => 'leave', 'unit' => 'ft', 'sign' => 'depth'] + $answers);
            $layer->refresh();
        }
        if ($layer->state === Layer::WAITING) {
            (new TakeLayer($layer->id))->handle();
        }
    }

    private function assertUnread(Lake $lake): void
    {
        $lake->refresh();
        $said = json_encode([$lake->layers()->get()->map(static fn (Layer $l): array => [$l->name, $l->problem, $l->found, $l->questions])->all(), $lake->spots()->get()->toArray()], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        self::assertStringNotContainsString(substr(self::MARKER, 0, 8), $said);
        self::assertStringNotContainsString($this->marker, $said, 'not even the name of it');
        foreach ($lake->fullGrid()->depthsFt ?? [] as $depth) {
            $bytes = array_map(ord(...), str_split(self::MARKER));
            // The pixels of the sample are figures and small letters; only the marker has large ones.
            self::assertFalse($depth !== null && in_array((int) round($depth), array_intersect($bytes, range(65, 90)), true), "a depth of {$depth}");
            self::assertFalse($depth !== null && in_array((int) round($depth * 0.3048), array_intersect($bytes, range(65, 90)), true), "a depth of {$depth}");
        }
    }

    /** A shapefile of one point. */
    private static function point(): string
    {
        $shape = pack('NN', 1, 10).pack('V', 1).pack('e2', -80.1, 36.9);

        return pack('N7', 9994, 0, 0, 0, 0, 0, (100 + strlen($shape)) / 2).pack('VV', 1000, 1).pack('e8', -80.1, 36.9, -80.1, 36.9, 0, 0, 0, 0).$shape;
    }

    /** A GeoPackage in which a table of the library's database reads lines of a file. */
    private static function package(string $marker): string
    {
        return self::made(['-f', 'GPKG', '-nln', 'a'], 'gpkg', [
            "create virtual table leak using VirtualText('{$marker}', 'UTF-8', 0, POINT, DOUBLEQUOTE, ',')",
            'create view b as select 1 as fid, (select group_concat(COL001) from leak) as name, geom from a',
            "insert into gpkg_contents (table_name, identifier, data_type, srs_id) values ('b', 'b', 'features', 4326)",
            "insert into gpkg_geometry_columns values ('b', 'geom', 'POINT', 4326, 0, 0)",
        ]);
    }

    /**
     * @param  list<string>  $options
     * @param  list<string>  $then  statements that are run in it
     */
    private static function made(array $options, string $end, array $then = []): string
    {
        $base = sys_get_temp_dir().'/made-'.bin2hex(random_bytes(6));
        file_put_contents("{$base}.json", '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"depth":4},"geometry":{"type":"Point","coordinates":[-80.1,36.9]}}]}');
        $run = static fn (array $command): int => proc_close(proc_open($command, [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, '/', ['PATH' => '/usr/bin', 'SPATIALITE_SECURITY' => 'relaxed']) ?: throw new \RuntimeException('No process.'));
        $run(['/usr/bin/ogr2ogr', ...$options, "{$base}.{$end}", "{$base}.json"]);
        foreach ($then as $sql) {
            $run(['/usr/bin/ogrinfo', "{$base}.{$end}", '-sql', $sql]);
        }
        $bytes = (string) file_get_contents("{$base}.{$end}");
        array_map(unlink(...), glob("{$base}*") ?: []);
        self::assertNotSame('', $bytes);

        return $bytes;
    }
}
