<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Day\FieldSheet;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** What nobody's form sends: wrong types, broken text, huge numbers, foreign names of hosts. Each is answered in words. */
final class HardInputTest extends WaterTestCase
{
    /** @return iterable<string, array{mixed}> */
    public static function oddities(): iterable
    {
        yield 'a list' => [['x']];
        yield 'a list in a list' => [[['x']]];
        yield 'a map' => [['a' => 1]];
        yield 'a huge number' => ['1e999'];
        yield 'many digits' => [str_repeat('9', 400)];
        yield 'true' => [true];
        yield 'a long word' => [str_repeat('x', 5000)];
        yield 'nothing but spaces' => ['   '];
        yield 'less than nothing' => [-1e300];
        yield 'markup' => ['<script>alert(1)</script>'];
    }

    #[DataProvider('oddities')]
    public function test_no_field_of_a_day_breaks_it(mixed $value): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        foreach (FieldSheet::groups() as $fields) {
            foreach ($fields as $field) {
                $answer = $this->patchJson(route('conditions.change', $trip), ['field' => $field->path, 'value' => $value]);
                self::assertContains($answer->getStatusCode(), [200, 422], "{$field->path}: {$answer->getContent()}");
            }
        }
        $this->patchJson(route('conditions.change', $trip), ['field' => $value, 'value' => 1])->assertStatus(422);
        foreach (['read', 'choose', 'fish', 'confirm'] as $page) {
            $this->get(route($page, $trip))->assertOk();
        }
    }

    #[DataProvider('oddities')]
    public function test_no_form_breaks_whatever_is_sent_to_it(mixed $value): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $lake = $wren->lakes()->create(['name' => 'Test pond']);
        $spot = $lake->spots()->create(['name' => 'Wall', 'lat' => 36.9, 'lon' => -80.1]);
        $trip->update(['lake_id' => $lake->id]);
        $fields = [
            'name', 'email', 'password', 'date', 'timezone', 'ask', 'units', 'schools', 'back', 'lake', 'spot', 'minute', 'from', 'to', 'minutes',
            'speed', 'wish', 'start', 'fuel_per_hour', 'lat', 'lon', 'structure', 'cover', 'bottom', 'shallow_ft', 'deep_ft', 'dock', 'id', 'feature',
            'do', 'spots', 'sections', 'kind', 'fields', 'was', 'at', 'stint', 'contact', 'target', 'take', 'seed', 'recording', 'file', 'cell',
            'then', 'unit', 'columns', 'events', 'more', 'q', 'page', 'lure', 'angle', 'rod_tip', 'cast_ft',
            'ask', 'color', 'color_name', 'weight_oz', 'length_in', 'rated_ft', 'hook', 'number', 'skirt', 'treble', 'paint', 'cleaned_on', 'sharpened_on', 'items', 'what',
            'notes', 'positions', 'hours', 'bag', 'least', 'year', 'species', 'stage', 'place', 'words', 'by', 'from', 'part',
        ];
        $item = $wren->items()->create(['lure' => 'tube']);
        foreach (Route::getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                // Signing out would end the round.
                if ($route->getName() === null || in_array($route->getName(), ['sign-out', 'bare'], true) || str_starts_with($route->uri(), '_')) {
                    continue;
                }
                $uri = '/'.str_replace(
                    ['{trip}', '{lake}', '{spot}', '{layer}', '{dispute}', '{form}', '{lure}', '{id}', '{item}', '{token}', '{device}'],
                    [(string) $trip->id, (string) $lake->id, (string) $spot->id, '1', '1', 'gpx', 'spinnerbait', 'W1', (string) $item->id, str_repeat('a', 40), '1'],
                    $route->uri(),
                );
                $answer = $this->call($method, $uri, array_fill_keys($fields, $value));
                self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$uri}: ".mb_substr((string) $answer->getContent(), 0, 400));
                // What was sent comes back into a form, and the form can be drawn.
                if ($answer->isRedirect() && session()->has('errors')) {
                    foreach ([route('lake', $lake), route('where', $trip), route('days'), route('settings'), route('box'), route('look-back'), route('look-back.day', $trip)] as $page) {
                        session()->flashInput(session()->getOldInput());
                        self::assertLessThan(500, $this->get($page)->getStatusCode(), "{$page} after {$uri}");
                    }
                }
                $item = $wren->items()->first() ?? $wren->items()->create(['lure' => 'tube']);
                $lake = $wren->lakes()->first() ?? $lake;
                if ($lake->spots()->whereKey($spot->id)->doesntExist()) {
                    $spot = $lake->spots()->create(['name' => 'Wall '.Str::random(5), 'lat' => 36.9, 'lon' => -80.1]);
                }
            }
        }
    }

    public function test_broken_text_is_refused_by_the_name_of_its_field(): void
    {
        $this->actingAs($wren = $this->angler());
        foreach (["bad \xB1\x31", "with \x00 in it", "bell \x07"] as $text) {
            $this->from(route('lakes'))->post(route('lakes.open'), ['name' => $text])->assertRedirect(route('lakes'))->assertSessionHasErrors('name');
            $this->get(route('lakes'))->assertOk();
            $this->get(route('lakes', ['q' => $text]))->assertRedirect();
        }
        self::assertSame(0, $wren->lakes()->count());
        $this->from('/days')->post('/days', ['name' => "two\nlines"])->assertSessionDoesntHaveErrors('name');
    }

    /** One bad entry once held up all that came with it. */
    public function test_one_bad_entry_holds_up_no_other(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $stint = (string) Str::uuid();
        $fish = (string) Str::uuid();
        $bad = [
            $this->event('casts', ['stint' => ['a'], 'count' => 1]), $this->event('casts', ['stint' => $stint, 'count' => [1]]), $this->event(
                'contact',
                ['stint' => $stint, 'contact' => ['x'], 'contact_kind' => 'caught'],
            ),
            $this->event('turn', ['what' => 'light', 'contact' => ['x']]), $this->event('undo', ['target' => ['x']]), $this->event(
                'undo',
                ['target' => $stint, 'stint' => 'no id', 'count' => 'many'],
            ),
            $this->event('detail', ['contact' => $fish, 'fields' => ['length' => ['x']]]), $this->event(
                'detail',
                ['contact' => $fish, 'fields' => ['length' => 12], 'was' => ['length' => ['x']]],
            ),
            $this->event('amend', ['stint' => $stint, 'fields' => 'x']), $this->event('turn', ['what' => ['light']]), [
                'id' => ['x'],
                'kind' => ['y'],
                'at' => ['z'],
            ], $this->event('turn', ['what' => 'light', 'at' => ['z']]), ['x'], 7, null,
            ['id' => 'no uuid'] + $this->event('turn', ['what' => 'light']),
        ];
        $events = [
            $this->stint($stint),
            $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'caught']),
            ...$bad,
            $this->event('casts', ['stint' => $stint, 'count' => 3]),
        ];
        $answer = $this->log($trip, $events)->assertOk();
        self::assertSame(['taken', 'taken', ...array_fill(0, count($bad), 'refused'), 'taken'], array_column($answer->json('events'), 'became'));
        foreach ($answer->json('events') as $one) {
            self::assertSame($one['became'] === 'refused', $one['message'] !== null);
        }
        self::assertSame(3, $trip->stints()->sole()->cast_count);
        self::assertSame(1, $trip->contacts()->count());
    }

    /** An id that is in use elsewhere was once answered "taken" with nothing written. */
    public function test_an_id_of_another_day_is_refused_and_said(): void
    {
        $this->actingAs($wren = $this->angler());
        [$first, $second] = [$this->trip($wren), $this->trip($wren)];
        [$stint, $other, $fish] = [(string) Str::uuid(), (string) Str::uuid(), (string) Str::uuid()];
        $begin = $this->stint($stint);
        $this->log($first, [$begin, $this->event('contact', ['stint' => $stint, 'contact' => $fish, 'contact_kind' => 'bump'])])->assertOk();
        $answer = $this->log($second, [
            ['stint' => $other] + $begin, $this->stint($stint), $this->stint($other), $this->event(
                'contact',
                ['stint' => $other, 'contact' => $fish, 'contact_kind' => 'bump'],
            ),
        ])->assertOk();
        self::assertSame(['refused', 'refused', 'taken', 'refused'], array_column($answer->json('events'), 'became'));
        self::assertStringContainsString('another day', $answer->json('events.0.message'));
        self::assertSame([1, 0], [$second->stints()->count(), $second->contacts()->count()]);
        // What was refused can be sent again under an id of its own.
        $this->log(
            $second,
            [$this->event('contact', ['stint' => $other, 'contact' => (string) Str::uuid(), 'contact_kind' => 'bump'])],
        )->assertJsonPath('events.0.became', 'taken');
    }

    public function test_a_host_that_is_not_ours_is_not_written_into_a_page(): void
    {
        config(['app.env' => 'production']);
        $this->app['env'] = 'production';
        $answer = $this->get('http://evil.example/', ['Host' => 'evil.example']);
        self::assertContains($answer->getStatusCode(), [400, 404]);
        self::assertStringNotContainsString('evil.example', (string) $answer->getContent());
        $this->get('/')->assertOk();
    }

    public function test_every_answer_carries_the_same_protections(): void
    {
        foreach (['/', '/nothing-here', '/up', '/service-worker.js', '/days'] as $page) {
            $answer = $this->get($page);
            foreach (['Content-Security-Policy', 'X-Content-Type-Options', 'Referrer-Policy'] as $header) {
                self::assertTrue($answer->headers->has($header), "{$page}: {$header}");
            }
        }
        $this->actingAs($wren = $this->angler());
        $page = $this->get('/days')->assertOk();
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'), 'nothing for the back button');
        self::assertSame((string) $wren->id, $page->headers->get('X-Angler'));
    }

    public function test_health_looks_at_database_and_storage(): void
    {
        $this->get('/up')->assertOk()->assertSee('up');
        $whole = storage_path();
        $this->app->useStoragePath('/nowhere');
        $this->get('/up')->assertStatus(503)->assertSee('down');
        $this->app->useStoragePath($whole);
        config(['database.connections.mariadb.unix_socket' => '/nowhere.sock']);
        $kept = $this->app['db']->connection();
        $this->app['db']->extend('mariadb', static fn () => throw new \RuntimeException('gone'));
        $this->app['db']->purge('mariadb');
        $this->get('/up')->assertStatus(503);
        $this->app['db']->forgetExtension('mariadb');
        (fn () => $this->connections['mariadb'] = $kept)->call($this->app['db']);
    }

    public function test_too_much_is_answered_in_a_sentence(): void
    {
        $this->actingAs($wren = $this->angler());
        $lake = $wren->lakes()->create(['name' => 'Test pond']);
        $this->post(route('lake.take', $lake), [], ['CONTENT_LENGTH' => 200 * 1024 * 1024])->assertStatus(413)->assertSee('eddy:import');
        $this->post(route('archive.take'), [], ['CONTENT_LENGTH' => 200 * 1024 * 1024])->assertStatus(413)->assertSee('eddy:archive');
        $this->post('/days', [], ['CONTENT_LENGTH' => 1024 * 1024])->assertStatus(413)->assertSee('512 KB');
        $this->post(route('lake.take', $lake), ['file' => UploadedFile::fake()->create('x.csv', 40_000)])->assertSessionHasErrors('file');
    }

    public function test_passwords_that_everybody_tries_first_are_refused(): void
    {
        $try = fn (string $password): mixed => $this->post(
            '/register',
            ['name' => 'Marlo Reed', 'email' => 'marlo.reed@old-eddy.example', 'password' => $password],
        );
        foreach ([
            'password123', 'Passw0rd!!', '12345678', 'abcdefgh', 'aaaaaaaa', 'abababab', 'qwerty2026', 'marlo.reed', 'Marlo Reed', 'short',
            str_repeat('wörter ', 11), "nul\0in the middle",
        ] as $password) {
            $try($password)->assertSessionHasErrors('password');
        }
        self::assertSame(0, User::query()->count());
        $try('four slow quiet ponds')->assertSessionHasNoErrors();
        self::assertSame(1, User::query()->count());
    }

    public function test_one_sender_cannot_try_many_addresses(): void
    {
        for ($i = 0; $i < 30; $i++) {
            $this->postJson('/sign-in', ['email' => "a{$i}@old-eddy.example", 'password' => 'wrong-word'])->assertStatus(422);
        }
        $this->postJson('/sign-in', ['email' => 'fresh@old-eddy.example', 'password' => 'wrong-word'])->assertStatus(429);
    }
}
