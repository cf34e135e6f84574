<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Code;
use App\Models\DemoCopy;
use App\Models\Device;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

final class AccountTest extends WaterTestCase
{
    public function test_register_sign_out_and_sign_in(): void
    {
        $this->post('/register', ['name' => 'Wren', 'email' => 'wren@old-eddy.example', 'password' => 'long-enough'])->assertRedirect('/days');
        $this->assertAuthenticated();
        $this->post('/sign-out')->assertRedirect('/');
        $this->assertGuest();
        $this->post('/sign-in', ['email' => 'wren@old-eddy.example', 'password' => 'long-enough'])->assertRedirect('/days');
        $this->assertAuthenticated();
        self::assertNotSame('long-enough', User::query()->firstOrFail()->getAuthPassword());
    }

    public function test_what_is_wrong_is_said_by_field_and_what_was_typed_stays(): void
    {
        $this->angler();
        $this->from('/register')->post('/register', ['name' => 'Marlo', 'email' => 'wren@old-eddy.example', 'password' => 'short'])
            ->assertRedirect('/register')->assertSessionHasErrors(['email', 'password']);
        $this->get('/register')->assertSee('value="Marlo"', false)->assertSee(
            'There is an account with this address already',
        )->assertDontSee('value="short"', false);
    }

    public function test_sign_in_is_throttled(): void
    {
        $this->angler();
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/sign-in', ['email' => 'wren@old-eddy.example', 'password' => 'wrong'])->assertStatus(422);
        }
        $this->postJson('/sign-in', ['email' => 'wren@old-eddy.example', 'password' => 'long-enough'])->assertStatus(429)->assertJsonPath(
            'errors.email.0',
            fn (string $m): bool => str_contains($m, 'Too many tries'),
        );
        $this->assertGuest();
    }

    public function test_look_around_with_a_copy_of_the_demo_that_is_ones_own(): void
    {
        $this->seed(DatabaseSeeder::class);
        $demo = User::query()->firstOrFail();
        $days = $demo->trips()->count();
        $this->seed(DatabaseSeeder::class);
        self::assertSame($days, $demo->trips()->count(), 'the demo is loaded once');
        self::assertGreaterThan(30, $days, 'two seasons');
        $all = static fn (User $of): array => [
            $of->trips()->orderBy('day')->orderBy('name')->get(['name', 'day', 'stage', 'casts_made', 'contacts_made', 'best_lb', 'notes', 'here'])->toArray(),
            DB::table('stints')->join('trips', 'trips.id', '=', 'trip_id')->leftJoin('spots', 'spots.id', '=', 'spot_id')->leftJoin('lakes', 'lakes.id', '=', 'spots.lake_id')
                ->where('trips.user_id', $of->id)->orderBy('started_at')->orderBy('stints.seq')->orderBy('stints.spot')->orderBy('stints.lure')->orderBy('cast_count')
                ->get(['started_at', 'spot', 'spots.name', 'lakes.user_id as whose', 'lure', 'color', 'cast_count', 'followed'])->map(static fn (object $s): array => ['whose' => $s->whose === null ? null : $s->whose === $of->id] + (array) $s)->all(),
            DB::table('contacts')->join('stints', 'stints.id', '=', 'stint_id')->join('trips', 'trips.id', '=', 'stints.trip_id')->where('trips.user_id', $of->id)->whereColumn('contacts.trip_id', 'stints.trip_id')
                ->orderBy('at')->orderBy('at_cast')->orderBy('kind')->orderBy('stints.spot')->get(['at', 'kind', 'contacts.length_in', 'stints.lure'])->toArray(),
            ...array_map(static fn (string $table): int => DB::table($table)->join('trips', 'trips.id', '=', 'trip_id')->where('trips.user_id', $of->id)->count(), ['log_events', 'rack_slots', 'turns', 'fixes', 'level_sums', 'tallies', 'stops', 'spot_sums']),
            $of->items()->orderBy('lure')->orderBy('color')->get(['lure', 'color', 'number'])->toArray(), DB::table('lakes')->where('user_id', $of->id)->orderBy('name')->selectRaw('name, deepest_ft, md5(grid) as grid, (select count(*) from spots where lake_id = lakes.id) as spots')->get()->toArray(), $of->box,
        ];
        $before = $all($demo);
        $this->post('/look-around')->assertRedirect('/days');
        $mine = User::query()->latest('id')->firstOrFail();
        self::assertNotSame($demo->id, $mine->id);
        self::assertEquals($before, $all($mine));
        $this->get('/days')->assertOk()->assertSee('Ladle Creek arm')->assertSee('Under way');
        // What one visitor does, neither the demo nor the next one sees.
        $open = $mine->trips()->whereNull('closed_at')->firstOrFail();
        $this->log($open, [$this->event('remove', ['stint' => $open->stints()->firstOrFail()->id])])->assertJsonPath('events.0.became', 'taken');
        foreach (['read', 'choose', 'where', 'fish', 'confirm', 'look-back.day', 'before', 'entries'] as $page) {
            $this->get(route($page, $open))->assertOk();
        }
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => $demo->email, 'password' => DatabaseSeeder::PASSWORD])->assertRedirect('/days');
        $next = User::query()->latest('id')->firstOrFail();
        self::assertNotContains($next->id, [$mine->id, $demo->id]);
        self::assertEquals($before, $all($next));
        self::assertEquals($before, $all($demo));
        // Where there are too many, the oldest goes; a day later all are gone, and the demo is not.
        $this->post('/sign-out');
        $this->travel(1)->minutes();
        $this->post('/look-around');
        $newest = User::query()->latest('id')->firstOrFail();
        self::assertSame(1, DemoCopy::tidy(2));
        self::assertSame([$demo->id, $next->id, $newest->id], User::query()->orderBy('id')->pluck('id')->all());
        $this->travel(25)->hours();
        self::assertSame(2, DemoCopy::tidy());
        self::assertSame([$demo->id], User::query()->pluck('id')->all());
        self::assertEquals($before, $all($demo));
    }

    public function test_pages_ask_for_a_sign_in(): void
    {
        $trip = $this->trip($this->angler());
        foreach (['/days', '/settings', "/days/{$trip->id}/read", "/days/{$trip->id}/fish"] as $page) {
            $this->get($page)->assertRedirect('/');
        }
        $this->postJson("/days/{$trip->id}/log", ['events' => []])->assertUnauthorized();
        $this->getJson('/token')->assertUnauthorized();
    }

    public function test_settings_keep_units_and_schools(): void
    {
        $this->actingAs($wren = $this->angler());
        $this->post(
            '/settings',
            ['units' => 'metric', 'back' => 'settings', 'schools' => ['mud_color' => 'dark_contrast', 'tempo' => '']],
        )->assertRedirect('/settings');
        self::assertTrue($wren->fresh()?->isMetric());
        self::assertSame(['mud_color' => 'dark_contrast'], $wren->fresh()->schools()->toArray());
        $this->from('/settings')->post('/settings', ['units' => 'cubits', 'schools' => ['tempo' => 'nap']])->assertSessionHasErrors(['units', 'schools.tempo']);
        $trip = $this->trip($wren->fresh(), ['water' => ['temp_f' => 50]]);
        $this->actingAs($wren->fresh())->get("/days/{$trip->id}/read")->assertOk()->assertSee('value="10"', false);
    }

    public function test_name_and_address_are_changed_by_whoever_knows_the_password(): void
    {
        $this->angler('bob@old-eddy.example');
        $this->actingAs($wren = $this->angler()->refresh());
        $new = ['name' => 'Jenny', 'email' => 'jenny@old-eddy.example', 'password' => 'long-enough'];
        $this->from(route('account'))->patch(route('account.change'), ['password' => 'wrong-one'] + $new)->assertSessionHasErrors('password');
        $this->patch(route('account.change'), ['email' => 'bob@old-eddy.example'] + $new)->assertSessionHasErrors('email');
        self::assertSame('Wren', $wren->refresh()->name);
        $this->patch(route('account.change'), $new)->assertRedirect(route('account'));
        self::assertSame(['Jenny', 'jenny@old-eddy.example'], [$wren->refresh()->name, $wren->email]);
        $this->patch(route('account.change'), ['name' => 'Jen'] + $new)->assertSessionHasNoErrors();
    }

    public function test_a_device_is_signed_out_from_another_and_stays_out(): void
    {
        $this->angler();
        [$phone, $boat] = [$this->device('Mobile'), $this->device('Desktop')];
        foreach ([$phone, $boat] as $device) {
            $this->on($device)->get('/days')->assertOk();
        }
        $wren = User::query()->firstOrFail();
        self::assertSame(['A phone', 'A computer'], $wren->devices()->orderBy('id')->pluck('name')->all());
        $this->on($boat)->get(route('account'))->assertOk()->assertSee('this one')->assertSee('Sign out there');
        $this->on($boat)->delete(route('account.device', $wren->devices()->where('name', 'A phone')->value('id')))->assertRedirect(route('account'));
        $this->on($boat)->get('/days')->assertOk();
        $this->on($phone)->get('/days')->assertRedirect(route('sign-in'));
        $this->on($phone)->getJson('/token')->assertUnauthorized();
        // With what it remembers alone it does not come back either.
        unset($phone[config('session.cookie')]);
        $this->on($phone)->get('/days')->assertRedirect(route('sign-in'));
        unset($phone['device']);
        $this->on($phone)->get('/days')->assertRedirect(route('sign-in'));
        $this->on($boat)->post('/sign-out')->assertRedirect('/');
        self::assertSame(0, $wren->devices()->count());
    }

    public function test_a_session_from_before_devices_were_noted_goes_on_and_is_noted(): void
    {
        $this->actingAs($wren = $this->angler()->refresh());
        self::assertSame(0, $wren->devices()->count());
        $this->get('/days')->assertOk();
        $this->get('/days')->assertOk();
        self::assertSame(1, $wren->devices()->count(), 'noted once');
        self::assertNotSame('', (string) session('device'));
        $device = $wren->devices()->sole();
        self::assertTrue($device->isThis((string) session('device')));
        self::assertStringNotContainsString((string) session('device'), (string) json_encode($device->getAttributes()), 'kept as its hash alone');
        $device->delete();
        $this->get('/days')->assertRedirect(route('sign-in'));
    }

    public function test_another_who_signs_in_on_a_device_has_it_to_himself(): void
    {
        $wren = $this->angler();
        $bob = $this->angler('bob@old-eddy.example');
        $shared = $this->device('Mobile');
        $shared = $this->cookiesOf($this->on($shared)->post('/sign-out')) + $shared;
        $answer = $this->on($shared)->post('/sign-in', ['email' => $bob->email, 'password' => 'long-enough'])->assertRedirect('/days');
        $shared = $this->cookiesOf($answer) + $shared;
        self::assertSame([0, 1], [$wren->devices()->count(), $bob->devices()->count()]);
        $this->on($shared)->get(route('account'))->assertOk()->assertSee($bob->email)->assertDontSee($wren->email);
        // What one of them shows opens nothing of the other's.
        $token = Str::random(40);
        Device::enter($wren, $token, 'Desktop');
        self::assertSame([true, false], [Device::isIn($wren, $token), Device::isIn($bob, $token)]);
        $this->travel(2)->days();
        self::assertTrue(Device::isIn($wren, $token));
        self::assertSame(now()->toDateString(), $wren->devices()->sole()->seen_on->toDateString(), 'seen today');
        Device::leaveAllBut($wren, 'none of these');
        self::assertFalse(Device::isIn($wren, $token));
        self::assertSame(1, $bob->devices()->count());
    }

    public function test_a_new_password_signs_out_everywhere_else(): void
    {
        $this->angler();
        [$phone, $boat] = [$this->device('Mobile'), $this->device('Desktop')];
        $change = ['current_password' => 'long-enough', 'new_password' => 'quite another one'];
        $this->on($boat)->put(route('account.password'), ['current_password' => 'wrong-one'] + $change)->assertSessionHasErrors('current_password');
        $this->on($boat)->put(route('account.password'), ['new_password' => 'password1'] + $change)->assertSessionHasErrors('new_password');
        $this->on($phone)->get('/days')->assertOk();
        $boat = $this->cookiesOf($this->on($boat)->put(route('account.password'), $change)->assertRedirect(route('account'))) + $boat;
        $this->on($boat)->get('/days')->assertOk();
        $this->on($phone)->get('/days')->assertRedirect(route('sign-in'));
        $this->on([])->post('/sign-in', ['email' => 'wren@old-eddy.example', 'password' => 'long-enough'])->assertSessionHasErrors('email');
        $this->on([])->post('/sign-in', ['email' => 'wren@old-eddy.example', 'password' => 'quite another one'])->assertRedirect('/days');
    }

    public function test_a_forgotten_password_is_set_with_a_code_once(): void
    {
        $wren = $this->angler();
        $phone = $this->device('Mobile');
        $this->artisan('eddy:code', ['email' => 'nobody@old-eddy.example'])->assertExitCode(2);
        $code = Code::make($wren);
        $try = fn (string $code, string $email = 'wren@old-eddy.example'): mixed => $this->on([])->post(route('forgotten.try'), ['email' => $email, 'code' => $code, 'password' => 'quite another one']);
        $try('NOTTHECODE')->assertSessionHasErrors('code');
        $try($code, 'nobody@old-eddy.example')->assertSessionHasErrors('code');
        $this->on($phone)->get('/days')->assertOk();
        $try(strtolower($code))->assertRedirect('/days');
        $this->on($phone)->get('/days')->assertRedirect(route('sign-in'));
        $try($code)->assertSessionHasErrors('code');
        $second = Code::make($wren);
        for ($i = 0; $i < 5; $i++) {
            $try('NOTTHECODE');
        }
        $try($second)->assertSessionHasErrors('code');
        $third = Code::make($wren);
        $this->travel(Code::MINUTES + 1)->minutes();
        $try($third)->assertSessionHasErrors('code');
        $this->travelBack();
        $this->artisan('eddy:code', ['email' => 'wren@old-eddy.example'])->expectsOutputToContain('Good for 60 minutes')->assertExitCode(0);
    }

    public function test_an_account_ends_with_everything_in_it_and_nothing_else(): void
    {
        $bob = $this->angler('bob@old-eddy.example');
        $kept = $this->trip($bob);
        $this->actingAs($wren = $this->angler()->refresh());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $this->log($trip, [$this->stint($stint), $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught'])])->assertOk();
        $wren->lakes()->create(['name' => 'Alder pond'])->spots()->create(['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1]);
        $wren->items()->create(['lure' => 'tube']);
        $this->delete(route('account.end'), ['end_password' => 'wrong-one'])->assertSessionHasErrors('end_password');
        $this->delete(route('account.end'), ['end_password' => 'long-enough'])->assertRedirect(route('sign-in'));
        $this->assertGuest();
        foreach (['stints', 'contacts', 'log_events', 'lakes', 'spots', 'box_items', 'devices'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        self::assertSame([$kept->id], DB::table('trips')->pluck('id')->all());
    }

    public function test_the_demos_account_is_nobodys_to_change(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->post('/look-around');
        $this->get(route('account'))->assertOk()->assertSee('yours alone until tomorrow')->assertDontSee('Delete my account');
        $password = DatabaseSeeder::PASSWORD;
        $this->patch(route('account.change'), ['name' => 'x', 'email' => 'x@old-eddy.example', 'password' => $password])->assertForbidden();
        $this->put(route('account.password'), ['current_password' => $password, 'new_password' => 'quite another one'])->assertForbidden();
        $this->delete(route('account.end'), ['end_password' => $password])->assertForbidden();
    }

    /** @return array<string, string> the cookies of a device that signs in */
    private function device(string $browser): array
    {
        $answer = $this->on([])->withHeader('User-Agent', $browser)->post('/sign-in', ['email' => 'wren@old-eddy.example', 'password' => 'long-enough'])->assertRedirect('/days');

        return $this->cookiesOf($answer);
    }

    /** @return array<string, string> */
    private function cookiesOf(TestResponse $answer): array
    {
        $cookies = [];
        foreach ($answer->headers->getCookies() as $cookie) {
            $cookies[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $cookies;
    }

    /** @param  array<string, string>  $cookies  as they were set */
    private function on(array $cookies): self
    {
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        $this->defaultCookies = $this->unencryptedCookies = [];

        return $this->withUnencryptedCookies($cookies);
    }
}
