<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Trip;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Anglers, days and logs to test with, on a real database. */
abstract class WaterTestCase extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    protected function angler(string $email = 'wren@old-eddy.example'): User
    {
        return User::query()->create(['name' => 'Wren', 'email' => $email, 'password' => 'long-enough']);
    }

    /** @param  array<string, mixed>  $conditions */
    protected function trip(User $angler, array $conditions = []): Trip
    {
        return $angler->trips()->create(['name' => 'A day', 'conditions' => $conditions + ['species' => 'largemouth_bass', 'date' => '2026-04-20']]);
    }

    /** A day on which this angler tows lines for walleye in clear water. */
    protected function trolled(User $angler): Trip
    {
        return $this->trip($angler, ['species' => 'walleye', 'mode' => 'troll', 'water' => ['visibility_ft' => 12]]);
    }

    /** @return array<string, mixed> */
    protected function event(string $kind, array $more = []): array
    {
        return $more + ['id' => (string) Str::uuid(), 'kind' => $kind, 'at' => '2026-04-20T08:00:00'];
    }

    /** @return array<string, mixed> */
    protected function stint(string $id, string $spot = 'Spot 1', string $lure = 'spinnerbait'): array
    {
        return $this->event('stint', ['stint' => $id, 'spot' => $spot, 'lure' => $lure, 'color' => 'bright', 'depth_ft' => 3, 'retrieve' => 'medium']);
    }

    /** @param  list<array<string, mixed>>  $events */
    protected function log(Trip $trip, array $events): TestResponse
    {
        return $this->postJson(route('log', $trip), ['events' => $events]);
    }
}
