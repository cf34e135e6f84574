<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Log\Joining;
use App\Models\Contact;
use App\Models\Stint;
use App\Models\Trip;
use App\Models\User;
use Illuminate\Support\Str;

/** One boat, one log, several thumbs (G1-G4, G7). */
final class CrewTest extends WaterTestCase
{
    private User $wren;

    private Trip $day;

    protected function setUp(): void
    {
        parent::setUp();
        $this->wren = $this->angler()->refresh();
        $this->day = $this->trip($this->wren);
    }

    public function test_a_guest_comes_aboard_without_an_account_and_logs_under_his_name(): void
    {
        $code = $this->code();
        // The steps of a day are for who is aboard.
        $this->get(route('join', $code))->assertOk()->assertSee('A day')->assertSee('Wren')->assertDontSee(route('fish', $this->day));
        $this->post(route('join.try'), ['code' => strtolower(substr($code, 0, 4).' '.substr($code, 4)), 'name' => 'Tess'])->assertRedirect(route('fish', $this->day));
        $this->get(route('fish', $this->day))->assertOk()->assertDontSee('Tied anew')->assertSee('Crew');
        $stint = (string) Str::uuid();
        $this->log($this->day, [
            $this->stint($stint, 'Wall') + ['angler' => 'Somebody else'], $this->event('casts', ['stint' => $stint, 'count' => 7]),
            $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
        ])->assertOk();
        $tess = User::query()->where('guest', true)->sole();
        self::assertSame(['Tess', $tess->id, 7], [($kept = Stint::query()->findOrFail($stint))->angler, $kept->user_id, $kept->cast_count]);
        self::assertTrue($tess->ends_at?->isFuture());
        $this->actingAs($this->wren)->get(route('fish', $this->day))->assertOk()->assertSee('Tess');
    }

    public function test_a_code_is_refused_when_it_is_over_taken_back_or_the_day_is_closed(): void
    {
        $code = $this->code();
        foreach ([
            static fn (Trip $day) => $day->update(['closed_at' => now()]),
            static fn (Trip $day) => Trip::query()->whereKey($day->id)->update(['closed_at' => null, 'join_until' => now()->subMinute()]),
            static fn (Trip $day) => Joining::close($day),
        ] as $over) {
            $over($this->day);
            $this->post(route('join.try'), ['code' => $code, 'name' => 'Tess'])->assertSessionHasErrors('code');
        }
        $this->post(route('join.try'), ['code' => 'XXXXXXXX', 'name' => 'Tess'])->assertSessionHasErrors('code');
        $this->assertGuest();
        self::assertSame(0, User::query()->where('guest', true)->count(), 'nobody is made for nothing');
    }

    public function test_nobody_aboard_is_called_like_another(): void
    {
        $code = $this->code();
        $this->post(route('join.try'), ['code' => $code, 'name' => 'wren'])->assertSessionHasErrors('name');
        $this->post(route('join.try'), ['code' => $code, 'name' => 'Tess'])->assertRedirect();
        $this->actingAs($this->angler('bob@old-eddy.example')->refresh());
        $this->post(route('join.try'), ['code' => $code, 'name' => 'TESS'])->assertSessionHasErrors('name');
        $this->post(route('join.try'), ['code' => $code, 'name' => 'Bob'])->assertRedirect(route('fish', $this->day));
        self::assertSame(['Wren', 'Tess', 'Bob'], $this->day->refresh()->aboard());
        $this->get(route('days'))->assertSee('aboard with Wren');
        $this->get(route('now'))->assertRedirect(route('fish', $this->day));
    }

    public function test_what_the_owners_phone_logged_for_somebody_is_his_when_he_comes(): void
    {
        $stint = (string) Str::uuid();
        $this->actingAs($this->wren)->log($this->day, [$this->stint($stint) + ['angler' => 'Tess']])->assertOk();
        $tess = $this->aboard('Tess');
        $this->as($tess)->log($this->day, [$this->event('casts', ['stint' => $stint, 'count' => 3])])->assertOk();
        self::assertSame([$tess->id, 3], [Stint::query()->findOrFail($stint)->user_id, Stint::query()->findOrFail($stint)->cast_count]);
    }

    public function test_a_guest_changes_only_what_he_logged_and_the_owner_all_of_it(): void
    {
        [$mine, $his, $fish] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $this->actingAs($this->wren)->log($this->day, [$first = $this->stint($mine), $this->event('contact', ['stint' => $mine, 'contact' => $fish, 'contact_kind' => 'caught'])]);
        $tess = $this->aboard('Tess');
        $this->as($tess)->log($this->day, [$own = $this->stint($his)])->assertOk();
        $refused = $this->as($tess)->log($this->day, [
            $this->event('casts', ['stint' => $mine, 'count' => 3]), $this->event('contact', ['stint' => $mine, 'contact' => (string) Str::uuid(), 'contact_kind' => 'lost']),
            $this->event('detail', ['contact' => $fish, 'fields' => ['length' => 20], 'units' => 'us']), $this->event('remove', ['contact' => $fish]),
            $this->event('undo', ['target' => $first['id']]), $this->event('manner', ['goal' => 'big_fish']), $this->event('pick', ['spot' => 'Elsewhere']),
        ]);
        self::assertSame(array_fill(0, 7, 'refused'), array_column($refused->json('events'), 'became'));
        self::assertSame([0, null], [Stint::query()->findOrFail($mine)->cast_count, Contact::query()->findOrFail($fish)->length_in]);
        // He may take back what is his, and is shown no more than that.
        self::assertSame([$own['id']], array_column($this->as($tess)->log($this->day, [])->json('state.undo'), 'id'));
        $this->as($this->wren)->log($this->day, [$this->event('casts', ['stint' => $his, 'count' => 2])])->assertJsonPath('events.0.became', 'taken');
        self::assertNotContains($own['id'], array_column($this->log($this->day, [])->json('state.undo'), 'id'));
    }

    /** Both phones were without signal; their entries come in any order, some twice. */
    public function test_two_phones_agree_and_every_cast_counts_once(): void
    {
        $tess = $this->aboard('Tess');
        [$a, $b] = [(string) Str::uuid(), (string) Str::uuid()];
        $wrens = [$this->stint($a, 'Wall'), ...array_map(fn (): array => $this->event('casts', ['stint' => $a, 'count' => 1]), range(1, 20))];
        $tesss = [$this->stint($b, 'Wall', 'tube'), ...array_map(fn (): array => $this->event('casts', ['stint' => $b, 'count' => 1]), range(1, 30))];
        foreach ([[$tess, array_slice($tesss, 0, 12)], [$this->wren, $wrens], [$tess, $tesss], [$this->wren, array_slice($wrens, 5)], [$tess, $tesss]] as [$who, $sent]) {
            $this->as($who)->log($this->day, $sent)->assertOk();
        }
        $seen = array_map(fn (User $who): array => array_column($this->as($who)->log($this->day, [])->json('state.stints'), 'casts', 'angler'), [$this->wren, $tess]);
        self::assertEquals([['' => 20, 'Tess' => 30], ['' => 20, 'Tess' => 30]], $seen);
    }

    public function test_a_guest_sets_and_strikes_the_lines_of_the_boat(): void
    {
        $line = ['line' => 'port_inside', 'side' => 'port', 'station' => 'inside', 'carrier' => 'board', 'let_out_ft' => 130, 'lure' => 'trolling_spoon', 'color' => 'silver', 'depth_ft' => 12, 'retrieve' => 'troll_steady', 'spot' => 'Long point'];
        $set = fn (string $stint): array => $this->event('tow', ['stint' => $stint] + $line);
        [$one, $two] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->actingAs($this->wren)->log($this->day, [$set($one)]);
        $tess = $this->aboard('Tess');
        foreach ([
            $this->event('contact', ['stint' => $one, 'contact' => (string) Str::uuid(), 'contact_kind' => 'missed']), $this->event('lift', ['stint' => $one]), $set($two),
        ] as $entry) {
            self::assertSame('taken', $this->as($tess)->log($this->day, [$entry])->json('events.0.became'));
        }
        self::assertSame([true, false], [Stint::query()->find($one)?->lifted_at !== null, Stint::query()->find($two)?->lifted_at !== null]);
        // Home he takes the lines that he set or struck, and of their fish what he struck.
        $this->as($this->wren)->log($this->day, [
            $this->event('contact', ['stint' => $one, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']), $set($three = (string) Str::uuid()),
        ]);
        $this->as($tess)->post(route('crew.keep', $this->day))->assertRedirect();
        $copy = $tess->trips()->sole();
        self::assertSame(['port_inside', 'port_inside'], $copy->stints()->pluck('line')->all());
        self::assertSame(['missed'], $copy->contacts()->pluck('kind')->all());
        self::assertNotNull(Stint::query()->find($three));
    }

    public function test_a_device_whose_ground_is_old_is_told_of_a_new_guest(): void
    {
        $this->actingAs($this->wren);
        $ground = $this->log($this->day, [])->json('state.ground');
        self::assertNotNull($this->postJson(route('log', $this->day), ['events' => [], 'ground' => $ground])->json('after'));
        $this->aboard('Tess');
        $state = $this->as($this->wren)->postJson(route('log', $this->day), ['events' => [], 'ground' => $ground])->json('state');
        self::assertSame(['Wren', 'Tess'], $state['aboard']);
        self::assertSame('Tess plays it.', $state['hands']['Tess'][0]);
    }

    public function test_each_has_a_bag_and_the_boat_has_one(): void
    {
        $tess = $this->aboard('Tess');
        foreach ([[$this->wren, 18], [$tess, 20]] as [$who, $length]) {
            [$stint, $fish] = [(string) Str::uuid(), (string) Str::uuid()];
            $this->as($who)->log($this->day, [
                $this->stint($stint), $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
                $this->event('detail', ['contact' => $fish, 'fields' => ['length' => $length], 'units' => 'us']),
            ])->assertOk();
        }
        $lines = $this->log($this->day, [])->json('state.bag');
        self::assertCount(1, preg_grep('/^2 of 5: /', $lines) ?: []);
        self::assertCount(2, preg_grep('/^(Wren|Tess): 1, \d/', $lines) ?: []);
    }

    public function test_they_are_compared_over_the_water_they_shared(): void
    {
        $tess = $this->aboard('Tess');
        foreach ([[$this->wren, 'spinnerbait'], [$tess, 'tube']] as [$who, $lure]) {
            $stint = (string) Str::uuid();
            $this->as($who)->log($this->day, [$this->stint($stint, 'Wall', $lure), $this->event('casts', ['stint' => $stint, 'count' => 15])])->assertOk();
        }
        foreach ([$this->wren, $tess] as $who) {
            $this->as($who)->get(route('crew', $this->day))->assertOk()->assertSee('Too few casts')->assertSee('Wall 08:00')->assertSee('Begin apart');
        }
    }

    public function test_a_guest_without_an_account_makes_it_one(): void
    {
        $this->post(route('join.try'), ['code' => $this->code(), 'name' => 'Tess'])->assertRedirect();
        $this->get(route('account'))->assertOk()->assertSee('Make it an account');
        $this->put(route('account.become'), ['name' => 'Tess', 'email' => 'wren@old-eddy.example', 'password' => 'quiet-water-9'])->assertSessionHasErrors('email');
        $this->put(route('account.become'), ['name' => 'Tess', 'email' => 'tess@old-eddy.example', 'password' => 'quiet-water-9'])->assertRedirect(route('account'));
        $tess = User::query()->where('email', 'tess@old-eddy.example')->sole();
        self::assertSame([false, null], [$tess->guest, $tess->ends_at]);
        $this->put(route('account.become'), ['name' => 'X', 'email' => 'x@old-eddy.example', 'password' => 'quiet-water-9'])->assertForbidden();
    }

    public function test_what_a_guests_device_sends_askew_is_answered_and_changes_no_name(): void
    {
        $stint = (string) Str::uuid();
        $this->as($this->aboard('Tess'))->log($this->day, [$this->stint($stint)])->assertOk();
        foreach (['was' => 'askew', 'fields' => 'askew'] as $field => $askew) {
            $this->log($this->day, [[$field => $askew] + $this->event('amend', ['stint' => $stint, 'fields' => ['angler' => 'Wren', 'light' => 'shade'], 'was' => [], 'units' => 'us'])])->assertOk();
        }
        self::assertSame('Tess', Stint::query()->findOrFail($stint)->angler);
    }

    public function test_who_never_made_it_an_account_is_forgotten_when_his_time_is_over(): void
    {
        $this->post(route('join.try'), ['code' => $code = $this->code(), 'name' => 'Tess'])->assertRedirect();
        $tess = User::query()->where('guest', true)->sole();
        User::query()->whereKey($tess->id)->update(['ends_at' => now()->subMinute()]);
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        $this->post(route('join.try'), ['code' => $code, 'name' => 'Ash'])->assertRedirect(route('fish', $this->day));
        self::assertSame(['Ash'], User::query()->where('guest', true)->pluck('name')->all());
        self::assertSame(['Wren', 'Ash'], $this->day->refresh()->aboard());
    }

    public function test_when_a_guests_account_ends_his_casts_stay_under_his_name(): void
    {
        $tess = $this->aboard('Tess');
        $stint = (string) Str::uuid();
        $this->as($tess)->log($this->day, [$this->stint($stint)])->assertOk();
        $tess->delete();
        self::assertSame(['Tess', null], [Stint::query()->findOrFail($stint)->angler, Stint::query()->findOrFail($stint)->user_id]);
        $this->as($this->wren)->get(route('fish', $this->day))->assertOk();
    }

    public function test_a_guest_keeps_a_copy_of_what_he_logged_and_of_nothing_else(): void
    {
        $this->day->update(['conditions' => ['lat' => 36.9, 'lon' => -80.1, 'water' => ['temp_f' => 60]] + $this->day->conditions]);
        $tess = $this->aboard('Tess');
        foreach ([[$this->wren, 9], [$tess, 4]] as [$who, $casts]) {
            $stint = (string) Str::uuid();
            $this->as($who)->log($this->day, [
                $this->stint($stint), $this->event('casts', ['stint' => $stint, 'count' => $casts]), $this->event('contact', ['stint' => $stint, 'contact' => (string) Str::uuid(), 'contact_kind' => 'caught']),
            ])->assertOk();
        }
        foreach ([1, 2] as $time) {
            $this->as($tess)->post(route('crew.keep', $this->day))->assertRedirect();
            $own = $tess->trips()->sole();
            self::assertSame([4, 1, 60, false], [$own->stints()->sole()->cast_count, $own->contacts()->count(), $own->conditions['water']['temp_f'], isset($own->conditions['lat'])], "time {$time}");
        }
        $this->get(route('look-back.day', $own))->assertOk();
        self::assertSame(2, $this->day->stints()->count());
        $this->as($this->wren)->post(route('crew.keep', $this->day))->assertNotFound();
    }

    public function test_the_owner_sends_somebody_ashore(): void
    {
        $tess = $this->aboard('Tess');
        $this->as($this->wren)->delete(route('crew.ashore', [$this->day, $this->day->guests()->sole()->id]))->assertRedirect(route('crew', $this->day));
        $this->as($tess)->log($this->day, [$this->stint((string) Str::uuid())])->assertNotFound();
    }

    private function code(): string
    {
        $this->actingAs($this->wren)->post(route('crew.ask', $this->day))->assertRedirect(route('crew', $this->day));
        $this->get(route('crew', $this->day))->assertOk()->assertSee('data-link', false);
        $this->post(route('sign-out'));
        $this->app['auth']->forgetGuards();

        return (string) $this->day->refresh()->join_code;
    }

    private function aboard(string $name): User
    {
        $code = $this->code();
        $who = User::query()->create(['name' => $name, 'email' => strtolower($name).'@old-eddy.example', 'password' => 'long-enough'])->refresh();
        $this->as($who)->post(route('join.try'), ['code' => $code, 'name' => $name])->assertRedirect(route('fish', $this->day));

        return $who->refresh();
    }

    private function as(User $who): self
    {
        $this->app['auth']->forgetGuards();

        return $this->actingAs($who->refresh());
    }
}
