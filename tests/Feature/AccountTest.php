<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;

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

    public function test_look_around_with_the_demo(): void
    {
        $this->seed(DatabaseSeeder::class);
        $days = User::query()->firstOrFail()->trips()->count();
        $this->seed(DatabaseSeeder::class);
        self::assertSame($days, User::query()->firstOrFail()->trips()->count(), 'the demo is loaded once');
        self::assertGreaterThan(30, $days, 'two seasons');
        $this->post('/look-around')->assertRedirect('/days');
        $this->get('/days')->assertOk()->assertSee('Ladle Creek arm')->assertSee('Under way');
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
}
