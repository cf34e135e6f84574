<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Day\Kept;
use App\Drawing\SliceDrawing;
use App\Models\RackSlot;
use App\Models\Trip;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use OldEddy\Day\Conditions\Settler;
use OldEddy\Pictures\Slice\Scene;
use OldEddy\Reading\WaterReader;

final class DayTest extends WaterTestCase
{
    public function test_two_days_may_be_open_and_a_double_tap_opens_one(): void
    {
        $this->actingAs($wren = $this->angler());
        $ask = (string) Str::uuid();
        foreach ([$ask, $ask, (string) Str::uuid()] as $id) {
            $this->post('/days', ['name' => 'Upper arm', 'species' => 'walleye', 'date' => '2026-04-20', 'timezone' => 'America/New_York', 'ask' => $id])->assertRedirect();
        }
        self::assertSame(2, $wren->trips()->count());
        $this->from('/days')->post('/days', ['name' => '', 'date' => '2026-02-30', 'ask' => $ask])->assertSessionHasErrors(['name', 'date']);
    }

    public function test_nothing_is_planned_for_a_fish_that_nobody_named(): void
    {
        $this->actingAs($wren = $this->angler());
        $given = ['name' => 'Upper arm', 'date' => '2026-04-20', 'ask' => (string) Str::uuid()];
        $this->get('/days')->assertSee('which fish?');
        $this->from('/days')->post('/days', $given)->assertSessionHasErrors(['species']);
        self::assertSame(0, $wren->trips()->count());
        $this->post('/days', $given + ['species' => 'walleye'])->assertSessionHasNoErrors();
        // The headline and the first chip say for which fish all of it is.
        $page = (string) $this->get(route('read', $wren->trips()->firstOrFail()))->assertSee('Walleye at')->getContent();
        self::assertMatchesRegularExpression('/id="chips">\s*<a class="chip"[^>]*>walleye</', $page);
        $this->post('/days', ['ask' => (string) Str::uuid()] + $given)->assertSessionHasNoErrors();
        self::assertSame('walleye', $wren->trips()->latest('id')->firstOrFail()->conditions['species'], 'as on the last day');
    }

    public function test_the_lake_of_the_latest_day_is_picked_first_whether_that_is_finished_or_not(): void
    {
        $this->actingAs($wren = $this->angler());
        $mill = $wren->lakes()->create(['name' => 'Mill pond']);
        $river = $wren->lakes()->create(['name' => 'Long river']);
        $this->trip($wren, ['date' => '2026-04-20'])->update(['lake_id' => $mill->id]);
        $finished = $this->trip($wren, ['date' => '2026-05-01']);
        $finished->update(['lake_id' => $river->id, 'closed_at' => now()]);
        $picked = fn (): string => (string) preg_replace('/.*<option value="(\\d+)"\\s+selected.*/s', '$1', (string) $this->get('/days')->assertOk()->getContent());
        self::assertSame("{$river->id}", $picked());
        $this->trip($wren, ['date' => '2026-05-02'])->update(['lake_id' => $mill->id]);
        self::assertSame("{$mill->id}", $picked());
    }

    public function test_a_new_day_knows_its_lake_and_takes_over_what_seldom_changes_there(): void
    {
        $this->actingAs($wren = $this->angler());
        $mill = $wren->lakes()->create(['name' => 'Mill pond', 'ramp_lat' => 36.9123, 'ramp_lon' => -80.0987]);
        $river = $wren->lakes()->create(['name' => 'Long river']);
        $there = $this->trip($wren, ['species' => 'walleye', 'lat' => 37.0, 'water' => ['normal_visibility_ft' => 7, 'temp_f' => 61, 'visibility_ft' => 3], 'rods' => 4]);
        $there->update(['lake_id' => $mill->id]);
        $there->rack()->create(['lure' => 'jerkbait', 'color' => 'perch', 'depth_ft' => 4, 'retrieve' => 'jerk_pause', 'weight_oz' => 0.5]);
        $this->trip($wren, ['species' => 'northern_pike', 'date' => '2026-05-01'])->update(['lake_id' => $river->id]);
        $open = function (array $given) use ($wren): Trip {
            $this->post('/days', $given + ['date' => '2026-05-03', 'ask' => (string) Str::uuid()])->assertSessionHasNoErrors()->assertRedirect();

            return $wren->trips()->latest('id')->firstOrFail();
        };
        $day = $open(['lake' => $mill->id, 'time' => '06:30']);
        self::assertSame(['Mill pond', $mill->id, 'walleye', 4, '06:30'], [$day->name, $day->lake_id, $day->conditions['species'], $day->conditions['rods'], $day->conditions['time']]);
        self::assertSame(['normal_visibility_ft' => 7], $day->conditions['water'], 'the water of that day itself stays behind');
        self::assertSame([['jerkbait', 0.5]], $day->rack->map(static fn (RackSlot $r): array => [$r->lure, $r->weight_oz])->all());
        self::assertSame(['walleye', null], [$open(['name' => 'Somewhere'])->conditions['species'], $open(['name' => 'Somewhere'])->lake_id], 'without a lake, as on the last day of all');
        $new = $wren->lakes()->create(['name' => 'New lake', 'ramp_lat' => 40.1234, 'ramp_lon' => -90.0]);
        self::assertSame([40.12, 0], [$open(['lake' => $new->id])->conditions['lat'], $wren->trips()->latest('id')->firstOrFail()->rack()->count()], 'a lake says where it is');
        $this->get('/days')->assertOk()->assertSee('One of your lakes')->assertSee('Mill pond');
        $this->from('/days')->post('/days', ['name' => '', 'date' => '2026-05-03', 'time' => '25:00', 'ask' => (string) Str::uuid()])->assertSessionHasErrors(['name', 'time']);
        $this->actingAs($this->angler('other@old-eddy.example'))->post('/days', ['lake' => $mill->id, 'date' => '2026-05-03', 'ask' => (string) Str::uuid()])->assertNotFound();
    }

    public function test_what_is_tried_is_drawn_and_not_kept(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $before = $trip->fresh()?->getAttributes();
        $muddy = $this->getJson(route('try', $trip).'?said[water.visibility_ft]=0.7')->assertOk()->assertJsonPath('handles', fn (array $h): bool => $h['water.visibility_ft']['value'] === 0.7);
        $clear = $this->getJson(route('try', $trip).'?said[water.visibility_ft]=12&said[spot.deep_ft]=14&said[spot.shallow_ft]=3')->assertOk();
        self::assertNotSame($muddy->json('picture'), $clear->json('picture'));
        self::assertEquals([14, 3], [$clear->json('handles')['spot.deep_ft']['value'], $clear->json('handles')['spot.shallow_ft']['value']]);
        $this->getJson(route('try', $trip).'?said[water.temp_f]=140')->assertStatus(422)->assertJsonPath('errors.0.path', 'water.temp_f');
        $this->getJson(route('try', $trip).'?said[nothing]=1')->assertStatus(422)->assertJsonPath('errors.0.path', 'nothing');
        self::assertEquals($before, $trip->fresh()?->getAttributes());
        $this->actingAs($this->angler('other@old-eddy.example'))->getJson(route('try', $trip).'?said[water.temp_f]=60')->assertNotFound();
    }

    /** The picture's numbers are the plan's: a circle's half width is the reading's reach on the picture's own scale. */
    public function test_the_picture_is_drawn_to_the_scale_of_the_reading(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $trip->update(['conditions' => ['spot' => ['structure' => 'flat', 'cover' => ['reeds'], 'depth_ft' => [2, 8]], 'water' => ['level_ft' => 1.5]] + $trip->conditions]);
        $reading = WaterReader::read(Settler::settle($trip->told()));
        $answer = $this->getJson(route('conditions', $trip))->assertOk();
        $svg = (string) $answer->json('picture');
        $draw = new SliceDrawing(Scene::ofReading($reading));
        self::assertMatchesRegularExpression(sprintf('/rx="%s" ry="%s" class="strike"/', round($reading->strikeRadiusFt() * $draw->perFt(), 1), round($reading->strikeRadiusFt() * $draw->downPerFt(), 1)), $svg);
        self::assertStringContainsString(sprintf('y1="%s" y2="%1$s" class="map-level"', $draw->y(1.5)), $svg);
        $handle = $answer->json('handles')['spot.deep_ft'];
        self::assertEqualsWithDelta($draw->y(8.0), $draw->height * ($handle['zero'] + 8 * $handle['per']) / 100, 0.2);
        self::assertLessThan(25 * 1024, strlen($svg));
    }

    public function test_a_question_is_answered_in_the_anglers_units_and_an_assumption_is_said_by_a_tap(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->get(route('asks', $trip))->assertOk()->assertSee('How clear is the water?')->assertSee('muddy · 0.7 ft')->assertSee('not known');
        $this->get(route('read', $trip))->assertOk()->assertSee('data-chip="weather.wind_mph"', false)->assertSee('wind 5 mph');
        $wren->update(['units' => 'metric']);
        $this->actingAs($wren->refresh())->get(route('asks', $trip))->assertOk()->assertSee('muddy · 0.21 m');
        $this->get(route('read', $trip))->assertOk()->assertSee('wind 8 km/h');
    }

    public function test_a_changed_field_redraws_the_reading_and_is_kept(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $url = route('conditions.change', $trip);
        $this->patchJson($url, ['field' => 'water.temp_f', 'value' => '49'])->assertOk()->assertJsonPath(
            'reading',
            fn (string $html): bool => str_contains($html, 'early prespawn'),
        )->assertJsonPath('picture', fn (string $html): bool => str_contains($html, '<svg'))->assertJsonPath('handles', fn (array $handles): bool => $handles['water.temp_f']['value'] === 49);
        $this->patchJson($url, ['field' => 'spot.shallow_ft', 'value' => 3])->assertOk();
        $this->patchJson($url, ['field' => 'spot.deep_ft', 'value' => 9])->assertOk();
        $this->patchJson($url, ['field' => 'spot.cover', 'value' => ['rock', 'laydown']])->assertOk();
        $this->patchJson($url, ['field' => 'weather.wind_from_deg', 'value' => '225'])->assertOk();
        $this->patchJson($url, ['field' => 'water.inflow.running', 'value' => '1'])->assertOk();
        self::assertEquals([
            'species' => 'largemouth_bass', 'date' => '2026-04-20', 'water' => ['temp_f' => 49, 'inflow' => ['running' => true]],
            'spot' => ['depth_ft' => [3, 9], 'cover' => ['rock', 'laydown']], 'weather' => ['wind_from_deg' => 225],
        ], $trip->fresh()?->conditions);
        $this->patchJson(
            $url,
            ['field' => 'spot.shallow_ft', 'value' => 12],
        )->assertOk()->assertJsonPath('values', ['spot.shallow_ft' => 12, 'spot.deep_ft' => 12]);
        $this->patchJson($url, ['field' => 'water.temp_f', 'value' => null])->assertOk()->assertJsonPath(
            'assumed',
            fn (array $assumed): bool => isset($assumed['water.temp_f']),
        );
        $this->get(route('read', $trip))->assertOk()->assertSee('Temperature unknown');
    }

    public function test_values_come_in_the_anglers_units(): void
    {
        $wren = $this->angler();
        $wren->update(['units' => 'metric']);
        $this->actingAs($wren);
        $trip = $this->trip($wren);
        $this->patchJson(route('conditions.change', $trip), ['field' => 'water.temp_f', 'value' => 10])->assertOk();
        $this->patchJson(route('conditions.change', $trip), ['field' => 'water.visibility_ft', 'value' => 1])->assertOk();
        $this->patchJson(route('conditions.change', $trip), ['field' => 'weather.wind_mph', 'value' => 16.09344])->assertOk();
        self::assertEqualsWithDelta(50, $trip->fresh()?->conditions['water']['temp_f'], 1e-9);
        self::assertEqualsWithDelta(3.281, $trip->fresh()->conditions['water']['visibility_ft'], 1e-9);
        self::assertEqualsWithDelta(10, $trip->fresh()->conditions['weather']['wind_mph'], 1e-9);
    }

    public function test_bad_values_are_named_and_change_nothing(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['water' => ['temp_f' => 55]]);
        foreach ([
            ['water.temp_f', 140], ['water.visibility_ft', -1], ['date', '2026-02-30'], ['species', 'trout'], ['species', null],
            ['weather.wind_mph', 900], ['water.temp_f', 'warm'], ['spot.cover', ['carpet']], ['no.such.field', 1], ['user_id', 7],
        ] as [$field, $value]) {
            $answer = $this->patchJson(route('conditions.change', $trip), ['field' => $field, 'value' => $value])->assertStatus(422);
            self::assertStringStartsWith($field, $answer->json('errors.0.path'));
        }
        self::assertSame($trip->conditions, $trip->fresh()?->conditions);
    }

    public function test_two_tabs_lose_nothing_of_each_other(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $one = $wren->trips()->with('user')->findOrFail($trip->id);
        $two = $wren->trips()->with('user')->findOrFail($trip->id);
        $units = new \App\Show\Units(false);
        \App\Day\StateOfDay::change($one, 'water.temp_f', 55, $units);
        \App\Day\StateOfDay::change($two, 'weather.wind_mph', 9, $units);
        self::assertEquals(['temp_f' => 55], $trip->fresh()?->conditions['water']);
        self::assertEquals(['wind_mph' => 9], $trip->fresh()->conditions['weather']);
    }

    public function test_the_app_on_a_phone_opens_on_the_day_under_way(): void
    {
        $this->get(route('now'))->assertRedirect(route('sign-in'));
        $this->actingAs($wren = $this->angler());
        $this->get(route('now'))->assertRedirect(route('days'));
        Carbon::setTestNow('2026-04-20 15:00:00');
        $this->trip($wren, ['date' => '2026-04-19']);
        $this->get(route('now'))->assertRedirect(route('days'));
        $fished = $this->trip($wren);
        $later = $this->trip($wren);
        $this->get(route('now'))->assertRedirect(route('fish', $later));
        $stint = (string) Str::uuid();
        $this->log($fished, [$this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => 1])]);
        $this->get(route('now'))->assertRedirect(route('fish', $fished));
        $fished->update(['closed_at' => now()]);
        $this->get(route('now'))->assertRedirect(route('fish', $later));
        $this->actingAs($this->angler('other@old-eddy.example'))->get(route('now'))->assertRedirect(route('days'));
    }

    public function test_the_manifest_names_icons_that_are_there(): void
    {
        $manifest = json_decode((string) file_get_contents(public_path('manifest.webmanifest')), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(parse_url(route('now'), PHP_URL_PATH), $manifest['start_url']);
        self::assertContains('maskable', array_column($manifest['icons'], 'purpose'));
        foreach ($manifest['icons'] as $icon) {
            self::assertFileExists(public_path($icon['src']));
            if ($icon['type'] === 'image/png') {
                [$width, $height] = getimagesize(public_path($icon['src'])) ?: self::fail($icon['src']);
                self::assertSame($icon['sizes'], "{$width}x{$height}");
            }
        }
    }

    public function test_the_rack_takes_a_lure_once_and_lets_it_go(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->get(route('choose', $trip))->assertOk()->assertSee('The lineup')->assertSee('Why not the others');
        foreach ([1, 2] as $_) {
            $this->put(route('rack.rig', [$trip, 'spinnerbait']))->assertRedirect();
        }
        self::assertSame(1, RackSlot::query()->count());
        $this->get(route('choose', ['trip' => $trip, 'lure' => 'jerkbait']))->assertOk()->assertSee('s in reach of a fish');
        $this->delete(route('rack.unrig', [$trip, 'spinnerbait']))->assertRedirect();
        self::assertSame(0, RackSlot::query()->count());
        $this->put(route('rack.rig', [$trip, 'magic']))->assertNotFound();
        $this->putJson(route('rack.rig', [$trip, 'trolling_spoon']))->assertStatus(422);
    }

    public function test_other_peoples_days_do_not_exist(): void
    {
        $trip = $this->trip($this->angler());
        $this->actingAs($this->angler('marlo@old-eddy.example'));
        foreach (['read', 'choose', 'fish', 'confirm', 'sections', 'schools', 'bench'] as $page) {
            $this->get(route($page, $trip))->assertNotFound()->assertDontSee($trip->name);
        }
        $this->patchJson(route('conditions.change', $trip), ['field' => 'water.temp_f', 'value' => 50])->assertNotFound();
        $this->put(route('rack.rig', [$trip, 'spinnerbait']))->assertNotFound();
        $this->log($trip, [$this->stint((string) Str::uuid())])->assertNotFound();
        $this->post(route('close', $trip))->assertNotFound();
        $this->get('/days')->assertOk()->assertDontSee('A day');
        self::assertSame(0, $trip->stints()->count());
    }

    public function test_a_huge_body_is_refused(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->call(
            'POST',
            route('log', $trip),
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_CONTENT_LENGTH' => '5000000'],
            str_repeat('x', 10),
        )->assertStatus(413)->assertJsonPath('message', 'At most 512 KB can be sent here at once. Nothing was changed.');
    }

    public function test_a_dragged_cast_is_traced_by_the_core(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['water' => ['temp_f' => 66], 'spot' => ['structure' => 'flat', 'cover' => ['grass_edge'], 'depth_ft' => [3, 10]]]);
        $slow = $this->getJson(route('cast', [$trip, 'paddletail_swimbait', 'speed_ft_s' => 1]))->assertOk();
        $fast = $this->getJson(route('cast', [$trip, 'paddletail_swimbait', 'speed_ft_s' => 3]))->assertOk();
        self::assertGreaterThan((float) $fast->json('along'), (float) $slow->json('along'));
        self::assertGreaterThan((float) $slow->json('across'), (float) $slow->json('along'));
        self::assertStringContainsString('<svg', $slow->json('slice'));
        $this->getJson(route('cast', [$trip, 'paddletail_swimbait', 'cast_ft' => 9000]))->assertStatus(422)->assertJsonValidationErrors('cast_ft');
        $this->getJson(route('cast', [$trip, 'magic']))->assertNotFound();
    }

    public function test_bench_and_schools_show_todays_water(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['water' => ['visibility_ft' => 0.6]]);
        $this->get(route('bench', $trip))->assertOk()->assertSee('banana plug')->assertSee('hollow frog');
        $this->get(route('schools', $trip))->assertOk()->assertSee('dark contrast')->assertSee('black and blue');
    }

    public function test_sections_are_kept_compared_and_checked(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren, ['water' => ['temp_f' => 70]]);
        $this->get(route('sections', $trip))->assertOk()->assertSee('No section yet');
        $this->post(
            route('sections.keep', $trip),
            ['sections' => [
                ['name' => 'Lower end', 'temp' => '74', 'visibility' => ''],
                ['name' => 'Upper arm', 'temp' => '64', 'visibility' => '2'],
                ['name' => '', 'temp' => '', 'visibility' => ''],
            ]],
        )->assertRedirect();
        $this->get(route('sections', $trip))->assertOk()->assertSee('postspawn')->assertSee('spawn')->assertSee('stained');
        $this->from(route('sections', $trip))->post(
            route('sections.keep', $trip),
            ['sections' => [['name' => 'Boiling', 'temp' => '140', 'visibility' => '']]],
        )->assertSessionHasErrors();
        self::assertCount(2, $trip->fresh()?->conditions['sections']);
        $this->get(route('sections', $trip))->assertSee('value="Boiling"', false);
    }

    public function test_a_rule_is_a_click_away(): void
    {
        $this->actingAs($this->angler());
        $this->get('/rules/W6')->assertOk()->assertSee('common practice')->assertSee('very back of the creek');
        $this->get('/rules/W8')->assertOk()->assertSee('Poole');
        $this->get('/rules/Z99')->assertNotFound();
        $trip = $this->trip($this->angler('marlo@old-eddy.example'), ['weather' => ['front' => 'post_1']]);
        $this->get(route('rule.today', [$trip, 'W14']))->assertNotFound();
        $this->actingAs($trip->user)->get(route('rule.today', [$trip, 'W14']))->assertOk()->assertSee('shrank the strike zone')->assertSee('front.');
        $this->get(route('rule.today', [$trip, 'W6']))->assertOk()->assertSee('nothing to say');
    }

    public function test_pages_load_from_their_own_origin_only(): void
    {
        $this->get('/')->assertOk()->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertStringContainsString("default-src 'self'", (string) $this->get('/')->headers->get('Content-Security-Policy'));
    }

    public function test_a_change_is_tried_on_the_lures_and_the_day_is_as_it_was(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $before = $trip->fresh()?->getAttributes();
        $page = $this->get(route('choose', $trip))->assertOk();
        self::assertSame(3, substr_count((string) $page->getContent(), '<li class="worth'));
        preg_match_all('~<figure class="slice small">.*?</figure>~s', (string) $page->getContent(), $small);
        self::assertCount(3, $small[0]);
        self::assertLessThan(6 * 1024, max(array_map(strlen(...), $small[0])), 'small slices are small to send');
        $then = $this->get(route('choose', ['trip' => $trip, 'if' => 'colder']))->assertOk()->assertSee('As if: five degrees colder')->assertDontSee('Rig it</button>', false);
        self::assertNotSame($page->viewData('plan')->reading->day->tempF, $then->viewData('plan')->reading->day->tempF);
        $this->get(route('choose', ['trip' => $trip, 'if' => 'nonsense']))->assertOk()->assertDontSee('As if');
        $other = $page->viewData('plan')->lineup[1]->lure->key;
        $this->get(route('choose', ['trip' => $trip, 'beside' => $other]))->assertOk()->assertSee('path-beside');
        self::assertEquals($before, $trip->fresh()?->getAttributes());
    }

    public function test_a_forecast_dropped_on_the_page_fills_the_day_and_can_be_taken_away(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $text = (string) file_get_contents(public_path('forecast-example.csv'));
        $this->putJson(route('forecast', $trip), ['text' => $text])->assertOk()->assertJsonPath('hours', 15)->assertJsonPath('picture', fn (string $svg): bool => str_contains($svg, 'Sky rain'));
        $this->get(route('read', $trip))->assertOk()->assertSee('15 hours are forecast')->assertDontSee('data-chip="weather.sky"', false);
        $hours = $this->get(route('choose', $trip))->assertOk()->viewData('hours');
        self::assertNotSame(array_column($hours, 'mood'), array_column(Kept::hours(Settler::settle($trip->refresh()->told())), 'mood'), 'the hours follow the forecast');
        $this->putJson(route('forecast', $trip), ['text' => 'no forecast'])->assertStatus(422)->assertJsonPath('errors.0.path', 'forecast');
        $this->putJson(route('forecast', $trip), ['text' => "time,sky\n06:00,purple"])->assertStatus(422);
        self::assertCount(15, $trip->refresh()->conditions['forecast'], 'what stood stands');
        $this->putJson(route('forecast', $trip), ['text' => ''])->assertOk()->assertJsonPath('hours', 0);
        self::assertArrayNotHasKey('forecast', $trip->refresh()->conditions);
    }

    /** Its columns of JSON are taken apart once: what is written is what is read next. */
    public function test_conditions_that_change_are_read_as_they_are_now(): void
    {
        $trip = $this->trip($this->angler());
        self::assertSame('2026-04-20', $trip->conditions['date']);
        $trip->conditions = ['date' => '2026-04-21'] + $trip->conditions;
        self::assertSame('2026-04-21', $trip->conditions['date']);
        $trip->save();
        Trip::query()->whereKey($trip->id)->update(['conditions' => json_encode(['date' => '2026-04-22'] + $trip->conditions)]);
        self::assertSame('2026-04-22', $trip->refresh()->conditions['date']);
    }
}
