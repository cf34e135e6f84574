<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lake;
use App\Models\Layer;
use App\Models\PackedGrid;
use App\Models\Question;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use OldEddy\Boat\SimulatedBoat;
use OldEddy\Where\Lake\DepthGrid;
use OldEddy\Where\Lake\Position;

final class LakeTest extends WaterTestCase
{
    public function test_soundings_and_a_shoreline_make_a_lake_that_goes_out_and_comes_in_again(): void
    {
        $lake = $this->lake($this->angler());
        $this->give($lake, 'bottom.csv', $this->csv())->assertSessionHasNoErrors()->assertSessionHas('said');
        $grid = $lake->refresh()->workingGrid();
        self::assertNotNull($grid);
        self::assertEqualsWithDelta(12.0, $grid->at(36.9005, -80.0995), 1.0);
        $ring = [[-80.1005, 36.8995], [-80.0985, 36.8995], [-80.0985, 36.9015], [-80.1005, 36.9015], [-80.1005, 36.8995]];
        $this->give($lake, 'shore.geojson', json_encode(['type' => 'FeatureCollection', 'features' => [
            ['type' => 'Feature', 'properties' => [], 'geometry' => ['type' => 'Polygon', 'coordinates' => [$ring]]],
            [
                'type' => 'Feature',
                'properties' => ['name' => 'Old wall "north"', 'structure' => 'riprap', 'cover' => ['rock', 'nonsense'], 'shallow_ft' => 3, 'deep_ft' => 9],
                'geometry' => ['type' => 'Point', 'coordinates' => [-80.0995, 36.9005]],
            ],
            [
                'type' => 'Feature',
                'properties' => ['depth_ft' => 10],
                'geometry' => ['type' => 'LineString', 'coordinates' => [[-80.1, 36.9], [-80.099, 36.901]]],
            ],
        ]]))->assertSessionHasNoErrors();
        // It leaves more than a third of what was sounded dry: that is asked before anything of it is kept.
        $layer = $lake->layers()->where('state', Layer::ASKS)->sole();
        self::assertSame(['shore'], array_map(static fn (Question $q): string => $q->key, $layer->asks()));
        self::assertNull($lake->refresh()->shoreline);
        $this->post(route('layer.answer', [$lake, $layer->id]), ['then' => 'take', 'shore' => 'cut'])->assertRedirect(route('lake', $lake));
        $spot = $lake->spots()->sole();
        self::assertSame(['Old wall "north"', 'riprap', ['rock'], 9.0], [$spot->name, $spot->structure, $spot->cover, $spot->deep_ft]);
        foreach (['gpx' => '<wpt lat="36.900500" lon="-80.099500">', 'geojson' => '"structure":"riprap"', 'csv' => 'lon,lat,depth_ft'] as $form => $needle) {
            $answer = $this->get(route('lake.give', [$lake, $form]))->assertOk();
            $body = $form === 'gpx' ? (string) $answer->getContent() : $answer->streamedContent();
            self::assertStringContainsString($needle, $body);
            $copy = $lake->user_id === 0 ? $lake : User::query()->findOrFail($lake->user_id)->lakes()->create(['name' => "Copy by {$form}"]);
            $this->give($copy, "x.{$form}", $body)->assertSessionHasNoErrors();
            if ($form === 'csv') {
                self::assertEqualsWithDelta(
                    $lake->refresh()->workingGrid()?->at(36.9005, -80.0995),
                    $copy->refresh()->workingGrid()?->at(36.9005, -80.0995),
                    0.2,
                );
            } else {
                self::assertSame('Old wall "north"', $copy->spots()->sole()->name);
            }
        }
    }

    public function test_tracks_sections_and_contours_go_out_and_come_in(): void
    {
        $lake = $this->lake($this->angler());
        $this->give($lake, 'bottom.csv', $this->csv(true));
        $this->give(
            $lake,
            'way.gpx',
            '<gpx version="1.1"><wpt lat="36.9" lon="-80.1"><name>Mark</name></wpt><trk><trkseg><trkpt lat="36.9" lon="-80.1"/><trkpt lat="36.901" lon="-80.099"/></trkseg><trkseg><trkpt lat="36.9" lon="-80.098"/></trkseg></trk></gpx>',
        )->assertSessionHasNoErrors();
        self::assertSame([[[-80.1, 36.9], [-80.099, 36.901]], [[-80.098, 36.9]]], $lake->refresh()->tracks);
        $this->give($lake, 'way.gpx', '<gpx version="1.1"><trk><trkseg><trkpt lat="36.9" lon="-80.098"/></trkseg></trk></gpx>')->assertSessionHasNoErrors();
        self::assertCount(2, $lake->refresh()->tracks, 'a track that is known comes once');
        $this->give(
            $lake,
            'names.geojson',
            '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"kind":"section","name":"Lower end"},"geometry":{"type":"Point","coordinates":[-80.0995,36.9005]}}]}',
        )->assertSessionHasNoErrors();
        self::assertSame('Lower end', $lake->refresh()->sections[0]['name']);
        self::assertStringContainsString('<trkpt lat="36.901000"', (string) $this->get(route('lake.give', [$lake, 'gpx']))->getContent());
        $out = json_decode($this->get(route('lake.give', [$lake, 'geojson']))->streamedContent(), true);
        self::assertContains('contour', array_column(array_column($out['features'], 'properties'), 'kind'));
        $copy = User::query()->findOrFail($lake->user_id)->lakes()->create(['name' => 'By its contours']);
        $this->give($copy, 'x.geojson', json_encode($out))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(10.0, $copy->refresh()->workingGrid()?->at(36.9005, -80.0995), 2.5);
        $this->get(route('lake', $lake))->assertOk()->assertSee('Lower end');
    }

    public function test_a_found_feature_that_is_dropped_is_not_offered_again(): void
    {
        $lake = $this->lake($this->angler());
        $depths = [];
        for ($row = 0; $row < 80; $row++) {
            for ($col = 0; $col < 80; $col++) {
                $depths[] = 25 - 15 * exp(-(($col - 40) ** 2 + ($row - 40) ** 2) / 60);
            }
        }
        $lake->keepGrid(new DepthGrid(36.91, -80.1, 10, 80, 80, $depths));
        $page = (string) $this->get(route('lake', $lake))->assertSee('Hump 1')->getContent();
        self::assertSame(1, preg_match('/name="feature"\s+value="(hump [^"]+)"/', $page, $m));
        $this->post(route('feature.drop', $lake), ['feature' => $m[1]])->assertRedirect();
        $this->get(route('lake', $lake))->assertOk()->assertDontSee('Hump 1');
    }

    public function test_a_recording_with_position_and_depth_becomes_soundings(): void
    {
        $lake = $this->lake($this->angler());
        $boat = new SimulatedBoat(require database_path('seeders/track.php'), new \DateTimeImmutable('2026-11-21T14:30:00Z'));
        $lines = implode("\r\n", array_merge(...array_map($boat->sentences(...), range(0, 600))));
        $this->give($lake, 'day.nmea', $lines)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(7.6, $lake->refresh()->workingGrid()?->at(36.9037, -80.0967), 1.0);
    }

    public function test_broken_and_hostile_files_get_a_clear_answer_and_change_nothing(): void
    {
        $lake = $this->lake($this->angler());
        $point = static fn (string $lonLat): string => '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"A"},"geometry":{"type":"Point","coordinates":['.$lonLat.']}}]}';
        foreach ([
            ['empty', '', 'empty'],
            ['noise', "\x00\x01\x02\xff,\x00", 'none of the forms'],
            [
                'entities',
                '<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a SYSTEM "file:///etc/passwd">]><gpx><wpt lat="1" lon="2"><name>&a;</name></wpt></gpx>',
                'document type',
            ],
            ['laughs', '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;">]><gpx>&b;</gpx>', 'document type'],
            ['not gpx', '<html><body/></html>', 'not with <gpx>'],
            ['torn xml', '<gpx><wpt lat="36.9" lon="-80.1"><name>A</name></wpt><wpt lat="36.9"', 'broken at line'],
            ['other coordinates', $point('512345.0, 4081234.0'), 'no degrees'],
            ['torn json', substr($point('-80.1, 36.9'), 0, -10), 'middle of a feature'],
            ['no features', '{"type":"Topology"}', 'no GeoJSON'],
            ['no depth', "lon,lat,name\n-80,36,a\n", 'no column depth_ft'],
            ['words', str_repeat("a,b,c\n", 60), 'no column depth_ft'],
            ['two lakes', "-80.1,36.9,5\n-80.0,36.95,5\n-70.0,44.0,5\n", 'far from the rest of this lake'],
            ['two ponds', "lon,lat,depth_ft\n-80.1,36.9,5\n-80.0,36.95,5\n-79.4,38.5,5\n", 'too far from the others'],
            ['recording without depth', "\$GPRMC,143000.00,A,3654.1260,N,08006.2520,W,0.0,0.0,211126,,,A*47\n", 'position and depth together'],
        ] as [$name, $content, $why]) {
            $this->give($lake, 'file', $content)->assertSessionHasErrors('file');
            self::assertStringContainsString($why, (string) session('errors')->first('file'), $name);
        }
        $this->assertDatabaseCount('spots', 0);
        self::assertNull($lake->refresh()->grid);
        $this->post(route('lake.take', $lake), [], ['CONTENT_LENGTH' => 200 * 1024 * 1024])->assertStatus(413);
    }

    public function test_an_import_of_any_length_streams(): void
    {
        $lake = $this->lake($this->angler());
        $path = tempnam(sys_get_temp_dir(), 'lake');
        $file = fopen($path, 'wb');
        fwrite($file, "lon,lat,depth_ft\n");
        for ($i = 0; $i < 300_000; $i++) {
            fwrite($file, sprintf("%.6f,%.6f,%.1f\n", -80.1 + ($i % 500) * 0.00001, 36.9 + intdiv($i, 500) * 0.00001, 5 + $i % 20));
        }
        fclose($file);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        self::assertSame(0, Artisan::call('eddy:import', ['lake' => $lake->id, 'file' => $path]), Artisan::output());
        self::assertLessThan(40 * 2 ** 20, memory_get_peak_usage() - $before, 'far less than the file');
        self::assertSame(2, Artisan::call('eddy:import', ['lake' => $lake->id, 'file' => '/nowhere']));
        unlink($path);
    }

    public function test_spots_are_marked_once_changed_and_dropped_by_their_owner_only(): void
    {
        $lake = $this->lake($this->angler());
        $spot = ['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1, 'structure' => 'riprap', 'cover' => ['rock'], 'shallow_ft' => 2, 'deep_ft' => 8];
        $this->post(route('spot.keep', $lake), $spot)->assertSessionHasNoErrors();
        $this->post(
            route('spot.keep', $lake),
            ['deep_ft' => 11, 'dock' => ['kind' => 'floating', 'inside_ft' => 3, 'outside_ft' => 8, 'extras' => ['ladder']]] + $spot,
        )->assertSessionHasNoErrors();
        $kept = $lake->spots()->sole();
        self::assertSame([11.0, 'floating', ['ladder']], [$kept->deep_ft, $kept->dock['kind'], $kept->dock['extras']]);
        $this->from(route('lake', $lake))->post(
            route('spot.keep', $lake),
            ['shallow_ft' => 20, 'lat' => 95, 'id' => $kept->id] + $spot,
        )->assertSessionHasErrors(['lat', 'deep_ft']);
        self::assertStringContainsString('degrees north', (string) session('errors')->first('lat'));
        $this->get(route('lake', $lake))->assertSee('value="95"', false);
        $this->post(route('spot.keep', $lake), ['id' => $kept->id, 'name' => 'North wall', 'flows_to_deg' => 45] + $spot)->assertSessionHasNoErrors();
        self::assertSame(['North wall', 45.0], [$lake->spots()->sole()->name, $lake->spots()->sole()->flows_to_deg]);
        $this->post(route('spot.keep', $lake), ['name' => 'Other'] + $spot)->assertSessionHasNoErrors();
        $this->post(route('spot.keep', $lake), ['id' => $kept->id, 'name' => 'Other'] + $spot)->assertSessionHasErrors('name');
        $lake->spots()->where('name', 'Other')->delete();
        $this->actingAs($this->angler('marlo@old-eddy.example'));
        $this->get(route('lake', $lake))->assertNotFound();
        $this->delete(route('spot.drop', [$lake, $kept->id]))->assertNotFound();
        $this->post(route('lake.take', $lake))->assertNotFound();
        $this->get(route('lake.give', [$lake, 'gpx']))->assertNotFound();
        $this->actingAs(User::query()->findOrFail($lake->user_id))->delete(route('spot.drop', [$lake, $kept->id]))->assertRedirect();
        self::assertSame(0, $lake->spots()->count());
    }

    public function test_a_spot_is_typed_in_metres_and_kept_in_feet(): void
    {
        $wren = $this->angler();
        $wren->update(['units' => 'metric']);
        $lake = $this->lake($wren);
        $this->post(
            route('spot.keep', $lake),
            [
                'name' => 'Mauer', 'lat' => 36.9, 'lon' => -80.1, 'shallow_ft' => 1, 'deep_ft' => 3,
                'dock' => ['kind' => 'piling', 'inside_ft' => 1, 'outside_ft' => 2],
            ],
        )->assertSessionHasNoErrors();
        $spot = $lake->spots()->sole();
        self::assertEqualsWithDelta([3.3, 9.8, 3.281], [$spot->shallow_ft, $spot->deep_ft, $spot->dock['inside_ft']], 0.05);
        $this->get(route('lake', [$lake, 'spot' => $spot->id]))->assertOk()->assertSee('shallowest, m');
        // Kept again as the form shows it, nothing moves, not even by rounding.
        $spot->update(['lat' => 36.901234, 'lon' => -80.100987]);
        $page = (string) $this->get(route('lake', [$lake, 'spot' => $spot->id]))->getContent();
        self::assertSame(1, preg_match('/name="lat" value="([^"]+)"/', $page, $lat));
        self::assertSame(1, preg_match('/name="lon" value="([^"]+)"/', $page, $lon));
        self::assertEqualsWithDelta([36.901234, -80.100987], [(float) $lat[1], (float) $lon[1]], 1e-9);
    }

    /** W12: the map's depths are for one level, the day has another. */
    public function test_todays_level_moves_the_depths_of_spot_and_day(): void
    {
        [$trip, $lake] = $this->dayOnLake();
        $spot = $lake->spots()->where('name', 'East wall')->sole();
        $this->patchJson(route('conditions.change', $trip), ['field' => 'water.level_ft', 'value' => '-1.5'])->assertOk();
        $this->post(route('where.pick', $trip->refresh()), ['spot' => $spot->id])->assertRedirect();
        self::assertEquals([0.5, 10.5], $trip->refresh()->conditions['spot']['depth_ft']);
        $this->get(route('where', $trip))->assertOk()->assertSee('level -1.5 ft')->assertSee('0.5–11 ft');
    }

    public function test_a_dock_and_all_that_is_said_of_a_spot_go_out_and_come_in(): void
    {
        $lake = $this->lake($this->angler());
        $lake->spots()->create(
            [
                'name' => 'Slip',
                'lat' => 36.9,
                'lon' => -80.1,
                'structure' => 'dock',
                'cover' => ['dock'],
                'bottom' => 'gravel',
                'flows_to_deg' => 80,
                'dock' => ['kind' => 'floating', 'inside_ft' => 3.0, 'outside_ft' => 9.0, 'walkway_ft' => 20.0, 'extras' => ['ladder']],
            ],
        );
        $out = $this->get(route('lake.give', [$lake, 'geojson']))->streamedContent();
        $copy = User::query()->findOrFail($lake->user_id)->lakes()->create(['name' => 'Copy']);
        $this->give($copy, 'x.geojson', str_replace('"depth_nearby_ft":null', '', $out))->assertSessionHasNoErrors();
        self::assertEquals(
            $lake->spots()->sole()->only(['dock', 'bottom', 'flows_to_deg', 'structure']),
            $copy->spots()->sole()->only(['dock', 'bottom', 'flows_to_deg', 'structure']),
        );
        $this->give($copy, 'y.geojson', str_replace(['"Slip"', '"flows_to_deg":80'], ['"Wild"', '"flows_to_deg":1e9'], $out))->assertSessionHasNoErrors();
        self::assertNull($copy->spots()->where('name', 'Wild')->sole()->flows_to_deg, 'what cannot be is left out');
    }

    public function test_where_ranks_the_spots_fills_the_day_and_the_stint(): void
    {
        [$trip, $lake] = $this->dayOnLake();
        $this->get(route('where', $trip))->assertOk()->assertSee('In order')->assertSee('East wall')->assertSee('because');
        $spot = $lake->spots()->where('name', 'East wall')->sole();
        $this->get(route('where', ['trip' => $trip, 'spot' => $spot->id, 'minute' => 900]))->assertOk()->assertSee('Shade');
        $this->post(route('where.pick', $trip), ['spot' => $spot->id, 'minute' => 1080])->assertRedirect();
        $said = $trip->refresh()->conditions['spot'];
        self::assertSame(['riprap', ['rock'], [2, 12]], [$said['structure'], $said['cover'], $said['depth_ft']]);
        self::assertTrue($said['shaded']);
        $stint = (string) Str::uuid();
        $this->log($trip->load('user'), [$this->stint($stint, 'Dock of Mill'), $this->event('casts', ['stint' => $stint, 'count' => 3])])->assertOk();
        $kept = $trip->stints()->sole();
        self::assertSame([$lake->spots()->where('name', 'Dock of Mill')->sole()->id, 'dock', 'dock'], [$kept->spot_id, $kept->structure, $kept->cover]);
    }

    public function test_the_days_route_is_planned_kept_and_printed(): void
    {
        [$trip, $lake] = $this->dayOnLake();
        $ids = $lake->spots()->pluck('id', 'name');
        $ask = [
            'from' => '07:00',
            'to' => '09:00',
            'minutes' => 15,
            'speed' => 15,
            'fuel_per_hour' => 6,
            'wish' => [$ids['East wall'] => 'must', $ids['Flat'] => 'out', $ids['Dock of Mill'] => 'may'],
        ];
        $this->post(route('where.route', $trip), $ask)->assertSessionHasNoErrors()->assertRedirect();
        $trip->refresh();
        self::assertContains('East wall', $trip->route->names());
        self::assertNotContains('Flat', $trip->route->names());
        self::assertLessThanOrEqual(540, $trip->route->backAt);
        $this->get(route('where', $trip))->assertOk()->assertSee('Back by')->assertSee('plan-route', false);
        $this->get(route('where.sheet', $trip))->assertOk()->assertSee('The rack')->assertSee('East wall');
        $this->post(route('where.route', $trip), ['from' => '09:00', 'to' => '08:00'] + $ask)->assertSessionHasErrors('to');
        $this->post(
            route('where.route', $trip),
            ['from' => '07:00', 'to' => '07:10'] + $ask,
        )->assertSessionHas('said', fn (string $s): bool => str_contains($s, 'No spot fits'));
        // From a spot where the boat lies.
        $this->post(
            route('where.route', $trip),
            ['from' => '08:00', 'to' => '09:00', 'wish' => [], 'start' => $ids['East wall']] + $ask,
        )->assertSessionHasNoErrors();
        self::assertNotContains('East wall', $trip->refresh()->route->names());
        $this->post(route('where.route', $trip), ['speed' => 'fast', 'minutes' => 500] + $ask)->assertSessionHasErrors(['speed', 'minutes']);
        self::assertStringContainsString('minutes a stop', (string) session('errors')->first('minutes'));
    }

    public function test_the_route_is_planned_again_from_now_without_what_was_fished(): void
    {
        Carbon::setTestNow('2026-07-18 08:10:00 America/New_York');
        [$trip, $lake] = $this->dayOnLake();
        $ids = $lake->spots()->pluck('id', 'name');
        $this->post(
            route('where.route', $trip),
            ['from' => '07:00', 'to' => '09:30', 'minutes' => 15, 'speed' => 15, 'wish' => []],
        )->assertSessionHasNoErrors();
        $stint = (string) Str::uuid();
        $this->log($trip->refresh()->load('user'), [['at' => '2026-07-18T07:50:00'] + $this->stint($stint, 'East wall')])->assertOk();
        $this->post(route('where.again', $trip))->assertSessionHasNoErrors()->assertRedirect(route('where', $trip));
        $route = $trip->refresh()->route;
        self::assertSame([490, $ids['East wall']], [$route->asked->from, $route->asked->start]);
        self::assertNotContains('East wall', $route->names());
        self::assertGreaterThanOrEqual(490, $route->stops[0]->at);
        // The boat's own instruments know better where it is.
        $trip->fixes()->create(['at' => '2026-07-18 08:08:00', 'lat' => 36.9012, 'lon' => -80.0985]);
        $this->post(route('where.again', $trip))->assertSessionHasNoErrors();
        self::assertEquals(new Position(36.9012, -80.0985), $trip->refresh()->route->asked->startAt);
        Carbon::setTestNow('2026-07-18 09:40:00 America/New_York');
        $this->post(route('where.again', $trip))->assertSessionHasErrors('to');
        Carbon::setTestNow();
    }

    public function test_a_route_that_was_asked_for_without_signal_is_planned_when_the_entry_comes_in(): void
    {
        Carbon::setTestNow('2026-07-18 08:10:00 America/New_York');
        [$trip, $lake] = $this->dayOnLake();
        $ids = $lake->spots()->pluck('id', 'name');
        $form = ['from' => '07:00', 'to' => '09:30', 'minutes' => '15', 'speed' => '15', 'start' => '', 'fuel_per_hour' => ''];
        $this->post(route('where.route', $trip), $form + ['wish' => [$ids['Flat'] => 'out']])->assertSessionHasNoErrors();
        $planned = $trip->refresh()->route;
        $trip->update(['route' => null]);
        $asked = $this->event('route', ['units' => 'us', 'form' => $form + ["wish.{$ids['Flat']}" => 'out']]);
        self::assertSame('taken', $this->log($trip, [$asked])->json('events.0.became'));
        self::assertEquals($planned, $trip->refresh()->route, 'as if it had been asked for on the page');
        $again = $this->event('route', ['again' => 'yes']);
        self::assertSame('taken', $this->log($trip, [$again])->json('events.0.became'));
        self::assertSame([490, true], [$trip->refresh()->route->asked->from, $trip->route->asked->fromNow]);
        $this->log($trip, [$this->event('undo', ['target' => $again['id']])]);
        self::assertEquals($planned, $trip->refresh()->route);
        $late = $this->log($trip, [['form' => ['to' => '06:00'] + $form] + $this->event('route')])->json('events.0');
        self::assertSame(['refused', 'The route is not planned: Back by must be later than from.'], [$late['became'], $late['message']]);
        Carbon::setTestNow('2026-07-18 09:40:00 America/New_York');
        self::assertStringContainsString('the time you meant to be back by is over', $this->log($trip, [$this->event('route', ['again' => 'yes'])])->json('events.0.message'));
        Carbon::setTestNow();
    }

    public function test_fuel_is_reckoned_by_the_minutes_under_way(): void
    {
        [$trip] = $this->dayOnLake();
        $ask = ['from' => '07:00', 'to' => '09:00', 'minutes' => 15, 'speed' => 2, 'fuel_per_hour' => 6];
        $this->post(route('where.route', $trip), $ask)->assertSessionHasNoErrors();
        $route = $trip->refresh()->route;
        self::assertEqualsWithDelta(6 * (array_sum(array_column($route->stops, 'runMin')) + $route->homeMin) / 60, $route->fuel, 0.02);
        $this->get(route('where', $trip))->assertOk()->assertSee('Fuel for the day');
        // The same speed in the other units is the same route.
        $trip->user->update(['units' => 'metric']);
        $this->actingAs($trip->user->refresh())->post(route('where.route', $trip), ['speed' => 3.22] + $ask)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($route->homeMin, $trip->refresh()->route->homeMin, 0.1);
        $this->get(route('where', $trip))->assertOk()->assertSee('km under way')->assertDontSee(' ft of water, best');
    }

    public function test_a_lake_of_somebody_else_is_no_lake_of_ones_day(): void
    {
        $foreign = $this->lake($this->angler('marlo@old-eddy.example'));
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->get(route('where', $trip))->assertOk()->assertSee('Which lake');
        $this->post(route('where.on', $trip), ['lake' => $foreign->id])->assertNotFound();
        $this->post(route('where.route', $trip))->assertNotFound();
    }

    public function test_a_packed_grid_is_the_same_unpacked(): void
    {
        $grid = new DepthGrid(36.9, -80.1, 12.5, 3, 2, [1.5, 2.5, null, 0.0, 30.25, 7.0]);
        $same = PackedGrid::unpack(PackedGrid::pack($grid));
        self::assertNull($same->depthsFt[2]);
        self::assertSame([36.9, -80.1, 12.5, 3, 2, 30.25], [$same->north, $same->west, $same->cellM, $same->cols, $same->rows, $same->depthsFt[4]]);
    }

    private function lake(User $angler): Lake
    {
        $this->actingAs($angler);

        return $angler->lakes()->create(['name' => 'Test pond']);
    }

    /** @return array{\App\Models\Trip, Lake} */
    private function dayOnLake(): array
    {
        $wren = $this->angler();
        $lake = $this->lake($wren);
        $this->give($lake, 'bottom.csv', $this->csv());
        foreach ([
            ['East wall', -80.0992, 'riprap', ['rock'], 2, 12, 120, 25],
            ['Dock of Mill', -80.0998, 'dock', ['dock'], 3, 8, 20, 12],
            ['Flat', -80.0996, 'flat', ['none'], 3, 6, null, null],
        ] as [$name, $lon, $structure, $cover, $from, $to, $faces, $high]) {
            $lake->spots()->create(
                [
                    'name' => $name, 'lat' => 36.9005, 'lon' => $lon, 'structure' => $structure, 'cover' => $cover, 'shallow_ft' => $from,
                    'deep_ft' => $to, 'bank_faces_deg' => $faces, 'object_height_ft' => $high,
                ],
            );
        }
        $trip = $this->trip(
            $wren,
            [
                'date' => '2026-07-18',
                'timezone' => 'America/New_York',
                'lat' => 36.9,
                'lon' => -80.1,
                'water' => ['temp_f' => 84],
                'weather' => ['sky' => 'clear', 'wind_mph' => 9, 'wind_from_deg' => 180],
            ],
        );
        $this->post(route('where.on', $trip), ['lake' => $lake->id])->assertRedirect();

        return [$trip->refresh(), $lake];
    }

    private function csv(bool $sloping = false): string
    {
        $lines = "lon,lat,depth_ft\n";
        for ($row = 0; $row < 20; $row++) {
            for ($col = 0; $col < 20; $col++) {
                $lines .= sprintf("%.5f,%.5f,%.1f\n", -80.1 + $col * 0.0001, 36.9 + $row * 0.0001, $sloping ? 2 * $col : 12);
            }
        }

        return $lines;
    }

    private function give(Lake $lake, string $name, string $content): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('lake.take', $lake), ['file' => UploadedFile::fake()->createWithContent($name, $content)]);
    }
}
