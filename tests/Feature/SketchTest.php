<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lake;
use App\Models\LakeSpot;
use App\Models\Layer;
use App\Models\User;
use App\Waters\SketchBook;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** S31: a water without a chart is drawn, kept, gone on with, and is a lake like any other. */
final class SketchTest extends WaterTestCase
{
    private const SHORE = ['kind' => 'shore', 'points' => [[-150, -100], [150, -100], [150, 100], [-150, 100]]];

    private User $wren;

    private Lake $lake;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler();
        $this->actingAs($this->wren);
        $this->lake = $this->wren->lakes()->create(['name' => 'Tannery pond']);
    }

    public function test_a_drawn_water_is_a_lake_like_any_other(): void
    {
        $this->get(route('sketch', $this->lake))->assertOk()->assertSee('Draw Tannery pond');
        $this->keep([
            self::SHORE, ['kind' => 'island', 'points' => [[90, 50], [110, 50], [110, 70]]], ['kind' => 'depth', 'points' => [[0, 0]], 'ft' => 14],
            ['kind' => 'depth', 'points' => [[-80, 0]], 'ft' => 8], ['kind' => 'dock', 'points' => [[0, -98], [0, -80]]], ['kind' => 'creek', 'points' => [[145, 0]]],
            ['kind' => 'spot', 'points' => [[-40, 20]], 'name' => 'Old stump', 'structure' => 'flat', 'cover' => 'stumps', 'ft' => 6], ['kind' => 'ramp', 'points' => [[-149, 0]]],
            ['kind' => 'section', 'points' => [[-150, -100], [0, -100], [0, 100], [-150, 100]], 'name' => 'West half'], ['kind' => 'no_wake', 'points' => [[100, -100], [150, -100], [150, 100]]],
            ['kind' => 'bank', 'points' => [[-150, 100], [150, 100]], 'ft' => 40], ['kind' => 'cast', 'points' => [[-40, 5], [-40, 19]]],
        ])->assertOk()->assertJson(['number' => 1]);
        $lake = $this->lake->refresh();
        self::assertEqualsWithDelta(14, $lake->deepest(), 0.5);
        self::assertSame(['Creek mouth 1', 'Dock 1', 'Old stump'], $lake->spots()->pluck('name')->all());
        [$dock, $stump] = [Lake::spotNamed($lake->id, 'Dock 1'), Lake::spotNamed($lake->id, 'Old stump')];
        self::assertEqualsWithDelta(0, $dock?->bank_faces_deg, 0.5, 'from the bank to its outer end');
        self::assertSame('dock', $dock->structure);
        self::assertSame(['flat', ['stumps'], 6.0], [$stump?->structure, $stump?->cover, $stump?->deep_ft]);
        self::assertSame('drawn', $stump->cast_line['from'] ?? null);
        self::assertEqualsWithDelta(0, $stump->castLine()?->bearingDeg, 0.5);
        self::assertSame(['West half', null], [$lake->sectionOf($stump->position()), $lake->sectionOf(Lake::spotNamed($lake->id, 'Creek mouth 1')?->position() ?? self::fail())]);
        self::assertCount(1, $lake->no_wake ?? []);
        self::assertSame(40, (int) ($lake->banks[0]['height_ft'] ?? 0));
        self::assertSame([], $lake->features(), 'nothing is read out of a few depths');
        // All its pages, and out and in again.
        $trip = $this->trip($this->wren, ['lat' => 37.2, 'lon' => -80.1, 'time' => '08:00', 'weather' => ['sky' => 'clear', 'wind_mph' => 8, 'wind_from_deg' => 200]]);
        $trip->update(['lake_id' => $lake->id]);
        foreach ([route('lake', $lake), route('where', $trip), route('where', ['trip' => $trip, 'spot' => $stump->id]), route('where', ['trip' => $trip, 'spot' => $dock->id]), route('fish', $trip)] as $page) {
            $this->get($page)->assertOk();
        }
        $this->get(route('where', ['trip' => $trip, 'spot' => $stump->id]))->assertSee('where it was drawn')->assertSee('plan-no-wake', false)->assertSee('plan-area', false);
        $this->post(route('where.route', $trip), ['from' => '07:00', 'to' => '11:00', 'minutes' => 12, 'speed' => 20, 'draft' => 1])->assertSessionHasNoErrors();
        self::assertNotSame([], $trip->refresh()->route->stops);
        $out = $this->get(route('lake.give', [$lake, 'geojson']))->streamedContent();
        $copy = $this->wren->lakes()->create(['name' => 'A copy']);
        $this->post(route('lake.take', $copy), ['file' => UploadedFile::fake()->createWithContent('all.geojson', $out)])->assertSessionHasNoErrors();
        foreach (['no_wake', 'banks', 'deepest_ft'] as $what) {
            self::assertEquals($lake->$what, $copy->refresh()->$what, $what);
        }
        self::assertSame('West half', $copy->sectionOf($stump->position()));
    }

    public function test_what_was_drawn_is_gone_on_with_and_what_was_fished_keeps_its_spot(): void
    {
        $this->keep([self::SHORE, ['kind' => 'spot', 'points' => [[10, 0]], 'name' => 'Stump'], ['kind' => 'spot', 'points' => [[50, 0]], 'name' => 'Slip']])->assertOk();
        $stump = Lake::spotNamed($this->lake->id, 'Stump') ?? self::fail();
        $trip = $this->trip($this->wren);
        $trip->update(['lake_id' => $this->lake->id]);
        $this->log($trip, [$this->stint((string) Str::uuid(), 'Stump')])->assertOk();
        $page = $this->get(route('sketch', $this->lake))->assertOk();
        $page->assertSee('Stump');
        // Moved by twenty metres, the other rubbed out, a third set.
        $this->keep([self::SHORE, ['kind' => 'spot', 'points' => [[30, 0]], 'name' => 'Stump'], ['kind' => 'spot', 'points' => [[-50, 0]], 'name' => 'New']], 1)->assertOk();
        $spots = $this->lake->spots()->get()->keyBy('name');
        self::assertSame(['New', 'Stump'], $spots->keys()->all());
        self::assertSame($stump->id, $spots['Stump']->id, 'the same spot, elsewhere');
        self::assertEqualsWithDelta(20 / 0.3048, $stump->position()->feetTo($spots['Stump']->position()), 1);
        self::assertSame(1, $this->lake->layers()->count(), 'one layer, however often it is kept');
        // Emptied, its layer goes; the spot that was fished stays in the log.
        $this->keep([], 2)->assertOk();
        self::assertSame(0, $this->lake->layers()->count());
        self::assertSame(1, LakeSpot::query()->whereKey($stump->id)->count());
    }

    public function test_spots_alone_are_ranked_without_any_chart(): void
    {
        $trip = $this->trip($this->wren, ['lat' => 37.2, 'lon' => -80.1]);
        $this->get(route('where', $trip))->assertOk()->assertSee('Begin with spots alone');
        $this->post(route('where.begin', $trip), ['name' => 'Quarry hole', 'how' => 'spots'])->assertRedirect();
        $lake = $this->wren->lakes()->where('name', 'Quarry hole')->sole();
        self::assertSame($lake->id, $trip->refresh()->lake_id);
        $this->get(route('lake', $lake))->assertOk()->assertSee('ranked without a chart');
        foreach (['Point' => 'point', 'Dock' => 'dock'] as $name => $structure) {
            $this->post(route('spot.keep', $lake), ['name' => $name, 'lat' => 37.2, 'lon' => -80.1, 'structure' => $structure])->assertSessionHasNoErrors();
        }
        $this->get(route('where', $trip))->assertOk()->assertSeeInOrder(['Spots in order', 'Point'])->assertSee('nothing was measured')->assertDontSee('data-cells', false);
        $this->post(route('where.begin', $trip), ['name' => 'Mill hole', 'how' => 'draw'])->assertRedirect(route('sketch', $this->wren->lakes()->where('name', 'Mill hole')->sole()));
        $this->post(route('where.begin', $trip), ['name' => '', 'how' => 'draw'])->assertSessionHasErrors('name');
    }

    public function test_what_is_wrong_is_named_and_nothing_is_lost(): void
    {
        $this->keep([self::SHORE])->assertOk();
        $this->keep([['kind' => 'depth', 'points' => [[0, 0]]]], 1)->assertStatus(422)->assertJsonPath('errors.0.path', 'things.0.ft');
        $this->keep([['kind' => 'shore', 'points' => [[0, 0], [10, 0], [20, 0]]]], 1)->assertStatus(422)->assertJsonPath('errors.0.path', 'drawing');
        $this->keep([['kind' => 'cast', 'points' => [[0, 0], [10, 0]]]], 1)->assertStatus(422);
        self::assertSame('shore', (new SketchBook($this->lake))->drawing()['drawing']['things'][0]['kind'] ?? null, 'the last one that was sound');
        self::assertCount(1, $this->lake->refresh()->shoreline ?? []);
        // Two windows: the one that does not know of the other is told, and changes nothing.
        $this->keep([self::SHORE, ['kind' => 'ramp', 'points' => [[0, 0]]]], 0)->assertStatus(409);
        self::assertNull($this->lake->refresh()->ramp_lat);
        $this->putJson(route('sketch.keep', $this->lake), ['number' => 1])->assertStatus(422);
    }

    public function test_a_picture_may_be_as_large_as_is_said_and_a_drawing_not(): void
    {
        $size = static fn (int $bytes): array => ['HTTP_CONTENT_LENGTH' => (string) $bytes, 'HTTP_ACCEPT' => 'application/json'];
        self::assertSame(422, $this->call('POST', route('sketch.lay', $this->lake), server: $size(6_000_000))->getStatusCode());
        self::assertSame(413, $this->call('POST', route('sketch.lay', $this->lake), server: $size(9_000_000))->getStatusCode());
        self::assertSame(413, $this->call('PUT', route('sketch.keep', $this->lake), server: $size(6_000_000))->getStatusCode());
    }

    public function test_a_picture_lies_under_the_sheet_and_belongs_to_its_angler(): void
    {
        $png = (string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true);
        $lay = fn (string $bytes): TestResponse => $this->post(route('sketch.lay', $this->lake), ['picture' => UploadedFile::fake()->createWithContent('map.png', $bytes)], ['Accept' => 'application/json']);
        $lay('no picture at all')->assertStatus(422)->assertJsonPath('errors.0.path', 'picture');
        $lay('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>')->assertStatus(422);
        $this->get(route('sketch.picture', $this->lake))->assertNotFound();
        $lay($png)->assertOk();
        $lay($png)->assertOk();
        self::assertSame(1, Layer::query()->where('lake_id', $this->lake->id)->count(), 'a new one takes the place of the old');
        $shown = $this->get(route('sketch.picture', $this->lake))->assertOk()->assertHeader('Content-Type', 'image/png');
        self::assertSame($png, $shown->getContent());
        self::assertSame(0, $this->lake->layers()->count(), 'it is no file of the water');
        $this->putJson(route('sketch.keep', $this->lake), ['number' => 0, 'drawing' => $this->drawing([self::SHORE]), 'picture' => ['x' => 1, 'y' => 2, 'm_per_point' => 0.5, 'turn_deg' => 10]])->assertOk();
        $this->get(route('sketch', $this->lake))->assertSee('m_per_point');
        $this->actingAs($this->angler('bob@old-eddy.example'));
        $this->get(route('sketch.picture', $this->lake))->assertNotFound();
        $this->actingAs($this->wren)->deleteJson(route('sketch.take-away', $this->lake))->assertOk();
        $this->get(route('sketch.picture', $this->lake))->assertNotFound();
    }

    public function test_every_cell_can_be_had_for_a_close_look(): void
    {
        $this->keep([self::SHORE, ['kind' => 'depth', 'points' => [[0, 0]], 'ft' => 14]])->assertOk();
        $lake = $this->lake->refresh();
        $bytes = (string) $this->get(route('lake.depths', [$lake, $lake->depthsKey()]), ['Accept-Encoding' => ''])->assertOk()->getContent();
        $grid = $lake->fullGrid() ?? self::fail();
        $head = unpack('enorth/ewest/ecell/Vcols/Vrows', $bytes) ?: [];
        self::assertEqualsWithDelta([$grid->north, $grid->west, $grid->cellM, $grid->cols, $grid->rows], array_values($head), 1e-9);
        $tenths = array_values(unpack('v*', substr($bytes, 32)) ?: []);
        self::assertCount($grid->cols * $grid->rows, $tenths);
        foreach ($grid->depthsFt as $i => $depth) {
            self::assertSame($depth === null ? 0x8000 : (int) round(10 * $depth), $tenths[$i]);
        }
        self::assertSame($bytes, gzdecode((string) $this->get(route('lake.depths', [$lake, $lake->depthsKey()]), ['Accept-Encoding' => 'gzip'])->assertHeader('Content-Encoding', 'gzip')->getContent()));
        $this->get(route('lake.depths', [$lake, str_repeat('0', 16)]))->assertNotFound();
    }

    /** @param  list<array<string, mixed>>  $things */
    private function keep(array $things, int $number = 0): TestResponse
    {
        return $this->putJson(route('sketch.keep', $this->lake), ['number' => $number, 'drawing' => $this->drawing($things)]);
    }

    /**
     * @param  list<array<string, mixed>>  $things
     * @return array<string, mixed>
     */
    private function drawing(array $things): array
    {
        return ['lat' => 37.2, 'lon' => -80.1, 'reach_ft' => 200, 'things' => $things];
    }
}
