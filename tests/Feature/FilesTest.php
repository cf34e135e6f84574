<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\TakeLayer;
use App\Models\Lake;
use App\Models\Layer;
use App\Models\Question;
use App\Models\User;
use App\Waters\DayOnLake;
use App\Waters\Layers;
use App\Waters\LayersAtWork;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use OldEddy\Where\Lake\DepthGrid;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files of a lake: understood, asked about, laid as layers, taken out and put back; what goes out comes in as it was. */
final class FilesTest extends WaterTestCase
{
    /** Soundings with holes: what a boat's one line, a scattered survey and wide lines at fine cells leave unknown. */
    #[DataProvider('surveys')]
    public function test_a_lake_with_holes_opens_is_read_and_given_out(callable $places, float $cell): void
    {
        $lake = $this->lake();
        $lines = "lon,lat,depth_ft\n";
        foreach ($places() as [$east, $south, $feet]) {
            $lines .= sprintf("%.6f,%.6f,%.1f\n", -80.1 + $east / 89_000, 36.91 - $south / 111_320, $feet);
        }
        $this->give($lake, 'survey.csv', $lines, $cell)->assertSessionHasNoErrors()->assertSessionHas('said');
        $this->get(route('lake', $lake))->assertOk()->assertSee('Read out of the shape');
        $spot = ['name' => 'Here', 'lat' => 36.9095, 'lon' => -80.0995, 'structure' => 'point'];
        $this->post(route('spot.keep', $lake), $spot)->assertSessionHasNoErrors();
        $trip = $this->trip(User::query()->sole());
        $trip->update(['lake_id' => $lake->id]);
        foreach (['where', 'where.sheet', 'choose', 'fish'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
        foreach (['csv', 'geojson', 'gpx'] as $form) {
            $this->get(route('lake.give', [$lake, $form]))->assertOk();
        }
    }

    /** @return iterable<string, array{callable, float}> */
    public static function surveys(): iterable
    {
        yield 'one line' => [static fn (): array => array_map(static fn (int $i): array => [4 * $i, 2 * $i, 5 + $i % 12], range(0, 120)), 10];
        yield 'scattered' => [static fn (): array => array_map(static fn (int $i): array => [$i * 137 % 900, $i * 251 % 800, 3 + $i % 20], range(0, 60)), 10];
        yield 'wide lines at fine cells' => [
            static fn (): array => array_merge(
                ...array_map(
                    static fn (int $line): array => array_map(static fn (int $i): array => [3 * $i, 60 * $line, 4 + abs($i - 60) / 6], range(0, 120)),
                    range(0, 6),
                ),
            ),
            2,
        ];
        yield 'two crossing lines' => [
            static fn (): array => [
                ...array_map(static fn (int $i): array => [5 * $i, 250, 9.0], range(0, 100)),
                ...array_map(static fn (int $i): array => [250, 5 * $i, 9.0], range(0, 100)),
            ],
            5,
        ];
        yield 'three soundings' => [static fn (): array => [[0, 0, 5.0], [10, 0, 6.0], [500, 400, 7.0]], 10];
    }

    /** The same file by another hand: separators, decimal commas, comments, two-byte text, other names of the columns. */
    #[DataProvider('hands')]
    public function test_soundings_are_read_whoever_wrote_them(string $text, float $feet): void
    {
        $lake = $this->lake();
        $this->give($lake, 'x.csv', $text)->assertSessionHasNoErrors()->assertSessionHas('said');
        self::assertEqualsWithDelta($feet, (float) $lake->refresh()->workingGrid()?->at(36.9, -80.1), 0.05);
    }

    /** @return iterable<string, array{string, float}> */
    public static function hands(): iterable
    {
        $more = static fn (string $form): string => implode(
            "\n",
            array_map(static fn (int $i): string => sprintf($form, -80.1 + $i * 0.0002, 36.9), [0, 1, 2, 3]),
        )."\n";
        yield 'semicolons and decimal commas' => ["Longitude;Latitude;Depth (m)\n".str_replace('.', ',', $more('%.5f;%.5f;4.5')), 4.5 / 0.3048];
        yield 'tabs' => [
            "lat\tlong\tdepth_ft\n".implode("\n", array_map(static fn (int $i): string => sprintf("36.9\t%.5f\t12", -80.1 + $i * 0.0002), [0, 1, 2]))."\n",
            12.0,
        ];
        yield 'comments first' => ["# made on the water\n# two boats\nlon,lat,depth_ft\n".$more('%.5f,%.5f,8'), 8.0];
        yield 'feet in brackets' => ["Long,Lat,Depth (ft)\n".$more('%.5f,%.5f,9.5'), 9.5];
        yield 'quoted, with more columns' => [
            '"id","time","Latitude","Longitude","Water depth [feet]","note"'."\n".implode(
                "\n",
                array_map(static fn (int $i): string => sprintf('%d,"06:0%d","36.9","%.5f","7","a, b"', $i, $i, -80.1 + $i * 0.0002), [0, 1, 2]),
            )."\n",
            7.0,
        ];
        yield 'two-byte text' => ["\xFF\xFE".mb_convert_encoding("lon,lat,depth_m\n".$more('%.5f,%.5f,3'), 'UTF-16LE', 'UTF-8'), 3 / 0.3048];
        yield 'a mark of the coding' => ["\xEF\xBB\xBFlon,lat,depth_ft\n".$more('%.5f,%.5f,6'), 6.0];
        yield 'spaces' => ["lon lat depth_ft\n".$more('%.5f   %.5f  5'), 5.0];
        yield 'fathoms' => ["lon,lat,depth_fathoms\n".$more('%.5f,%.5f,2'), 12.0];
    }

    /** What a file leaves open is asked, and nothing of it is kept before it is answered. */
    #[DataProvider('doubts')]
    public function test_what_is_in_doubt_is_asked_before_anything_is_kept(string $text, array $asked, array $answers, ?float $feet): void
    {
        $lake = $this->lake();
        $this->give($lake, 'x', $text)->assertSessionHasNoErrors();
        $layer = $lake->layers()->sole();
        self::assertSame($asked, array_map(static fn (Question $q): string => $q->key, $layer->asks()));
        self::assertNull($lake->refresh()->fullGrid());
        self::assertSame([null, null], [$lake->shoreline, $lake->tracks]);
        $page = $this->get(route('layer', [$lake, $layer->id]))->assertOk()->assertSee('To be said first')->assertSee('Where the file', false);
        foreach ($layer->asks() as $question) {
            $page->assertSee($question->text);
        }
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take'] + $answers)->assertRedirect(route('lake', $lake));
        self::assertSame(Layer::LAID, $layer->refresh()->state);
        $at = $lake->refresh()->workingGrid()?->at(36.9, -80.1);
        $feet === null ? self::assertNull($at) : self::assertEqualsWithDelta($feet, (float) $at, 0.1);
    }

    /** @return iterable<string, array{string, list<string>, array<string, mixed>, ?float}> */
    public static function doubts(): iterable
    {
        $rows = static fn (string $form): string => implode(
            "\n",
            array_map(static fn (int $i): string => sprintf($form, 36.9, -80.1 + $i * 0.0002), [0, 1, 2, 3]),
        )."\n";
        yield 'a depth without a unit' => ["lat,lon,depth\n".$rows('%.5f,%.5f,4'), ['unit'], ['unit' => 'm'], 4 / 0.3048];
        yield 'no head line, latitude first' => [$rows('%.5f,%.5f,4'), ['unit', 'order'], ['unit' => 'ft', 'order' => 'latlon'], 4.0];
        yield 'named the wrong way round' => ["lon,lat,depth_ft\n".$rows('%.5f,%.5f,4'), ['order'], ['order' => 'latlon'], 4.0];
        yield 'under water with a minus' => ["lat,lon,depth_ft\n".$rows('%.5f,%.5f,-6.5'), ['sign'], ['sign' => 'minus'], 6.5];
        yield 'heights of the ground' => [
            "lat,lon,elevation_ft\n".$rows('%.5f,%.5f,629.3'), ['sign', 'surface'], ['sign' => 'elevation', 'surface' => '641.3'], 12.0,
        ];
        yield 'columns of no known name' => ["a,b,c\n".$rows('%.5f,%.5f,11'), ['columns', 'unit'], ['columns' => ['1', '0', '2'], 'unit' => 'ft'], 11.0];
        $feature = static fn (
            string $type,
            string $about,
            array $coordinates,
        ): string => '{"type":"FeatureCollection","features":[{"type":"Feature","properties":'.$about.',"geometry":'.json_encode(['type' => $type, 'coordinates' => $coordinates]).'}]}';
        $line = [[-80.1, 36.9], [-80.0998, 36.9], [-80.0996, 36.9], [-80.0994, 36.9]];
        $ring = [[-80.1, 36.9], [-80.098, 36.9], [-80.098, 36.902], [-80.1, 36.902], [-80.1, 36.9]];
        yield 'lines with a number' => [
            $feature('LineString', '{"contour":10,"fid":7}', $line), ['lines', 'unit'], ['lines' => 'contour', 'unit' => 'ft'], 10.0,
        ];
        yield 'lines with a number that is no depth' => [$feature('LineString', '{"contour":10}', $line), ['lines', 'unit'], ['lines' => 'track'], null];
        yield 'a depth of a line without a unit' => [$feature('LineString', '{"depth":3}', $line), ['unit'], ['unit' => 'm'], 3 / 0.3048];
        yield 'depth areas' => [
            $feature('Polygon', '{"min_depth":2,"max_depth":5}', [$ring]), ['areas', 'unit'], ['areas' => 'max_depth', 'unit' => 'ft'], 5.0,
        ];
        yield 'latitude first in GeoJSON' => [
            $feature('LineString', '{"depth_ft":8}', array_map(array_reverse(...), $line)),
            ['order'],
            ['order' => 'latlon'],
            8.0,
        ];
    }

    public function test_an_answer_can_be_looked_at_first_and_put_right_afterwards(): void
    {
        $lake = $this->lake();
        $this->give($lake, 'x.csv', "lat,lon,depth\n36.9,-80.1,4\n36.9,-80.0998,4\n36.9002,-80.1,4\n");
        $layer = $lake->layers()->sole();
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'look', 'unit' => 'fathom'])->assertRedirect(route('layer', [$lake, $layer->id]));
        $this->get(route('layer', [$lake, $layer->id]))->assertSee('fathoms')->assertSee('24 ft');
        self::assertNull($lake->refresh()->fullGrid());
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'unit' => 'ft'])->assertSessionHas('said');
        self::assertEqualsWithDelta(4.0, (float) $lake->refresh()->workingGrid()?->at(36.9, -80.1), 1e-6);
        // The water stood 1.5 ft higher than the map's level when it was sounded.
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'level' => '1.5'])->assertSessionHas('said');
        self::assertEqualsWithDelta(2.5, (float) $lake->refresh()->workingGrid()?->at(36.9, -80.1), 1e-6);
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'sign' => 'elevation'])->assertSessionHasErrors('surface');
    }

    /** A wrong shoreline once erased depths for good; two files at once lost one. Now each is a layer beside the others. */
    public function test_layers_are_taken_out_and_put_back_and_nothing_that_was_measured_is_lost(): void
    {
        $lake = $this->lake();
        $west = "lon,lat,depth_ft\n".$this->block(-80.1, 36.9, 5.0);
        $east = "lon,lat,depth_ft\n".$this->block(-80.098, 36.9, 9.0);
        $this->give($lake, 'west.csv', $west);
        $this->give($lake, 'east.csv', $east);
        $depths = static fn (): array => array_map(static fn (float $lon): ?float => $lake->refresh()->fullGrid()?->at(36.9004, $lon), [-80.0996, -80.0976]);
        self::assertEqualsWithDelta([5.0, 9.0], $depths(), 1e-3);
        $before = $lake->fullGrid();
        $ring = [[-80.11, 36.95], [-80.10, 36.95], [-80.10, 36.96], [-80.11, 36.96], [-80.11, 36.95]];
        $wrong = json_encode(
            [
                'type' => 'FeatureCollection',
                'features' => [['type' => 'Feature', 'properties' => [], 'geometry' => ['type' => 'Polygon', 'coordinates' => [$ring]]]],
            ],
        );
        $this->give($lake, 'wrong.geojson', $wrong);
        $shore = $lake->layers()->where('name', 'wrong.geojson')->sole();
        self::assertStringContainsString('100 %', $shore->asks()[0]->text);
        $this->post(route('layer.answer', [$lake, $shore->id]), ['then' => 'take', 'shore' => 'cut']);
        self::assertSame([0.0, 0.0], $depths());
        $this->patch(route('layer.change', [$lake, $shore->id]), ['do' => 'out'])->assertRedirect();
        self::assertEquals($before, $lake->refresh()->fullGrid(), 'as it was');
        self::assertNull($lake->shoreline);
        [$first] = $lake->layers()->get();
        $this->patch(route('layer.change', [$lake, $first->id]), ['do' => 'out']);
        self::assertNull($depths()[0]);
        $this->patch(route('layer.change', [$lake, $first->id]), ['do' => 'back']);
        self::assertEqualsWithDelta([5.0, 9.0], $depths(), 1e-3);
        $this->patch(route('layer.change', [$lake, $first->id]), ['do' => 'name', 'name' => 'West, by kayak'])->assertRedirect();
        $this->get(route('lake', $lake))->assertSee('West, by kayak')->assertSee('taken out');
        $this->patch(route('layer.change', [$lake, $shore->id]), ['do' => 'drop']);
        self::assertSame(2, $lake->layers()->count());
        // A ring of one point is no shoreline.
        foreach ([[[-80.1, 36.9]], [[-80.1, 36.9], [-80.09, 36.9], [-80.1, 36.9]], [[-80.1, 36.9], [-80.09, 36.9], [-80.08, 36.9], [-80.1, 36.9]]] as $thin) {
            $this->give(
                $lake,
                'thin',
                json_encode([
                    'type' => 'FeatureCollection',
                    'features' => [['type' => 'Feature', 'properties' => [], 'geometry' => ['type' => 'Polygon', 'coordinates' => [$thin]]]],
                ]),
            )->assertSessionHasErrors('file');
        }
        self::assertEqualsWithDelta([5.0, 9.0], $depths(), 1e-3);
    }

    public function test_spots_come_and_go_with_their_layer_and_a_name_is_free_meanwhile(): void
    {
        $lake = $this->lake();
        $marks = static fn (string $lon, string ...$names): string => '<gpx version="1.1">'.implode(
            '',
            array_map(
                static fn (string $n, int $i): string => sprintf(
                    '<wpt lat="%.4f" lon="%s">%s</wpt>',
                    36.9 + $i / 1000,
                    $lon,
                    $n === '' ? '' : "<name>{$n}</name>",
                ),
                $names,
                array_keys($names),
            ),
        ).'</gpx>';
        $this->give($lake, 'a.gpx', $marks('-80.1', 'Hole', 'Hole', 'Hole', '', ''))->assertSessionHas('said', 'Taken in: 5 spots.');
        self::assertSame(['Hole', 'Hole 2', 'Hole 3', 'Mark 1', 'Mark 2'], $lake->spots()->pluck('name')->all(), 'three of one name are three');
        $this->give($lake, 'b.gpx', $marks('-80.09', '', '', 'hole'));
        self::assertSame(8, $lake->spots()->count(), 'unnamed marks of a second file are others');
        $this->give($lake, 'c.gpx', $marks('-80.1', 'Hole', 'Hole', 'Hole', '', ''))->assertSessionHas('said', 'Taken in: 5 spots (5 of them known already).');
        self::assertSame(8, $lake->spots()->count(), 'the same marks once more are the same');
        $first = $lake->layers()->orderBy('id')->firstOrFail();
        $this->patch(route('layer.change', [$lake, $first->id]), ['do' => 'out']);
        self::assertSame(3, $lake->spots()->count());
        $this->post(route('spot.keep', $lake), ['name' => 'Hole', 'lat' => 36.95, 'lon' => -80.1])->assertSessionHasNoErrors();
        $this->patch(route('layer.change', [$lake, $first->id]), ['do' => 'back']);
        self::assertSame(9, $lake->spots()->count());
        self::assertSame(9, $lake->spots()->pluck('name')->unique()->count());
    }

    /** The whole lake as one file, into another lake: cell by cell the same. */
    public function test_a_lake_goes_out_and_comes_in_exactly(): void
    {
        $lake = $this->lake();
        $this->give($lake, 'bottom.csv', "lon,lat,depth_ft\n".$this->block(-80.1, 36.9, 5.0).$this->block(-80.0975, 36.9, 7.3), 7.5);
        $ring = [[-80.1, 36.8999], [-80.0962, 36.8999], [-80.0962, 36.9009], [-80.1, 36.9009], [-80.1, 36.8999]];
        $island = [[-80.0998, 36.9003], [-80.0997, 36.9003], [-80.0997, 36.9004], [-80.0998, 36.9004], [-80.0998, 36.9003]];
        $this->give($lake, 'shore.geojson', json_encode(['type' => 'FeatureCollection', 'features' => [
            ['type' => 'Feature', 'properties' => [], 'geometry' => ['type' => 'Polygon', 'coordinates' => [array_reverse($ring), $island]]],
            ['type' => 'Feature', 'properties' => [], 'geometry' => ['type' => 'LineString', 'coordinates' => [[-80.1, 36.9], [-80.0991234, 36.9001]]]],
            [
                'type' => 'Feature',
                'properties' => ['kind' => 'section', 'name' => 'Lower end'],
                'geometry' => ['type' => 'Point', 'coordinates' => [-80.0998, 36.9002]],
            ],
        ]]))->assertSessionHas('said');
        $lake->refresh()->update(['ramp_lat' => 36.9002, 'ramp_lon' => -80.0997, 'dropped' => ['hump 36.9001 -80.0991']]);
        $this->post(
            route('spot.keep', $lake),
            [
                'name' => 'Wall',
                'lat' => 36.900123,
                'lon' => -80.099877,
                'structure' => 'riprap',
                'cover' => ['rock'],
                'shallow_ft' => 0,
                'deep_ft' => 11,
                'flows_to_deg' => 45,
                'dock' => ['kind' => 'floating', 'inside_ft' => 3, 'outside_ft' => 8, 'extras' => ['ladder']],
            ],
        );
        $file = $this->get(route('lake.give', [$lake, 'geojson']))->streamedContent();
        $out = json_decode($file, true, flags: JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta([-80.1, 36.9], [$out['bbox'][0], $out['bbox'][1]], 1e-3);
        $copy = User::query()->sole()->lakes()->create(['name' => 'Copy']);
        $this->give($copy, 'all.geojson', $file)->assertSessionHas('said');
        [$lake, $copy] = [$lake->refresh(), $copy->refresh()];
        self::assertEquals($lake->fullGrid(), $copy->fullGrid());
        self::assertContains(null, $copy->fullGrid()->depthsFt, 'unknown stays unknown');
        self::assertContains(0.0, $copy->fullGrid()->depthsFt, 'land stays land');
        foreach (['sections', 'dropped', 'ramp_lat', 'ramp_lon', 'cell_m', 'deepest_ft'] as $what) {
            self::assertEquals($lake->$what, $copy->$what, $what);
        }
        self::assertSame($lake->allTracks(), $copy->allTracks());
        self::assertSame($this->ringsOf($lake), $this->ringsOf($copy));
        $spot = static fn (Lake $l): array => $l->spots()->sole()->only(
            ['name', 'lat', 'lon', 'structure', 'cover', 'shallow_ft', 'deep_ft', 'flows_to_deg', 'dock', 'fetch_ft', 'shape'],
        );
        self::assertEquals($spot($lake), $spot($copy));
        // Once more the same: nothing is doubled.
        $this->give($copy, 'again.geojson', $file)->assertSessionHas('said');
        self::assertSame([1, 1], [$copy->spots()->count(), count($copy->refresh()->allTracks())]);
    }

    /** RFC 7946: outer rings counterclockwise, holes clockwise, each ring closed, islands as holes of their polygon. */
    public function test_shorelines_go_out_by_the_right_hand_rule(): void
    {
        $lake = $this->lake();
        $square = static fn (float $lon, float $lat, float $side): array => [
            [$lon, $lat], [$lon, $lat + $side], [$lon + $side, $lat + $side], [$lon + $side, $lat], [$lon, $lat],
        ];
        $this->give($lake, 's', json_encode(['type' => 'FeatureCollection', 'features' => [
            [
                'type' => 'Feature',
                'properties' => [],
                'geometry' => ['type' => 'Polygon', 'coordinates' => [$square(-80.1, 36.9, 0.01), $square(-80.098, 36.902, 0.002)]],
            ],
            ['type' => 'Feature', 'properties' => [], 'geometry' => ['type' => 'Polygon', 'coordinates' => [$square(-80.07, 36.9, 0.004)]]],
        ]]))->assertSessionHas('said');
        $out = json_decode($this->get(route('lake.give', [$lake, 'geojson']))->streamedContent(), true);
        $polygons = array_values(
            array_map(
                static fn (array $f): array => $f['geometry']['coordinates'],
                array_filter($out['features'], static fn (array $f): bool => ($f['properties']['kind'] ?? '') === 'shoreline'),
            ),
        );
        self::assertSame([2, 1], array_map(count(...), $polygons));
        $area = static fn (array $ring): float => array_sum(
            array_map(static fn (array $a, array $b): float => $a[0] * $b[1] - $b[0] * $a[1], array_slice($ring, 0, -1), array_slice($ring, 1)),
        );
        self::assertGreaterThan(0, $area($polygons[0][0]));
        self::assertLessThan(0, $area($polygons[0][1]));
        self::assertSame($polygons[0][0][0], $polygons[0][0][4]);
        // Of a lake of which nothing but its outline is known, the outline is drawn.
        $this->get(route('lake', $lake))->assertOk()->assertSee('class="plan-shore"', false);
    }

    public function test_a_large_file_waits_for_the_queue_and_says_how_far_it_is(): void
    {
        Queue::fake();
        $lake = $this->lake();
        $this->give(
            $lake,
            'large.csv',
            "lon,lat,depth_ft\n".str_repeat($this->block(-80.1, 36.9, 5.0), 60),
        )->assertSessionHas('said', 'large.csv is being read.');
        Queue::assertPushed(TakeLayer::class, 1);
        $layer = $lake->layers()->sole();
        $layer->update(['things_read' => 50_000, 'heard_at' => now()]);
        $this->getJson(route('layers.progress', $lake))->assertExactJson(['layers' => [['id' => $layer->id, 'read' => 50_000, 'stuck' => false]]]);
        $this->get(route('lake', $lake))->assertSee('50,000 read')->assertSee('<progress', false);
        // A reader that died is noticed, and the file can be read again.
        $layer->update(['heard_at' => now()->subMinutes(5)]);
        $this->get(route('lake', $lake))->assertSee('was not read to its end')->assertSee('Read it again');
        (new TakeLayer($layer->id))->handle();
        self::assertSame(Layer::LAID, $layer->refresh()->state);
        self::assertEqualsWithDelta(5.0, (float) $lake->refresh()->workingGrid()?->at(36.9004, -80.0996), 1e-6);
        $more = array_map(static fn (int $i): array => ['lake_id' => $lake->id, 'name' => "{$i}"], range(1, 20));
        Layer::query()->insert($more);
        $this->give($lake, 'one more.csv', 'x')->assertSessionHasErrors('file');
    }

    public function test_one_account_reads_one_file_at_a_time(): void
    {
        $lake = $this->lake();
        // Somebody else's connection holds the turn.
        config(['database.connections.other' => config('database.connections.mariadb')]);
        $name = DB::connection()->getDatabaseName()."-layers-{$lake->user_id}";
        DB::connection('other')->selectOne('select get_lock(?, 0) as got', [$name]);
        self::assertFalse(LayersAtWork::alone($lake->user_id, static fn () => self::fail('not while another reads')));
        self::assertTrue(LayersAtWork::alone($lake->user_id + 1, static fn () => null), 'another account is not kept waiting');
        // Given back in words: a server notices a closed connection in its own time.
        DB::connection('other')->selectOne('select release_lock(?) as freed', [$name]);
        self::assertTrue(LayersAtWork::alone($lake->user_id, static fn () => null));
        DB::connection('other')->disconnect();
    }

    public function test_many_spots_are_paged_found_and_changed_at_once(): void
    {
        $lake = $this->lake();
        foreach (array_chunk(range(1, 600), 200) as $some) {
            $lake->spots()->insert(
                array_map(
                    static fn (int $i): array => [
                        'lake_id' => $lake->id, 'name' => sprintf('Brush %03d', $i), 'lat' => 36.9 + $i / 1e4, 'lon' => -80.1, 'cover' => '["brush"]',
                        'shallow_ft' => 3, 'deep_ft' => 9 + $i % 7,
                    ],
                    $some,
                ),
            );
        }
        $page = $this->get(route('lake', $lake))->assertOk()->assertSee('page 1 of 12');
        self::assertLessThan(150_000, strlen((string) $page->getContent()));
        $this->get(route('lake', [$lake, 'q' => 'brush 59']))->assertSee('Brush 599')->assertDontSee('Brush 001');
        $ids = $lake->spots()->limit(3)->pluck('id')->all();
        $this->post(
            route('spots.many', $lake),
            ['do' => 'structure', 'spots' => $ids, 'structure' => 'hump'],
        )->assertSessionHas('said', '3 spots are said to be hump.');
        $this->post(route('spots.many', $lake), ['do' => 'drop', 'spots' => $ids])->assertSessionHas('said');
        self::assertSame(597, $lake->spots()->count());
        $this->post(route('spots.many', $lake), ['do' => 'drop'])->assertSessionHasErrors('spots');
        $trip = $this->trip(User::query()->sole(), ['lat' => 36.9, 'lon' => -80.1]);
        $trip->update(['lake_id' => $lake->id]);
        $where = $this->get(route('where', $trip))->assertOk()->assertSee('page 1 of 15');
        self::assertLessThan(600_000, strlen((string) $where->getContent()));
        $this->get(route('where', ['trip' => $trip, 'page' => 15]))->assertOk();
        $this->post(route('where.route', $trip), ['from' => '07:00', 'to' => '11:00', 'minutes' => 12, 'speed' => 20])->assertSessionHasNoErrors();
        self::assertNotSame([], $trip->refresh()->route->stops);
        self::assertCount(40, (new DayOnLake($trip->load('user'), $trip->lake))->bestOfTheDay(), 'a route weighs no more than these');
        $this->get(route('fish', $trip))->assertOk();
    }

    /** Forms that are known and not read name themselves and a way out. */
    public function test_other_forms_are_named_with_a_way_out(): void
    {
        $lake = $this->lake();
        foreach ([
            ["\x1f\x8b\x08", 'Unpack'], ["\x00\x00\x27\x0a\x00", 'into one zip'], ["\x89PNG\r\n", 'picture'], ['%PDF-1.7', 'PDF'], ["\xD0\xCF\x11\xE0\xA1", 'old spreadsheet'],
        ] as [$content, $word]) {
            $this->give($lake, 'x', $content)->assertSessionHasErrors('file');
            self::assertStringContainsString($word, (string) session('errors')->first('file'));
        }
        self::assertSame(0, $lake->layers()->count(), 'nothing of them is kept');
    }

    /** What is nested, huge or of the wrong kind is answered in a sentence. */
    public function test_strange_geojson_is_refused_in_a_sentence(): void
    {
        $lake = $this->lake();
        $with = static fn (string $feature): string => '{"type":"FeatureCollection","features":['.$feature.']}';
        foreach (['[1,2]', '{"geometry":"x","properties":"y"}', '{"type":"Feature","geometry":{"type":["Point"],"coordinates":{}},"properties":{}}', '{"type":"Feature","properties":null,"geometry":{"type":"Polygon","coordinates":"x"}}',
            '{"type":"Feature","properties":{},"geometry":{"type":"Point","coordinates":[1e999,1]}}',
            '{"type":"Feature","properties":{},"geometry":{"type":"MultiPolygon","coordinates":[[1]]}}',
            '{"type":"Feature","properties":{"depth_ft":1e308},"geometry":{"type":"LineString","coordinates":[[-80,36],[-80.1,36],[-80,36.1]]}}',
            '{"type":"Feature","properties":{"kind":"depth_grid","cells":"AAAA"},"geometry":null}', '{"type":"Feature","properties":'.str_repeat('{"a":', 200).'1'.str_repeat('}', 200).',"geometry":null}'] as $feature) {
            $this->give($lake, 'x', $with($feature))->assertSessionHasErrors('file');
        }
        // Odd properties of a good point are left out.
        $this->give(
            $lake,
            'x',
            $with('{"type":"Feature","properties":{"name":["a"],"cover":[["x"],"rock"],"structure":{"a":1},"dock":"no","shallow_ft":"1e400"},"geometry":{"type":"Point","coordinates":[-80.1,36.9]}}'),
        )->assertSessionHasNoErrors();
        self::assertSame(['Mark 1', ['rock'], null], [$lake->spots()->sole()->name, $lake->spots()->sole()->cover, $lake->spots()->sole()->structure]);
    }

    /** Recorders put comments, tags and times around the sentences; a bottom has no date. */
    public function test_recordings_are_read_through_what_recorders_add(): void
    {
        $lake = $this->lake();
        $sum = static fn (string $body): string => sprintf(
            '$%s*%02X',
            $body,
            array_reduce(str_split($body), static fn (int $x, string $c): int => $x ^ ord($c), 0),
        );
        $lines = ['# log of the boat', '; second comment', 'PRMC,broken'];
        foreach (range(0, 5) as $i) {
            $lines[] = '\\s:GP0001,c:1714650000*4E\\'.$sum(sprintf('GPGGA,1430%02d.00,3654.%04d,N,08006.0000,W,1,08,1.0,200.0,M,,M,,', 2 * $i, 100 * $i));
            $lines[] = "2026-11-21 14:30:0{$i}.120 ".$sum('SDDBT,10.0,f,3.05,M,1.7,F');
        }
        $this->give($lake, 'log.txt', implode("\r\n", $lines))->assertSessionHasNoErrors()->assertSessionHas('said');
        self::assertEqualsWithDelta(10.0, (float) $lake->refresh()->workingGrid()?->deepestFt(), 0.05);
    }

    /** More than 20 km: cells grow by themselves. */
    public function test_a_long_lake_is_taken_with_larger_cells(): void
    {
        $lake = $this->lake();
        $lines = "lon,lat,depth_ft\n";
        foreach (range(0, 400) as $i) {
            $lines .= sprintf("%.6f,%.6f,%d\n", -80.1 + $i * 0.001, 36.9 + $i * 0.001, 10 + $i % 9);
        }
        $this->give($lake, 'long.csv', $lines)->assertSessionHasNoErrors()->assertSessionHas('said');
        $grid = $lake->refresh()->fullGrid();
        self::assertNotNull($grid);
        self::assertLessThanOrEqual(1_000_000, $grid->cols * $grid->rows);
        self::assertGreaterThan(10.0, $grid->cellM);
        self::assertEqualsWithDelta(12, (float) $grid->at(37.1, -79.9), 3);
    }

    public function test_the_command_asks_and_answers(): void
    {
        $lake = $this->lake();
        $path = (string) tempnam(sys_get_temp_dir(), 'lake');
        file_put_contents($path, "lat,lon,depth\n36.9,-80.1,4\n36.9,-80.0998,4\n36.9002,-80.1,4\n");
        foreach ([
            [['lake' => $lake->id, 'file' => '/nowhere'], 'There is no file /nowhere'],
            [['lake' => $lake->id, 'file' => sys_get_temp_dir()], 'cannot be read'],
            [['lake' => $lake->id, 'file' => $path, '--cell' => '0'], '--cell must be'],
            [['lake' => $lake->id, 'file' => $path, '--cell' => 'x'], '--cell must be'],
            [['lake' => $lake->id, 'file' => $path, '--say' => ['unit']], '--say takes'],
            [['lake' => '999', 'file' => $path], 'no such lake'],
            [['lake' => $lake->id, 'file' => $path], '--say=unit=ft'],
        ] as [$arguments, $words]) {
            self::assertSame(2, Artisan::call('eddy:import', $arguments));
            self::assertStringContainsString($words, Artisan::output());
        }
        self::assertSame(0, $lake->layers()->count());
        self::assertSame(0, Artisan::call('eddy:import', ['lake' => $lake->id, 'file' => $path, '--say' => ['unit=m']]), Artisan::output());
        self::assertEqualsWithDelta(4 / 0.3048, (float) $lake->refresh()->workingGrid()?->at(36.9, -80.1), 1e-3);
        unlink($path);
    }

    public function test_the_shipped_soundings_are_taken(): void
    {
        $lake = $this->lake();
        self::assertSame(0, Artisan::call('eddy:import', ['lake' => $lake->id, 'file' => base_path('examples/soundings.csv')]), Artisan::output());
        self::assertGreaterThan(8.0, (float) $lake->refresh()->deepest_ft);
    }

    public function test_files_belong_to_their_angler(): void
    {
        $lake = $this->lake();
        $this->give($lake, 'a.csv', "lon,lat,depth_ft\n".$this->block(-80.1, 36.9, 5.0));
        $layer = $lake->layers()->sole();
        $this->actingAs($this->angler('marlo@old-eddy.example'));
        $this->get(route('layer', [$lake, $layer->id]))->assertNotFound();
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take'])->assertNotFound();
        $this->patch(route('layer.change', [$lake, $layer->id]), ['do' => 'drop'])->assertNotFound();
        $this->getJson(route('layers.progress', $lake))->assertNotFound();
        $mine = User::query()->where('email', 'marlo@old-eddy.example')->sole()->lakes()->create(['name' => 'Mine']);
        $this->patch(route('layer.change', [$mine, $layer->id]), ['do' => 'drop'])->assertNotFound();
        self::assertSame(1, $lake->layers()->count());
    }

    /** A lake from before there were layers keeps what is known of it as its first. */
    public function test_what_was_known_before_layers_becomes_the_first(): void
    {
        $lake = $this->lake();
        $lake->keepGrid(new DepthGrid(36.901, -80.1, 10, 20, 20, array_fill(0, 400, 8.0)));
        $this->give($lake, 'more.csv', "lon,lat,depth_ft\n".$this->block(-80.096, 36.9, 5.0))->assertSessionHas('said');
        self::assertSame(['What was known before', 'more.csv'], $lake->layers()->pluck('name')->all());
        self::assertEqualsWithDelta(
            [8.0, 5.0],
            [(float) $lake->refresh()->fullGrid()?->at(36.9005, -80.0995), (float) $lake->fullGrid()?->at(36.9004, -80.0956)],
            1e-3,
        );
        (new Layers($lake))->makeAnew();
        self::assertSame(2, $lake->layers()->count());
    }

    private function lake(): Lake
    {
        $wren = $this->angler();
        $this->actingAs($wren);

        return $wren->lakes()->create(['name' => 'Test pond']);
    }

    private function give(Lake $lake, string $name, string $content, float $cell = 10): TestResponse
    {
        session()->forget(['said', 'errors']);

        return $this->post(route('lake.take', $lake), ['file' => UploadedFile::fake()->createWithContent($name, $content), 'cell' => $cell]);
    }

    /** Ten by ten soundings of one depth, ten metres apart. */
    private function block(float $lon, float $lat, float $feet): string
    {
        $lines = '';
        for ($i = 0; $i < 100; $i++) {
            $lines .= sprintf("%.6f,%.6f,%.1f\n", $lon + $i % 10 * 0.0001, $lat + intdiv($i, 10) * 0.0001, $feet);
        }

        return $lines;
    }

    /** @return list<list<string>> rings whatever their direction and first corner */
    private function ringsOf(Lake $lake): array
    {
        return array_map(static function (array $ring): array {
            $corners = array_values(array_unique(array_map(static fn (array $p): string => "{$p[0]},{$p[1]}", $ring)));
            sort($corners);

            return $corners;
        }, $lake->shoreline ?? []);
    }
}
