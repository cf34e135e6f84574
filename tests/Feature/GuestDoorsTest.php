<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Log\EventTaker;
use App\Models\Guest;
use App\Models\LakeSpot;
use App\Models\Share;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A guest logs into somebody else's day: he changes only what is his, learns nothing of where the owner's places lie, and comes no way back. */
final class GuestDoorsTest extends WaterTestCase
{
    /** Numbers of the owner's places as they are in no other number of a page. */
    private const PLACES = [[36.9173521, -80.1362847], [36.9181112, -80.1353334]];

    private User $wren;

    private User $tess;

    private Trip $day;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler()->refresh();
        $this->tess = $this->angler('tess@old-eddy.example')->refresh();
        $lake = $this->wren->lakes()->create(['name' => 'Alder pond', 'ramp_lat' => 36.9199991, 'ramp_lon' => -80.1344441]);
        foreach (self::PLACES as $i => [$lat, $lon]) {
            $lake->spots()->create([
                'name' => "Place {$i}", 'lat' => $lat, 'lon' => $lon, 'structure' => 'point',
                'cast_line' => ['lat' => $lat, 'lon' => $lon, 'bearing_deg' => 41.5, 'length_ft' => 63.2, 'from' => 'fish', 'at' => null],
            ]);
        }
        $this->day = $this->trip($this->wren, ['lat' => 36.9155557, 'lon' => -80.1377773]);
        $this->day->update(['lake_id' => $lake->id]);
        Guest::query()->create(['trip_id' => $this->day->id, 'user_id' => $this->tess->id, 'name' => 'Tess']);
    }

    public function test_no_entry_of_any_kind_changes_what_another_logged_whatever_ids_it_mixes(): void
    {
        [$stint, $fish, $line] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $this->actingAs($this->wren)->log($this->day, [
            $first = $this->stint($stint, 'Place 0'), $this->event('casts', ['stint' => $stint, 'count' => 9]),
            $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
        ])->assertOk();
        $before = $this->owners($stint);
        [$hisStint, $hisFish] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->as($this->tess)->log($this->day, [
            $own = $this->stint($hisStint, 'Place 0'), $this->event('contact', ['stint' => $hisStint, 'contact' => $hisFish, 'contact_kind' => 'caught']),
        ])->assertOk();
        $tried = 0;
        foreach (EventTaker::kinds() as $kind) {
            foreach ([$stint, $hisStint, null] as $ofStint) {
                foreach ([$fish, $hisFish, (string) Str::uuid(), null] as $ofContact) {
                    foreach ([$first['id'], $own['id']] as $target) {
                        $this->log($this->day, [$this->event($kind, array_filter(['stint' => $ofStint, 'contact' => $ofContact, 'target' => $target] + self::more($kind, $line), static fn (mixed $v): bool => $v !== null))])->assertOk();
                        self::assertEquals($before, $this->owners($stint), "{$kind} with the stint {$ofStint} and the contact {$ofContact}");
                        $tried++;
                    }
                }
            }
            // And what he may take back leads nowhere else either.
            foreach (DB::table('log_events')->where('user_id', $this->tess->id)->where('undone', false)->where('kind', $kind)->pluck('id') as $id) {
                $this->log($this->day, [$this->event('undo', ['target' => $id])])->assertOk();
                self::assertEquals($before, $this->owners($stint), "{$kind} taken back");
            }
        }
        self::assertSame(24 * count(EventTaker::kinds()), $tried);
        self::assertSame(0, $this->day->disputes()->count());
        self::assertSame(['Tess'], array_values(array_unique($this->day->stints()->where('id', '!=', $stint)->pluck('angler')->all())), 'under no other name');
    }

    public function test_a_line_that_a_guest_sets_is_his_whatever_name_he_types(): void
    {
        $line = (string) Str::uuid();
        $this->as($this->tess)->log($this->day, [$this->event('tow', ['stint' => $line, 'angler' => 'Wren'] + self::more('tow', $line))])->assertJsonPath('events.0.became', 'taken');
        self::assertSame('Tess', $this->day->stints()->findOrFail($line)->angler);
    }

    public function test_nobody_else_is_told_where_the_owners_places_lie(): void
    {
        $stint = (string) Str::uuid();
        $this->actingAs($this->wren)->log($this->day, [$this->stint($stint, 'Place 0'), $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught', 'lat' => 36.9173521, 'lon' => -80.1362847])])->assertOk();
        $share = Share::query()->create(['trip_id' => $this->day->id, 'token' => str_repeat('w', 40), 'spots' => 'hidden']);
        $seen = [];
        $this->as($this->tess);
        foreach (['fish', 'ahead', 'ribbon', 'crew'] as $route) {
            $seen[$route] = $this->get(route($route, $this->day))->assertOk()->getContent();
        }
        $seen['log'] = $this->log($this->day, [])->assertOk()->getContent();
        $this->post(route('crew.keep', $this->day))->assertRedirect();
        $own = $this->tess->trips()->sole();
        $seen['copy'] = $this->get(route('look-back.day', $own))->assertOk()->getContent().json_encode($own->conditions);
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        foreach (['shared', 'shared.picture', 'shared.text'] as $route) {
            $seen[$route] = $this->get(route($route, $share->token))->assertOk()->getContent();
        }
        $seen['visitor'] = $this->get(route('sign-in'))->assertOk()->getContent().$this->get(route('first-look'))->getContent();
        foreach ($seen as $where => $text) {
            preg_match_all('/(36|80)[.,]\d{3,}/', (string) $text, $found);
            self::assertSame([], array_values(array_filter($found[0], static fn (string $n): bool => preg_match('/^(36[.,]91|80[.,]13)/', $n) === 1)), "{$where} says where something lies");
            self::assertStringNotContainsString('Place 1', (string) $text, "{$where} names a place that was not fished");
        }
        $lines = $this->as($this->tess)->log($this->day, [])->json('state.lines');
        self::assertSame(['Place 0' => ['bearing_deg' => 41.5, 'length_ft' => 63.2]], $lines, 'which way and how far, and only where the day was fished');
        self::assertSame(36.9181112, $this->as($this->wren)->log($this->day, [])->json('state.lines')['Place 1']['lat'], 'the owner knows where');
    }

    public function test_who_was_sent_ashore_finds_no_way_back_by_the_code_he_knows(): void
    {
        $this->actingAs($this->wren)->post(route('crew.ask', $this->day));
        $code = (string) $this->day->refresh()->join_code;
        $this->delete(route('crew.ashore', [$this->day, $this->day->guests()->sole()->id]))->assertRedirect();
        $this->as($this->tess)->post(route('join.try'), ['code' => $code, 'name' => 'Tess'])->assertSessionHasErrors('code');
        self::assertSame(0, $this->day->guests()->count());
        // Nor does a new one take him in whom it was not given to: it is another.
        $this->as($this->wren)->post(route('crew.ask', $this->day));
        self::assertNotSame($code, $this->day->refresh()->join_code);
    }

    public function test_a_closed_day_takes_what_was_fished_before_for_a_week_and_nothing_else(): void
    {
        $stint = fn (string $at): array => ['at' => $at] + $this->stint((string) Str::uuid(), 'Place 0');
        $this->travelTo('2026-04-20 18:00:00');
        $this->day->update(['closed_at' => '2026-04-20 15:00:00', 'conditions' => ['timezone' => 'UTC'] + $this->day->conditions]);
        $this->as($this->tess)->log($this->day, [$stint('2026-04-20T08:00:00')])->assertJsonPath('events.0.became', 'taken');
        $late = $this->log($this->day, [$stint('2026-04-20T16:00:00')])->assertJsonPath('events.0.became', 'refused');
        self::assertStringContainsString('closed', (string) $late->json('events.0.message'));
        $this->travelTo('2026-06-20 18:00:00');
        $this->log($this->day, [$stint('2026-04-20T08:10:00')])->assertJsonPath('events.0.became', 'refused');
        $this->as($this->wren)->log($this->day, [$stint('2026-04-20T08:20:00')])->assertJsonPath('events.0.became', 'taken');
    }

    /** @return array<string, mixed> what makes an entry of a kind whole */
    private static function more(string $kind, string $line): array
    {
        $shown = ['spot' => 'Place 0', 'lure' => 'spinnerbait', 'color' => 'bright', 'depth_ft' => 3, 'retrieve' => 'medium'];

        return match ($kind) {
            'stint' => ['stint' => (string) Str::uuid(), 'angler' => 'Wren'] + $shown,
            'tow' => ['stint' => $line, 'line' => 'port_inside', 'side' => 'port', 'station' => 'inside', 'carrier' => 'flat', 'let_out_ft' => 80] + $shown,
            'casts' => ['count' => 3], 'contact' => ['contact_kind' => 'lost'],
            'detail' => ['fields' => ['length' => 21, 'kind' => 'lost'], 'was' => [], 'units' => 'us'],
            'amend' => ['fields' => ['angler' => 'Wren', 'casts' => 77, 'light' => 'shade'], 'was' => [], 'units' => 'us'],
            'turn' => ['what' => 'light'], 'condition' => ['path' => 'water.temp_f', 'value' => '80'], 'manner' => ['goal' => 'big_fish'],
            'pick' => ['spot' => 'Place 1'], 'line' => ['spot' => 'Place 0', 'lat' => 36.9, 'lon' => -80.1, 'bearing_deg' => 10, 'length_ft' => 50],
            default => [],
        };
    }

    /** @return array<string, mixed> all that is the owner's of the day, as it stands */
    private function owners(string $stint): array
    {
        return [
            DB::table('stints')->where('id', $stint)->get()->toArray(), DB::table('contacts')->where('stint_id', $stint)->get()->toArray(),
            DB::table('trips')->where('id', $this->day->id)->get(['conditions', 'goal', 'practice', 'beat_lb', 'here', 'spread'])->toArray(),
            LakeSpot::query()->orderBy('id')->get(['name', 'cast_line', 'lat', 'lon'])->toArray(), DB::table('log_events')->whereNull('user_id')->get(['id', 'undone'])->toArray(),
        ];
    }

    private function as(User $who): self
    {
        $this->app['auth']->forgetGuards();

        return $this->actingAs($who->refresh());
    }
}
