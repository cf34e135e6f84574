<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\TakeLayer;
use App\Models\Lake;
use App\Models\Layer;
use App\Models\Question;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files as other programs and people write them: read right, or asked about, or refused with the way out; never silently wrong. */
final class FilesFromElsewhereTest extends WaterTestCase
{
    private const LAT = 36.9;

    private const LON = -80.1;

    /** @return list<array{float, float}> latitude and longitude of places along a line */
    private static function places(int $n = 5): array
    {
        return array_map(static fn (int $i): array => [self::LAT, self::LON + $i * 0.0002], range(0, $n - 1));
    }

    private static function rows(string $form, int $n = 5): string
    {
        return implode('', array_map(static fn (array $p): string => sprintf($form, $p[0], $p[1])."\n", self::places($n)));
    }

    private static function minutes(float $degrees, string $letters): string
    {
        $of = abs($degrees);

        return sprintf("%d°%08.5f'%s", (int) $of, 60 * ($of - (int) $of), $degrees < 0 ? $letters[1] : $letters[0]);
    }

    private static function seconds(float $degrees, string $letters): string
    {
        $of = abs($degrees);
        $minutes = 60 * ($of - (int) $of);

        return sprintf('%d %d %.4f %s', (int) $of, (int) $minutes, 60 * ($minutes - (int) $minutes), $degrees < 0 ? $letters[1] : $letters[0]);
    }

    /** @return iterable<string, array{string, list<string>, array<string, mixed>, float}> text, what is asked, answers, depth in feet at the first place */
    public static function lines(): iterable
    {
        $utm = [[580184.135, 4084157.280], [580201.954, 4084157.448], [580219.774, 4084157.617], [580237.593, 4084157.785]];
        $grid = static fn (string $head, callable $row): string => ($head === '' ? '' : "{$head}\n").implode("\n", array_map($row, $utm))."\n";
        yield 'a head in one-byte letters' => [mb_convert_encoding("Länge;Breite;Tiefe (m)\n".self::rows('%2$.5f;%1$.5f;3'), 'Windows-1252', 'UTF-8'), [], [], 3 / 0.3048];
        yield 'POS_LAT and POS_LON' => ["POS_LAT,POS_LON,DEPTH_M\n".self::rows('%.5f,%.5f,3'), [], [], 3 / 0.3048];
        yield 'a reading that names nothing' => ["ID,Longitude,Latitude,Reading\n".self::rows('7,%2$.5f,%1$.5f,9'), ['columns', 'unit'], ['columns' => ['1', '2', '3'], 'unit' => 'ft'], 9.0];
        yield 'nine columns without names' => [self::rows('1,%.5f,%.5f,9.5,61,3,0,12,4'), ['columns', 'unit'], ['columns' => ['2', '1', '3'], 'unit' => 'ft'], 9.5];
        yield 'degrees, minutes and seconds' => ["Latitude,Longitude,Depth_ft\n".implode('', array_map(static fn (array $p): string => self::seconds($p[0], 'NS').','.self::seconds($p[1], 'EW').",8\n", self::places())), [], [], 8.0];
        yield 'decimal minutes' => ["Latitude,Longitude,Depth_ft\n".implode('', array_map(static fn (array $p): string => self::minutes($p[0], 'NS').','.self::minutes($p[1], 'EW').",8\n", self::places())), [], [], 8.0];
        yield 'letters behind the degrees' => ["lat,lon,depth_ft\n".implode('', array_map(static fn (array $p): string => $p[0].'N,'.abs($p[1])."W,7\n", self::places())), [], [], 7.0];
        yield 'letters in columns of their own' => ["lat,ns,lon,ew,depth_ft\n".implode('', array_map(static fn (array $p): string => $p[0].',N,'.abs($p[1]).",W,7\n", self::places())), [], [], 7.0];
        yield 'west without a minus, and it says so' => ["lat,lon (W),depth_ft\n".implode('', array_map(static fn (array $p): string => $p[0].','.abs($p[1]).",7\n", self::places())), ['west'], ['west' => 'yes'], 7.0];
        yield 'counted once around' => ["lat,lon,depth_ft\n".implode('', array_map(static fn (array $p): string => $p[0].','.(360 + $p[1]).",7\n", self::places())), [], [], 7.0];
        yield 'northing first' => [$grid('Northing,Easting,Depth_ft', static fn (array $p): string => "{$p[1]},{$p[0]},11"), ['srs'], ['srs' => '32617'], 11.0];
        yield 'the number of a point first' => [$grid('PointID,Easting,Northing,Depth_ft', static fn (array $p): string => "3,{$p[0]},{$p[1]},11"), ['srs'], ['srs' => '32617'], 11.0];
        yield 'heights of the ground in metres of a grid' => [$grid('Easting,Northing,Elevation_m', static fn (array $p): string => "{$p[0]},{$p[1]},247.0"), ['srs'], ['srs' => '32617', 'sign' => 'elevation', 'surface' => '250'], 3 / 0.3048];
        yield 'three columns of a grid, nothing named' => [$grid('', static fn (array $p): string => "{$p[1]},{$p[0]},4"), ['srs', 'order'], ['srs' => '32617', 'order' => 'latlon', 'unit' => 'ft'], 4.0];
        yield 'X, Y, Z with a Z of hills' => ["X,Y,Z\n".self::rows('%2$.5f,%1$.5f,788'), ['unit', 'sign', 'surface'], ['unit' => 'ft', 'sign' => 'elevation', 'surface' => '800'], 12.0];
        yield 'another datum' => ["# datum: NAD 27\nlat,lon,depth_ft\n".self::rows('%.5f,%.5f,6'), ['srs'], ['srs' => '4326'], 6.0];
        yield 'a depth of nonsense all along' => ["lat,lon,depth_ft\n".self::rows('%.5f,%.5f,5').self::rows('%.5f,%.5f,99999'), ['deep'], ['deep' => 'leave'], 5.0];
    }

    /**
     * @param  list<string>  $asked
     * @param  array<string, mixed>  $answers
     */
    #[DataProvider('lines')]
    public function test_lines_of_numbers_are_read_as_they_are_meant(string $text, array $asked, array $answers, float $feet): void
    {
        $lake = $this->lake();
        $layer = $this->given($lake, $text);
        self::assertSame($asked, array_map(static fn (Question $q): string => $q->key, $layer->asks()), (string) $layer->problem);
        $this->answered($lake, $layer, $answers);
        self::assertEqualsWithDelta($feet, (float) $lake->refresh()->fullGrid()?->at(self::LAT, self::LON), 0.1);
    }

    public function test_an_old_datum_is_shifted(): void
    {
        $lake = $this->lake();
        $layer = $this->given($lake, "# datum: NAD27\nlat,lon,depth_ft\n".self::rows('%.5f,%.5f,6', 3));
        $this->answered($lake, $layer, ['srs' => '4267']);
        // Common knowledge of surveyors, no source: in this part of the world the two lie some tens of metres apart.
        [$west, $south] = $layer->refresh()->found['box'];
        $metres = hypot(($west - self::LON) * 88_900, ($south - self::LAT) * 111_195);
        self::assertGreaterThan(10, $metres);
        self::assertLessThan(80, $metres);
    }

    public function test_a_few_wrong_lines_are_left_out_by_name_and_many_are_refused(): void
    {
        $rows = explode("\n", trim(self::rows('%.5f,%.5f,6', 400)));
        $rows[100] = '0,0,6';
        $rows[200] = '36.9,-80.09,99999';
        $lake = $this->lake();
        $layer = $this->given($lake, "lat,lon,depth_ft\n".implode("\n", $rows)."\n");
        self::assertSame(Layer::LAID, $layer->state, (string) json_encode($layer->questions));
        $words = implode(' ', array_column($layer->found['words'] ?? [], 1));
        self::assertStringContainsString('line 102 (0, 0 lies far', $words);
        self::assertStringContainsString('line 202 (a depth of 99999)', $words);
        self::assertLessThan(7, $lake->refresh()->fullGrid()?->deepestFt());
        foreach (range(0, 60) as $i) {
            $rows[$i] = '12.5,40.1,6';
        }
        $this->give($lake, "lat,lon,depth_ft\n".implode("\n", $rows)."\n")->assertSessionHasErrors('file');
        self::assertStringContainsString('others', (string) session('errors')->first('file'));
    }

    public function test_two_soundings_are_refused_and_harm_no_file_after_them(): void
    {
        $lake = $this->lake();
        $this->give($lake, "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,6', 2))->assertSessionHasErrors('file');
        self::assertStringContainsString('At least three soundings', (string) session('errors')->first('file'));
        self::assertSame(Layer::LAID, $this->given($lake, "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,6'))->state);
    }

    public function test_a_ring_with_one_wrong_corner_is_refused_and_harms_no_file_after_it(): void
    {
        $lake = $this->lake();
        $ring = static fn (array $wrong): string => '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{},"geometry":'.json_encode(['type' => 'Polygon', 'coordinates' => [[
            [-80.1, 36.9], [-80.098, 36.9], $wrong, [-80.1, 36.902], [-80.1, 36.9],
        ]]]).'}]}';
        $this->give($lake, $ring([0.0, 0.0]))->assertSessionHasErrors('file');
        self::assertStringContainsString('far from the rest', (string) session('errors')->first('file'));
        $this->give($lake, $ring([-62.0, 44.0]))->assertSessionHasErrors('file');
        self::assertNull($lake->refresh()->shoreline);
        self::assertSame(Layer::LAID, $this->given($lake, $ring([-80.098, 36.902]))->state);
    }

    /** @return iterable<string, array{callable(): string, list<string>, array<string, mixed>, ?float}> */
    public static function things(): iterable
    {
        $features = static fn (callable $about, string $type = 'Point', ?callable $at = null): string => '{"type":"FeatureCollection","features":['.implode(',', array_map(
            static fn (array $p, int $i): string => json_encode(['type' => 'Feature', 'properties' => $about($i), 'geometry' => ['type' => $type, 'coordinates' => $at === null ? [$p[1], $p[0]] : $at($p, $i)]], JSON_THROW_ON_ERROR),
            self::places(6), range(0, 5),
        )).']}';
        yield 'points with a depth of some name' => [static fn (): string => $features(static fn (): array => ['SOUNDING' => 12.5, 'fid' => 4]), ['points', 'unit'], ['points' => 'SOUNDING', 'unit' => 'ft'], 12.5];
        yield 'points with a name and a depth' => [static fn (): string => $features(static fn (int $i): array => ['name' => "P{$i}", 'depth_ft' => 12.5]), ['points'], ['points' => 'depth_ft'], 12.5];
        yield 'points whose height is the depth' => [static fn (): string => $features(static fn (): array => ['fid' => 1], at: static fn (array $p): array => [$p[1], $p[0], -4.5]), ['points', 'unit', 'sign'], ['points' => 'z', 'unit' => 'm', 'sign' => 'minus'], 4.5 / 0.3048];
        yield 'points whose name is the depth' => [static fn (): string => $features(static fn (): array => ['name' => '12 ft']), ['points', 'unit'], ['points' => 'name', 'unit' => 'ft'], 12.0];
        yield 'a depth in a field of text' => [static fn (): string => $features(static fn (): array => ['Depth' => '12 ft']), ['points', 'unit'], ['points' => 'Depth', 'unit' => 'ft'], 12.0];
        yield 'a line that goes down' => [static fn (): string => $features(static fn (): array => [], 'LineString', static fn (array $p, int $i): array => [[-80.1, 36.9 + $i * 1e-4, 2], [-80.098, 36.9 + $i * 1e-4, 22]]), ['lines', 'unit'], ['lines' => 'z', 'unit' => 'ft'], 2.0];
        yield 'an area of one depth' => [static fn (): string => '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"DRVAL1":3,"DRVAL2":6},"geometry":{"type":"Polygon","coordinates":[[[-80.101,36.899],[-80.099,36.899],[-80.099,36.901],[-80.101,36.901],[-80.101,36.899]]]}}]}', ['areas', 'unit'], ['areas' => 'whole:DRVAL2', 'unit' => 'm'], 6 / 0.3048];
        yield 'GPX with depths of an instrument' => [static fn (): string => '<gpx xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>'.self::rows('<trkpt lat="%.5f" lon="%.5f"><ele>250</ele><extensions><x:TrackPointExtension xmlns:x="urn:x"><x:depth>3</x:depth></x:TrackPointExtension></extensions></trkpt>').'</trkseg></trk></gpx>', ['unit'], ['unit' => 'm'], 3 / 0.3048];
        yield 'GPX whose heights are depths' => [static fn (): string => '<gpx><trk><trkseg>'.implode('', array_map(static fn (array $p, int $i): string => sprintf('<trkpt lat="%.5f" lon="%.5f"><ele>%.1f</ele></trkpt>', $p[0], $p[1], -3 - $i), self::places(), range(0, 4))).'</trkseg></trk></gpx>', ['heights'], ['heights' => 'minus'], 3 / 0.3048];
        yield 'a feature a line' => [static fn (): string => implode("\n", array_map(static fn (array $p): string => '{"type":"Feature","properties":{"depth_m":2},"geometry":{"type":"Point","coordinates":['.$p[1].','.$p[0].']}}', self::places())), [], [], 2 / 0.3048];
        foreach (['FlatGeobuf' => 'fgb', 'GML' => 'gml', 'KML' => 'kml', 'GPKG' => 'gpkg', 'DXF' => 'dxf'] as $driver => $end) {
            yield "points as {$driver}" => [static fn (): string => self::made($driver, $end, $features(static fn (): array => $end === 'dxf' ? [] : ['depth_m' => 2], at: static fn (array $p): array => $end === 'dxf' ? [$p[1], $p[0], 2] : [$p[1], $p[0]])), $end === 'dxf' ? ['points', 'unit'] : [], $end === 'dxf' ? ['points' => 'z', 'unit' => 'm'] : [], 2 / 0.3048];
        }
        yield 'lines of numbers in a zip, with a sheet beside them' => [static fn (): string => HostileFiles::zip(['far/lake.csv' => "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,9'), 'read.pdf' => '%PDF']), [], [], 9.0];
        yield 'XLSX' => [static fn (): string => self::made('XLSX', 'xlsx', "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,9'), 'csv'), [], [], 9.0];
        yield 'ODS' => [static fn (): string => self::made('ODS', 'ods', "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,9'), 'csv'), [], [], 9.0];
    }

    /**
     * @param  callable(): string  $file
     * @param  list<string>  $asked
     * @param  array<string, mixed>  $answers
     */
    #[DataProvider('things')]
    public function test_what_carries_depths_becomes_a_bottom(callable $file, array $asked, array $answers, ?float $feet): void
    {
        $lake = $this->lake();
        $layer = $this->given($lake, $file());
        $keys = array_map(static fn (Question $q): string => $q->key, $layer->asks());
        self::assertSame($asked, $keys, $layer->problem.json_encode($layer->found['words'] ?? []));
        $this->answered($lake, $layer, $answers);
        self::assertEqualsWithDelta($feet, (float) $lake->refresh()->fullGrid()?->at(self::LAT, self::LON), 0.6);
    }

    public function test_along_a_line_of_one_depth_the_bottom_is_known_between_its_corners(): void
    {
        $lake = $this->lake();
        $this->given($lake, '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"depth_ft":10},"geometry":{"type":"LineString","coordinates":[[-80.1,36.9],[-80.09,36.9]]}}]}');
        foreach ([-80.0999, -80.0973, -80.0951, -80.0902] as $lon) {
            self::assertEqualsWithDelta(10.0, (float) $lake->refresh()->fullGrid()?->at(36.9, $lon), 0.01, "at {$lon}");
        }
    }

    /** @return iterable<string, array{list<string>, list<string>, array<string, string>, float}> options of the library's own tool, what is asked, answers, the deepest in feet */
    public static function grids(): iterable
    {
        yield 'a scale and an offset' => [['-ot', 'Int16', '-a_scale', '0.01', '-a_offset', '1'], ['unit'], ['unit' => 'm', 'sign' => 'depth'], (1 + 0.01 * 900) / 0.3048];
        yield 'a height system of its own' => [['-a_srs', 'EPSG:4979'], ['unit'], ['unit' => 'm', 'sign' => 'depth', 'deep' => 'leave'], 900 / 0.3048 > 2000 ? 0.0 : 900 / 0.3048];
        yield 'several bands' => [['-b', '1', '-b', '1'], ['band'], ['band' => '2', 'unit' => 'ft', 'sign' => 'depth'], 900.0];
        yield 'deeper than any lake' => [['-scale', '0', '900', '0', '3937'], ['unit', 'deep'], ['unit' => 'ft', 'deep' => 'leave', 'sign' => 'depth'], 1968.5];
    }

    /**
     * @param  list<string>  $options
     * @param  list<string>  $asked
     * @param  array<string, string>  $answers
     */
    #[DataProvider('grids')]
    public function test_grids_say_what_their_numbers_are(array $options, array $asked, array $answers, float $deepest): void
    {
        $lake = $this->lake();
        $base = sys_get_temp_dir().'/grid-'.bin2hex(random_bytes(5));
        // 8 by 8 cells from 200 to 900, among them 450.
        $numbers = implode("\n", array_map(static fn (int $r): string => implode(' ', array_map(static fn (int $c): string => (string) ($r === 0 ? 0 : ($r < 4 ? 450 : 900)), range(0, 7))), range(0, 7)));
        file_put_contents("{$base}.asc", "ncols 8\nnrows 8\nxllcorner -80.1\nyllcorner 36.9\ncellsize 0.0005\n{$numbers}\n");
        self::tool('gdal_translate', ['-q', '-of', 'GTiff', '-a_srs', 'EPSG:4326', ...$options, "{$base}.asc", "{$base}.tif"]);
        $layer = $this->given($lake, (string) file_get_contents("{$base}.tif"));
        array_map(unlink(...), glob("{$base}*") ?: []);
        self::assertSame($asked, array_map(static fn (Question $q): string => $q->key, $layer->asks()), (string) $layer->problem);
        $this->answered($lake, $layer, $answers);
        if ($deepest > 0) {
            self::assertEqualsWithDelta($deepest, $lake->refresh()->fullGrid()?->deepestFt(), 1.0);
        }
    }

    public function test_a_zip_of_several_things_becomes_a_layer_for_each_and_says_what_it_left_out(): void
    {
        $lake = $this->lake();
        $shape = static fn (string $name): array => (static function () use ($name): array {
            $base = sys_get_temp_dir().'/shape-'.bin2hex(random_bytes(5));
            file_put_contents("{$base}.json", '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"label":"'.$name.'"},"geometry":{"type":"Point","coordinates":[-80.1,36.9]}}]}');
            exec('ogr2ogr -f "ESRI Shapefile" '.escapeshellarg("{$base}.shp").' '.escapeshellarg("{$base}.json"));
            $files = [];
            foreach (['shp', 'shx', 'dbf', 'prj'] as $end) {
                $files[$end] = (string) file_get_contents("{$base}.{$end}");
            }
            array_map(unlink(...), glob("{$base}*") ?: []);

            return $files;
        })();
        $files = ['notes.docx' => 'x', 'depths.csv' => "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,9')];
        foreach (['north', 'south'] as $folder) {
            foreach ($shape($folder) as $end => $body) {
                // The same name in two folders is two.
                $files["{$folder}/marks.{$end}"] = $body;
            }
        }
        $this->give($lake, HostileFiles::zip($files), 'all.zip')->assertSessionHasNoErrors();
        for ($i = 0; $i < 4; $i++) {
            foreach ($lake->layers()->where('state', Layer::WAITING)->get() as $layer) {
                (new TakeLayer($layer->id))->handle();
            }
        }
        self::assertSame(['all.zip: depths.csv', 'all.zip: a shapefile'], $lake->layers()->orderBy('id')->pluck('name')->all());
        [$lines, $marks] = $lake->layers()->orderBy('id')->get()->all();
        self::assertStringContainsString('notes.docx', json_encode($lines->found, JSON_THROW_ON_ERROR));
        self::assertSame([5, 2], [$lines->found['count']['sounding'] ?? 0, $marks->found['count']['spot'] ?? 0]);
    }

    public function test_a_worker_that_dies_between_leaves_no_layer_without_its_lake(): void
    {
        $lake = $this->lake();
        $layer = $this->given($lake, "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,6'));
        self::assertSame(Layer::LAID, $layer->state);
        $before = $lake->refresh()->updated_at;
        // The same file again: what makes the lake breaks at its last step.
        Lake::saving(static fn (Lake $one): bool => throw new \RuntimeException('killed'));
        try {
            $this->give($lake, "lat,lon,depth_ft\n".self::rows('%.5f,%.5f,30'), 'second.csv');
        } catch (\Throwable) {
        } finally {
            Lake::flushEventListeners();
        }
        $second = $lake->layers()->where('name', 'second.csv')->first();
        self::assertNotSame(Layer::LAID, $second?->state);
        self::assertEqualsWithDelta(6.0, $lake->refresh()->fullGrid()?->deepestFt(), 0.01);
        self::assertEquals($before, $lake->updated_at);
    }

    private function lake(): Lake
    {
        $this->actingAs($angler = $this->angler());

        return $angler->lakes()->create(['name' => 'Alder pond']);
    }

    private function give(Lake $lake, string $bytes, string $name = 'file'): TestResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'given');
        file_put_contents($path, $bytes);

        return $this->post(route('lake.take', $lake), ['file' => new UploadedFile($path, $name, null, null, true)]);
    }

    private function given(Lake $lake, string $bytes): Layer
    {
        $this->give($lake, $bytes)->assertSessionHasNoErrors();
        $layer = $lake->layers()->latest('id')->firstOrFail();
        if ($layer->state === Layer::WAITING) {
            (new TakeLayer($layer->id))->handle();
        }

        return $layer->refresh();
    }

    /** @param  array<string, mixed>  $answers */
    private function answered(Lake $lake, Layer $layer, array $answers): void
    {
        for ($i = 0; $i < 4 && $layer->state !== Layer::LAID; $i++) {
            $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'shore' => 'draw'] + $answers)->assertSessionHasNoErrors();
            $layer->refresh();
            if ($layer->state === Layer::WAITING) {
                (new TakeLayer($layer->id))->handle();
                $layer->refresh();
            }
        }
        self::assertSame(Layer::LAID, $layer->state, $layer->problem.json_encode($layer->questions));
    }

    /** A file of another form, made by the library's own tool. */
    private static function made(string $driver, string $end, string $from, string $fromEnd = 'json'): string
    {
        $base = sys_get_temp_dir().'/made-'.bin2hex(random_bytes(5));
        file_put_contents("{$base}.{$fromEnd}", $from);
        self::tool('ogr2ogr', ['-f', $driver, "{$base}.{$end}", "{$base}.{$fromEnd}"]);
        $bytes = (string) file_get_contents("{$base}.{$end}");
        array_map(unlink(...), glob("{$base}*") ?: []);

        return $bytes;
    }

    /** @param  list<string>  $arguments */
    private static function tool(string $tool, array $arguments): void
    {
        exec(implode(' ', array_map(escapeshellarg(...), ["/usr/bin/{$tool}", ...$arguments])).' 2>&1', $out, $failed);
        self::assertSame(0, $failed, implode("\n", $out));
    }
}
